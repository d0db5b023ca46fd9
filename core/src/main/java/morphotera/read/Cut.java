package morphotera.read;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import morphotera.ground.Coded;
import morphotera.ground.Nullable;
import morphotera.measure.Site;
import morphotera.measure.Taken;
import morphotera.measure.VisitDay;

/**
 * A cut through the ground: the zone's spots and the reference side by side, each with what was read there, the visit before
 * as a ghost, and what it says in words.
 *
 * @param previous the visit before that read something; null where there is none
 */
public record Cut(double deepestCm, @Nullable VisitDay previous, List<Column> columns, List<Section.Sentence> said) {

    /** A spot with its zone, its score by the balance of groups, and its ground. */
    public record Column(
            String spotId,
            String label,
            @Nullable String note,
            String zoneKind,
            @Nullable Double score,
            GroundColumn ground) {}

    /** @param readings of all the field's visits, those that stand */
    public static Cut of(Site site, Site.Zone zone, VisitDay visit, List<VisitDay> visits, List<Taken> readings) {
        Optional<VisitDay> before = visits.stream()
                .filter(one -> !one.id().equals(visit.id()) && one.day() <= visit.day())
                .filter(one ->
                        readings.stream().anyMatch(reading -> reading.visit().equals(one.id())))
                .max(Comparator.comparingLong(VisitDay::day).thenComparing(VisitDay::id));
        List<Site.Spot> here = standing(site.spotsOf(zone), visit);
        List<Site.Spot> reference = site.zones().stream()
                .filter(one -> one.kind().equals("reference") && !one.id().equals(zone.id()))
                .flatMap(one -> standing(site.spotsOf(one), visit).stream())
                .toList();
        List<Column> columns = Stream.concat(here.stream(), reference.stream())
                .map(spot -> column(site, spot, visit, before, readings))
                .toList();
        List<GroundColumn> ground = columns.stream().map(Column::ground).toList();
        List<Section.Sentence> said = new ArrayList<>(Section.inWords(ground.subList(0, here.size())));
        said.addAll(Section.beside(ground.subList(0, here.size()), ground.subList(here.size(), ground.size())));
        return new Cut(
                ground.stream().mapToDouble(GroundColumn::deepestCm).max().orElse(0),
                before.orElse(null),
                columns,
                said);
    }

    private static List<Site.Spot> standing(List<Site.Spot> spots, VisitDay visit) {
        return spots.stream()
                .filter(spot -> spot.retiredDay() == null || spot.retiredDay() > visit.day())
                .toList();
    }

    private static Column column(
            Site site, Site.Spot spot, VisitDay visit, Optional<VisitDay> before, List<Taken> readings) {
        List<Taken> here = at(spot, visit.id(), readings);
        List<Taken> then = before.map(one -> at(spot, one.id(), readings)).orElse(List.of());
        FieldScores scores = FieldScores.of(here, Coded.of(School.values(), site.school()), site.crop());
        return new Column(
                spot.id(),
                spot.label(),
                spot.note(),
                site.zoneOf(spot.id()).kind(),
                scores.soil().balanced(),
                GroundColumn.of(spot.id(), here, then));
    }

    private static List<Taken> at(Site.Spot spot, String visit, List<Taken> all) {
        return all.stream()
                .filter(reading ->
                        reading.visit().equals(visit) && reading.spot().equals(spot.id()))
                .toList();
    }
}
