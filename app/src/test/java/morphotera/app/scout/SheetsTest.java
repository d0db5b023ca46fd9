package morphotera.app.scout;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CountDownLatch;
import morphotera.ground.TextureGroup;
import morphotera.measure.methods.Methods;
import morphotera.scout.runsheet.Outing;
import morphotera.scout.runsheet.RunSheet;
import org.junit.jupiter.api.Test;

class SheetsTest {
    private final List<Outing> planned = new ArrayList<>();

    private static Outing smelledAt(double lat) {
        Outing.Test smell =
                Outing.Test.of("a", Methods.find("smell").orElseThrow().description());
        Outing.Spot spot = new Outing.Spot("a", new Outing.Place(lat, -29.1));
        return new Outing(1, TextureGroup.MEDIUM, null, List.of(spot), List.of(smell), 1.2, 45, null);
    }

    private RunSheet plan(Outing outing) {
        planned.add(outing);
        return RunSheet.plan(outing);
    }

    @Test
    void a_visit_asked_for_again_is_not_planned_again() {
        Sheets sheets = new Sheets(this::plan);
        RunSheet first = sheets.of(smelledAt(47.6));
        assertThat(sheets.of(smelledAt(47.6))).isSameAs(first);
        sheets.of(smelledAt(47.7));
        assertThat(planned).containsExactly(smelledAt(47.6), smelledAt(47.7));
    }

    @Test
    void sheet_and_bag_asked_for_at_once_are_planned_once() throws Exception {
        CountDownLatch begun = new CountDownLatch(1);
        CountDownLatch goOn = new CountDownLatch(1);
        Sheets sheets = new Sheets(outing -> {
            begun.countDown();
            waitFor(goOn);
            return plan(outing);
        });
        CompletableFuture<RunSheet> sheet = CompletableFuture.supplyAsync(() -> sheets.of(smelledAt(47.6)));
        begun.await();
        CompletableFuture<RunSheet> bag = CompletableFuture.supplyAsync(() -> sheets.of(smelledAt(47.6)));
        goOn.countDown();
        assertThat(bag.get()).isSameAs(sheet.get());
        assertThat(planned).hasSize(1);
    }

    private static void waitFor(CountDownLatch latch) {
        try {
            latch.await();
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }
}
