package morphotera.app.tables;

import java.util.Map;
import morphotera.ground.Coded;
import morphotera.read.School;
import morphotera.read.Yardstick;

/** The yardstick a field is scored with: the plain curves with the field's school. */
public record Yardsticks(Map<School, Yardstick> bySchool) {
    public Yardstick of(String school) {
        return bySchool.get(Coded.of(School.values(), school));
    }
}
