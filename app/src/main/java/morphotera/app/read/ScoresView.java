package morphotera.app.read;

import java.util.List;
import morphotera.app.tables.Yardsticks;
import morphotera.ground.Nullable;
import morphotera.read.FieldScores;
import morphotera.read.MethodScore;

/** A zone's scores with the yardstick that made them. */
record ScoresView(
        List<MethodScore> methods,
        List<FieldScores.GroupScore> groups,
        FieldScores.Soil soil,
        @Nullable Double plants,
        @Nullable Double difference,
        @Nullable FieldScores.Balance balance,
        @Nullable Yardsticks.Named yardstick) {
    static ScoresView of(FieldScores scores, @Nullable Yardsticks.Named yardstick) {
        return new ScoresView(
                scores.methods(),
                scores.groups(),
                scores.soil(),
                scores.plants(),
                scores.difference(),
                scores.balance(),
                yardstick);
    }
}
