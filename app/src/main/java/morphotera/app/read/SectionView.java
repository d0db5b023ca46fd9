package morphotera.app.read;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import morphotera.app.land.Field;
import morphotera.app.land.Spot;
import morphotera.app.land.Zone;
import morphotera.app.measure.Reading;
import morphotera.app.scout.Visit;
import morphotera.ground.Nullable;
import morphotera.measure.Evaluation;
import morphotera.read.FieldScores;
import morphotera.read.Section;

/**
 * A cut through the ground: the zone's spots and the reference side by side, each with what was read there, the visit before
 * as a ghost, and what it says in words.
 */
record SectionView(
        double deepestCm,
        @Nullable UUID previousVisit,
        @Nullable LocalDate previousDay,
        List<Column> columns,
        List<Section.Said> said) {

    /** A layer of the block as it was judged. */
    record Layer(double topCm, double bottomCm, String shape, String effort, String pores, String roots) {}

    /** A value at a depth. */
    record At(double depthCm, double value) {}

    record Column(
            UUID spotId,
            String label,
            @Nullable String note,
            String zoneKind,
            Double score,
            List<Layer> layers,
            List<At> cone,
            List<At> coneBefore,
            Double limitCm,
            Double panPeakCm,
            Double panBaseCm,
            Double root80Cm,
            Double rootMaxCm,
            Boolean rootsEndFlat,
            Boolean rootsBent,
            List<At> ph) {}

    static SectionView of(Field field, Zone zone, Visit visit, List<Visit> visits, List<Reading> all) {
        Optional<Visit> before = visits.stream()
                .filter(one -> !one.id().equals(visit.id()))
                .filter(one -> !one.day().isAfter(visit.day()) && has(all, one.id()))
                .findFirst();
        List<Spot> here = field.spotsOf(zone);
        List<Spot> reference = field.zones().stream()
                .filter(one -> one.kind().equals("reference") && !one.id().equals(zone.id()))
                .flatMap(one -> field.spotsOf(one).stream())
                .toList();
        List<Column> columns = Stream.concat(here.stream(), reference.stream())
                .filter(spot -> spot.retiredOn() == null || spot.retiredOn().isAfter(visit.day()))
                .map(spot ->
                        column(field, spot, visit.id(), before.map(Visit::id).orElse(null), all))
                .toList();
        Map<Boolean, List<Section.Column>> byAsked = columns.stream()
                .collect(Collectors.partitioningBy(
                        column -> here.stream().anyMatch(spot -> spot.id().equals(column.spotId())),
                        Collectors.mapping(SectionView::spoken, Collectors.toList())));
        List<Section.Said> said = new ArrayList<>(Section.inWords(byAsked.get(true)));
        said.addAll(Section.beside(byAsked.get(true), byAsked.get(false)));
        double deepest =
                columns.stream().mapToDouble(SectionView::deepest).max().orElse(0);
        return new SectionView(
                deepest,
                before.map(Visit::id).orElse(null),
                before.map(Visit::day).orElse(null),
                columns,
                said);
    }

    private static boolean has(List<Reading> all, UUID visit) {
        return all.stream().anyMatch(reading -> reading.visitId().equals(visit));
    }

    private static Column column(Field field, Spot spot, UUID visit, UUID before, List<Reading> all) {
        List<Reading> here = all.stream()
                .filter(reading ->
                        reading.visitId().equals(visit) && reading.spotId().equals(spot.id()))
                .toList();
        Optional<Reading> cone = last(here, "penetration");
        Optional<Reading> roots = last(here, "root-depth");
        List<Reading> then = all.stream()
                .filter(reading ->
                        reading.visitId().equals(before) && reading.spotId().equals(spot.id()))
                .toList();
        Zone zone = field.zones().stream()
                .filter(one -> one.id().equals(spot.zoneId()))
                .findFirst()
                .orElseThrow();
        FieldScores scores = Scores.of(field, zone, here);
        return new Column(
                spot.id(),
                spot.label(),
                spot.note(),
                zone.kind(),
                scores.soil().balanced(),
                last(here, "structure-spade").map(SectionView::layers).orElse(List.of()),
                cone.map(reading -> profile(reading, "meanAt")).orElse(List.of()),
                last(then, "penetration")
                        .map(reading -> profile(reading, "meanAt"))
                        .orElse(List.of()),
                number(cone, "depthToLimit"),
                number(cone, "panPeak"),
                number(cone, "panBase"),
                number(roots, "root80"),
                roots.map(reading -> reading.reading().get("maxCm"))
                        .map(max -> ((Number) max).doubleValue())
                        .orElse(null),
                seen(roots, "sharpEdge"),
                seen(roots, "bent"),
                last(here, "ph").map(reading -> profile(reading, "inWater")).orElse(List.of()));
    }

    private static Optional<Reading> last(List<Reading> readings, String method) {
        return readings.stream()
                .filter(reading -> reading.method().equals(method))
                .max(Comparator.comparing(Reading::takenAt));
    }

    private static List<Layer> layers(Reading reading) {
        return ((List<?>) reading.reading().get("layers"))
                .stream()
                        .map(layer -> (Map<?, ?>) layer)
                        .map(layer -> new Layer(
                                ((Number) layer.get("topCm")).doubleValue(),
                                ((Number) layer.get("bottomCm")).doubleValue(),
                                (String) layer.get("shape"),
                                (String) layer.get("effort"),
                                (String) layer.get("pores"),
                                (String) layer.get("roots")))
                        .toList();
    }

    private static List<At> profile(Reading reading, String key) {
        return reading.evaluation().measures().stream()
                .filter(measure -> measure.key().equals(key))
                .map(measure -> new At(measure.depthCm(), measure.value()))
                .toList();
    }

    private static Double number(Optional<Reading> reading, String key) {
        return reading.flatMap(one -> one.evaluation().measures().stream()
                        .filter(measure -> measure.key().equals(key) && measure.value() != null)
                        .map(Evaluation.Measure::value)
                        .findFirst())
                .orElse(null);
    }

    private static Boolean seen(Optional<Reading> reading, String key) {
        return reading.map(one -> (Boolean) one.evaluation().words().get(key)).orElse(null);
    }

    private static Section.Column spoken(Column column) {
        Optional<Layer> limiting = column.layers().isEmpty() ? Optional.empty() : worst(column);
        return new Section.Column(
                column.label(),
                column.root80Cm(),
                column.rootsEndFlat(),
                column.limitCm(),
                column.cone().isEmpty()
                        ? null
                        : column.cone().get(column.cone().size() - 1).depthCm(),
                limiting.map(Layer::shape).orElse(null),
                limiting.map(Layer::topCm).orElse(null),
                !column.layers().isEmpty());
    }

    /** The first layer that is plates or massive: what the words of a section speak of. */
    private static Optional<Layer> worst(Column column) {
        return column.layers().stream()
                .filter(layer -> layer.shape().equals("plates") || layer.shape().equals("massive"))
                .findFirst();
    }

    private static double deepest(Column column) {
        double cone = column.cone().stream().mapToDouble(At::depthCm).max().orElse(0);
        double ph = column.ph().stream().mapToDouble(At::depthCm).max().orElse(0);
        double layers =
                column.layers().stream().mapToDouble(Layer::bottomCm).max().orElse(0);
        double roots = column.rootMaxCm() == null ? 0 : column.rootMaxCm();
        return Math.max(Math.max(cone, ph), Math.max(layers, roots));
    }
}
