package morphotera.app.follow;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import morphotera.app.land.Field;
import morphotera.app.land.Zone;
import morphotera.app.measure.Reading;
import morphotera.app.measure.TakenReadings;
import morphotera.app.read.Scores;
import morphotera.decide.Facts;
import morphotera.follow.promises.Promise;
import morphotera.measure.Group;
import morphotera.read.FieldScores;

/** What a zone's readings of one visit say of the measures that forecasts are made of, and of what they take. */
public final class Measured {
    static final String CARBON = "laboratory.organicCarbon";

    private static final List<String> MEASURES = List.of(Promise.TOPSOIL_PH, Promise.SALT, CARBON);
    /** A judged spot may be out by so many points; the mean of several by less. */
    private static final double SCORE_SPREAD = 8;

    private Measured() {}

    public static Map<String, Promise.Read> of(Field field, Zone zone, List<Reading> ofVisit) {
        Map<String, Promise.Read> found = new HashMap<>();
        List<Reading> here = Scores.standing(field, zone, ofVisit);
        if (here.isEmpty()) {
            return found;
        }
        long day = here.get(0).visitDay().toEpochDay();
        Facts facts = new Facts(
                new Facts.Asked(day, field.use(), field.crop(), false, List.of(), null),
                TakenReadings.of(here),
                Map.of());
        for (String measure : MEASURES) {
            facts.best(measure).ifPresent(best -> {
                int spots = Math.max(1, best.readings().size());
                double spread = best.spread() == null ? 0 : best.spread() / Math.sqrt(spots);
                found.put(measure, new Promise.Read(best.value(), spread));
            });
        }
        FieldScores scores = Scores.of(field, zone, ofVisit);
        scores.groups().stream()
                .filter(one -> one.group() == Group.STRUCTURE)
                .forEach(one -> found.put(
                        Promise.STRUCTURE,
                        new Promise.Read(
                                one.score(),
                                SCORE_SPREAD
                                        / Math.sqrt(Math.max(1, scores.soil().spotsPerMethod())))));
        return found;
    }
}
