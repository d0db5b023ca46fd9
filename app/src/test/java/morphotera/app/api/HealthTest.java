package morphotera.app.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import org.junit.jupiter.api.Test;
import org.springframework.boot.availability.ApplicationAvailability;
import org.springframework.boot.availability.ReadinessState;

class HealthTest {
    private final ApplicationAvailability start = mock(ApplicationAvailability.class);
    private final Health health = new Health(mock(HealthMapper.class), start);

    @Test
    void not_ready_while_the_start_still_lays_out_what_it_begins_with() {
        when(start.getReadinessState()).thenReturn(ReadinessState.REFUSING_TRAFFIC);
        assertThat(health.health().getStatusCode().value()).isEqualTo(503);
        assertThat(health.health().getHeaders().getFirst("Retry-After")).isEqualTo("1");
    }

    @Test
    void ready_when_all_of_it_is_there() {
        when(start.getReadinessState()).thenReturn(ReadinessState.ACCEPTING_TRAFFIC);
        assertThat(health.health().getStatusCode().value()).isEqualTo(200);
    }
}
