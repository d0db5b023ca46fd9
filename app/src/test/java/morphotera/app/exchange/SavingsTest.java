package morphotera.app.exchange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.time.Duration;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.CountDownLatch;
import morphotera.app.api.NotFound;
import morphotera.app.people.Role;
import morphotera.app.people.Viewer;
import morphotera.ground.Refused;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

class SavingsTest {
    private final Imports imports = mock(Imports.class);
    private final Savings savings = new Savings(imports, Duration.ofMillis(300));
    private final UUID id = UUID.randomUUID();
    private final Viewer viewer = new Viewer(UUID.randomUUID(), UUID.randomUUID(), Role.OWNER, null);
    private final CountDownLatch goOn = new CountDownLatch(1);

    @AfterEach
    void end() {
        savings.end();
    }

    private Imports.Look saved(Sifted sifted) {
        return new Imports.Look(id, "readings", Imports.SAVED, sifted);
    }

    /** A thousand rows, then as many as are wanted once it may go on. */
    private void aLargeFile(int rest) {
        when(imports.kind(viewer, id)).thenReturn("readings");
        when(imports.save(any(), any(), any())).thenAnswer(call -> saved(count(call.getArgument(2), rest)));
        when(imports.receive(any(), any(), any(), any(), any(), any()))
                .thenAnswer(
                        call -> new Imports.Look(id, "readings", Imports.LOOKED_AT, count(call.getArgument(5), rest)));
    }

    private Sifted count(Sifted sifted, int rest) throws InterruptedException {
        for (int row = 0; row < 1000; row++) {
            sifted.add(Map.of());
        }
        goOn.await();
        for (int row = 0; row < rest; row++) {
            sifted.add(Map.of());
        }
        return sifted;
    }

    /** It comes to its next row only after the stop was asked for. */
    private void goOnOnceStopped() {
        new Thread(() -> {
                    while (savings.look(viewer, id) != null) {
                        Thread.onSpinWait();
                    }
                    goOn.countDown();
                })
                .start();
    }

    private Imports.Look brought() {
        return savings.receive(viewer, id, "readings", null, null);
    }

    @Test
    void what_a_small_file_holds_is_its_answer() {
        goOn.countDown();
        aLargeFile(0);
        assertThat(brought().state()).isEqualTo("looked-at");
        assertThat(savings.confirm(viewer, id).state()).isEqualTo("saved");
    }

    @Test
    void a_large_one_says_how_far_it_is_looked_at_and_is_saved_only_after() {
        aLargeFile(500);
        assertThat(brought().state()).isEqualTo("looking");
        assertThat(savings.look(viewer, id).sifted().rows()).isEqualTo(1000);
        assertThat(savings.confirm(viewer, id).state()).isEqualTo("looking");
        verify(imports, never()).save(any(), any(), any());
        goOn.countDown();
        Imports.Look look = savings.look(viewer, id);
        while (look.state().equals("looking")) {
            Thread.onSpinWait();
            look = savings.look(viewer, id);
        }
        assertThat(look.sifted().rows()).isEqualTo(1500);
        assertThat(savings.confirm(viewer, id).state()).isEqualTo("saved");
    }

    @Test
    void stopped_while_it_is_looked_at_nothing_of_it_is_left_to_drop() {
        aLargeFile(1_000_000);
        assertThat(brought().state()).isEqualTo("looking");
        goOnOnceStopped();
        savings.drop(viewer, id);
        verify(imports, never()).drop(viewer, id);
    }

    @Test
    void one_that_is_looked_at_is_nobody_elses() {
        aLargeFile(0);
        brought();
        Viewer elsewhere = new Viewer(UUID.randomUUID(), UUID.randomUUID(), Role.OWNER, null);
        when(imports.kind(elsewhere, id)).thenThrow(new NotFound("import", id));
        assertThatThrownBy(() -> savings.look(elsewhere, id)).isInstanceOf(NotFound.class);
        assertThatThrownBy(() -> savings.drop(elsewhere, id)).isInstanceOf(NotFound.class);
    }

    @Test
    void a_small_file_is_saved_when_its_answer_comes() {
        goOn.countDown();
        aLargeFile(0);
        Imports.Look look = savings.confirm(viewer, id);
        assertThat(look.state()).isEqualTo("saved");
        assertThat(look.sifted().rows()).isEqualTo(1000);
    }

    @Test
    void a_large_one_says_how_far_it_is_and_is_saved_once_however_often_it_is_confirmed() {
        aLargeFile(500);
        assertThat(savings.confirm(viewer, id).state()).isEqualTo("saving");
        assertThat(savings.look(viewer, id).sifted().rows()).isEqualTo(1000);
        goOn.countDown();
        Imports.Look look = savings.confirm(viewer, id);
        assertThat(look.state()).isEqualTo("saved");
        assertThat(look.sifted().rows()).isEqualTo(1500);
        verify(imports, times(1)).save(any(), any(), any());
    }

    @Test
    void stopped_it_ends_at_its_next_row_and_the_file_goes() {
        aLargeFile(1_000_000);
        assertThat(savings.confirm(viewer, id).state()).isEqualTo("saving");
        goOnOnceStopped();
        savings.drop(viewer, id);
        verify(imports).drop(viewer, id);
    }

    @Test
    void what_was_saved_before_the_stop_stays_and_says_so() {
        aLargeFile(0);
        assertThat(savings.confirm(viewer, id).state()).isEqualTo("saving");
        goOn.countDown();
        assertThatThrownBy(() -> savings.drop(viewer, id))
                .isInstanceOfSatisfying(
                        Refused.class,
                        refused -> assertThat(refused.refusals().get(0).code()).isEqualTo("too-late"));
    }
}
