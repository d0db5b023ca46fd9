package morphotera.app.decide;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import morphotera.app.follow.Intervention;
import morphotera.app.follow.InterventionMapper;
import morphotera.app.land.Field;
import morphotera.app.land.Land;
import morphotera.app.land.Zone;
import morphotera.app.measure.Reading;
import morphotera.app.measure.Readings;
import morphotera.app.measure.TakenReadings;
import morphotera.app.people.Viewer;
import morphotera.app.read.Scores;
import morphotera.app.scout.Visit;
import morphotera.app.scout.Visits;
import morphotera.decide.CauseTable;
import morphotera.decide.Causes;
import morphotera.decide.Facts;
import morphotera.decide.Judgement;
import morphotera.decide.Plan;
import morphotera.decide.remedies.Remedies;
import morphotera.ground.Coded;
import morphotera.ground.Nullable;
import morphotera.ground.TextureClass;
import morphotera.ground.TextureGroup;
import morphotera.measure.RootingDepth;
import morphotera.read.School;
import org.springframework.stereotype.Service;

/** Gathers what is known of a zone on a visit's day and has it judged. */
@Service
class Judgements {
    private final Visits visits;
    private final Land land;
    private final Readings readings;
    private final InterventionMapper interventions;
    private final CauseTable table;

    Judgements(Visits visits, Land land, Readings readings, InterventionMapper interventions, CauseTable table) {
        this.visits = visits;
        this.land = land;
        this.readings = readings;
        this.interventions = interventions;
        this.table = table;
    }

    /** What a sum can be filled in with: the best reading's value and how far it may be out. */
    record Known(double value, @Nullable Double spread, String measure, List<String> readings) {}

    /** @param known by remedy and key; {@code water-budget} beside the remedies */
    record Judged(Field field, Judgement judgement, List<Plan.Step> plan, Map<String, Map<String, Known>> known) {}

    Judged of(Viewer viewer, UUID visitId, String zoneName) {
        Visit visit = visits.visit(viewer, visitId);
        Field field = land.field(viewer, visit.fieldId());
        Zone zone = field.zone(zoneName);
        List<Visit> all = visits.ofField(viewer, field.id());
        List<Reading> standing = readings.standing(viewer, field.id());
        TextureGroup texture = texture(field, zone);
        Facts.Asked asked = new Facts.Asked(
                visit.day().toEpochDay(),
                field.use(),
                field.crop(),
                TakenReadings.isWet(field, visit),
                done(viewer, field, zone),
                null);
        Judgement judgement = Judgement.of(
                table,
                setting(field, texture, visit.day()),
                Coded.of(School.values(), field.school()),
                visit.id().toString(),
                asked,
                zone(field, zone, visit, all, standing),
                good(field, zone, visit, all, standing));
        return new Judged(field, judgement, plan(judgement), known(judgement.facts(), field, zone, texture));
    }

    private static Judgement.Zone zone(Field field, Zone zone, Visit visit, List<Visit> all, List<Reading> standing) {
        return new Judgement.Zone(
                TakenReadings.of(Scores.standing(field, zone, standing), field, all),
                visit.ticks().getOrDefault(zone.id().toString(), Map.of()));
    }

    /** What a poor patch is held against: the good one of the field, or its reference. */
    private static Judgement.Zone good(Field field, Zone poor, Visit visit, List<Visit> all, List<Reading> standing) {
        if (!poor.kind().equals("poor")) {
            return null;
        }
        for (String kind : List.of("good", "reference")) {
            for (Zone other : field.zones()) {
                if (other.kind().equals(kind)) {
                    return zone(field, other, visit, all, standing);
                }
            }
        }
        return null;
    }

    private List<Facts.Done> done(Viewer viewer, Field field, Zone zone) {
        return interventions.of(viewer, field.id()).stream()
                .filter(one -> one.touches(zone.id()))
                .map(one -> new Facts.Done(one.kind(), dayOf(one)))
                .toList();
    }

    private static long dayOf(Intervention one) {
        return one.doneOn().toEpochDay();
    }

    private static Causes.Setting setting(Field field, TextureGroup texture, LocalDate day) {
        boolean clear =
                field.sulphideClearOn() != null && !field.sulphideClearOn().isAfter(day);
        return new Causes.Setting(
                field.use(), texture == null ? null : texture.word(), field.climate(), field.coastal(), clear);
    }

    private static TextureGroup texture(Field field, Zone zone) {
        String said = field.textureOf(zone);
        return said == null ? null : Coded.of(TextureClass.values(), said).group();
    }

    /** The remedies of what is likely or possible and of every gate, in an order that holds. */
    private static List<Plan.Step> plan(Judgement judgement) {
        Set<String> remedies = new LinkedHashSet<>();
        Set<String> gates = new LinkedHashSet<>();
        boolean lowerPh = false;
        for (Causes.Judged cause : judgement.causes()) {
            boolean serves = cause.word() == Causes.Word.LIKELY || cause.word() == Causes.Word.POSSIBLE;
            if (cause.gate() != null) {
                gates.add(cause.cause().id());
            }
            if (serves || cause.gate() != null) {
                remedies.addAll(cause.cause().remedies());
                lowerPh |= cause.cause().id().equals("alkaline-carbonate");
            }
        }
        Facts facts = judgement.facts();
        Plan.Ground ground = new Plan.Ground(
                null,
                first(facts, "laboratory.ph", "ph.topsoil"),
                first(facts, "laboratory.carbonatePercent", "carbonate-fizz.percent"),
                first(facts, "laboratory.esp"),
                first(facts, "dispersion.score"),
                null,
                lowerPh);
        return Plan.order(List.copyOf(remedies), ground, gates);
    }

    private static @Nullable Double first(Facts facts, String... measures) {
        for (String measure : measures) {
            if (facts.best(measure).isPresent()) {
                return facts.best(measure).get().value();
            }
        }
        return null;
    }

    /** What each remedy's sum, and the water budget, can take from the readings and the field. */
    private static Map<String, Map<String, Known>> known(Facts facts, Field field, Zone zone, TextureGroup texture) {
        Map<String, Map<String, Known>> known = new LinkedHashMap<>();
        Remedies.ALL.forEach(remedy ->
                known.put(remedy.description().id(), known(remedy.description().from(), facts, field, zone, texture)));
        Map<String, Known> water = known(
                Map.of(
                        "sand", List.of("texture-jar.sand", "texture-feel.sand"),
                        "clay", List.of("texture-jar.clay", "texture-feel.clay"),
                        "rootDepthCm", List.of("root-pit.rootStop", "root-depth.root80")),
                facts,
                field,
                zone,
                texture);
        water.put("expectedDepthCm", said(RootingDepth.expectedCm(field.crop()), "field.crop"));
        known.put("water-budget", water);
        return known;
    }

    private static Map<String, Known> known(
            Map<String, List<String>> from, Facts facts, Field field, Zone zone, TextureGroup texture) {
        Map<String, Known> values = new LinkedHashMap<>();
        from.forEach((key, sources) -> sources.stream()
                .map(source -> taken(source, facts, field, zone, texture))
                .filter(Objects::nonNull)
                .findFirst()
                .ifPresent(value -> values.put(key, value)));
        return values;
    }

    private static @Nullable Known taken(
            String from, Facts facts, Field field, Zone zone, @Nullable TextureGroup texture) {
        return switch (from) {
            case "field.clayPercent" -> said(field.clayOf(zone), from);
            case "field.buildingM" -> said(field.buildingM(), from);
            case "field.wellM" -> said(field.wellM(), from);
            case "field.septicM" -> said(field.septicM(), from);
            case "texture.density" -> said(texture == null ? null : texture.densityGPerCm3(), from);
            default ->
                facts.best(from)
                        .map(best -> new Known(best.value(), best.spread(), best.measure(), best.readings()))
                        .orElse(null);
        };
    }

    private static @Nullable Known said(@Nullable Double value, String measure) {
        return value == null ? null : new Known(value, null, measure, new ArrayList<>());
    }
}
