package morphotera.app.scout;

import java.util.function.Function;
import java.util.function.Supplier;
import morphotera.scout.runsheet.Outing;
import morphotera.scout.runsheet.RunSheet;
import org.springframework.stereotype.Component;
import org.springframework.util.ConcurrentLruCache;
import org.springframework.util.function.SingletonSupplier;

/** Run sheets asked for lately: the bag is counted on the sheet that is shown, and both ask for it at once. */
@Component
class Sheets {
    private static final int LATELY = 32;

    private final ConcurrentLruCache<Outing, Supplier<RunSheet>> lately;

    Sheets() {
        this(RunSheet::plan);
    }

    Sheets(Function<Outing, RunSheet> plan) {
        lately = new ConcurrentLruCache<>(LATELY, outing -> SingletonSupplier.of(() -> plan.apply(outing)));
    }

    RunSheet of(Outing outing) {
        return lately.get(outing).get();
    }
}
