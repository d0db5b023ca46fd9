package morphotera.app.scout;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import org.junit.jupiter.api.Test;

class RehearsalTest {
    @Test
    void plays_a_visit_with_every_one_of_its_tests_at_every_spot() {
        List<String> played = Rehearsal.play().steps().stream()
                .flatMap(step -> step.methods().stream().map(method -> step.spot() + " " + method))
                .sorted()
                .toList();

        assertEquals(
                List.of("infiltration-ring", "penetration", "percolation-hole", "ph", "slaking", "structure-spade"),
                played.stream()
                        .filter(test -> test.startsWith("0 "))
                        .map(test -> test.substring(2))
                        .distinct()
                        .toList());
        assertEquals(30, played.stream().distinct().count());
    }
}
