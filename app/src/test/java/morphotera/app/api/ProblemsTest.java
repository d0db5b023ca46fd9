package morphotera.app.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import java.sql.SQLException;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.function.Executable;
import org.springframework.jdbc.UncategorizedSQLException;

class ProblemsTest {
    private final Problems problems = new Problems();

    @Test
    void a_full_disk_is_not_the_fault_of_what_was_sent() {
        var answer = problems.noStorage(new UncategorizedSQLException(
                "commit", "insert", new SQLException("IO Exception: No space left on device")));
        assertThat(answer.getStatusCode().value()).isEqualTo(503);
        assertThat(answer.getBody().detail()).contains("disk may be full").doesNotContain("insert");
    }

    /** A port that finds nothing, and whose insert hits a row that is not ours to see. */
    @Test
    void an_id_that_belongs_to_somebody_else_is_not_found() {
        Finder finder = mock(Finder.class);
        when(finder.find()).thenReturn(Optional.empty());
        when(finder.insert()).thenReturn(0);
        assertThat(refusal(() -> put(finder, 0))).isInstanceOf(NotFound.class);
    }

    @Test
    void a_row_saved_by_a_retry_meanwhile_is_the_same_row() {
        Finder finder = mock(Finder.class);
        when(finder.find()).thenReturn(Optional.empty()).thenReturn(Optional.of("row"));
        when(finder.insert()).thenReturn(0);
        when(finder.same(any())).thenReturn(true);
        assertThat(put(finder, 0)).isEqualTo("row");
    }

    @Test
    void an_update_that_changes_nothing_is_stale() {
        Finder finder = mock(Finder.class);
        when(finder.find()).thenReturn(Optional.of("row"));
        when(finder.update()).thenReturn(0);
        assertThat(refusal(() -> put(finder, 3))).isInstanceOf(Stale.class).hasMessageContaining("version 3");
    }

    interface Finder {
        Optional<String> find();

        boolean same(String known);

        int insert();

        int update();
    }

    private static String put(Finder finder, int version) {
        return new Put<String>() {
            @Override
            protected Optional<String> find() {
                return finder.find();
            }

            @Override
            protected boolean same(String known) {
                return finder.same(known);
            }

            @Override
            protected void lock() {}

            @Override
            protected int insert() {
                return finder.insert();
            }

            @Override
            protected int update() {
                return finder.update();
            }
        }.put("row", UUID.randomUUID(), version);
    }

    private static Throwable refusal(Executable call) {
        try {
            call.execute();
            return null;
        } catch (Throwable thrown) {
            return thrown;
        }
    }
}
