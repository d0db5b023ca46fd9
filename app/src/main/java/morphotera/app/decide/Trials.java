package morphotera.app.decide;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import morphotera.app.land.Corner;
import morphotera.app.land.Field;
import morphotera.app.land.Land;
import morphotera.app.land.LandBodies;
import morphotera.app.land.Parts;
import morphotera.app.land.Zone;
import morphotera.app.measure.Reading;
import morphotera.app.measure.Readings;
import morphotera.app.measure.TakenReadings;
import morphotera.app.papers.Paper;
import morphotera.app.papers.PaperKind;
import morphotera.app.papers.Papers;
import morphotera.app.people.Viewer;
import morphotera.app.read.Scores;
import morphotera.follow.TrialVerdict;
import morphotera.ground.Nullable;
import morphotera.ground.Refusal;
import morphotera.ground.Refused;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Trials that were laid out: each strip a zone with its spots, named without its treatment, and the verdict block by block. */
@Service
public class Trials {
    private final Papers papers;
    private final Land land;
    private final Parts parts;
    private final Readings readings;

    Trials(Papers papers, Land land, Parts parts, Readings readings) {
        this.papers = papers;
        this.land = land;
        this.parts = parts;
        this.readings = readings;
    }

    public record Strip(int treatment, int block, UUID zoneId, List<Corner> polygon) {}

    /** @param begunOn the day the treatments were given; {@code endedOn} when nobody is to return any more */
    public record Kept(
            UUID fieldId,
            String name,
            List<String> treatments,
            @Nullable LocalDate begunOn,
            @Nullable LocalDate endedOn,
            List<Strip> strips) {}

    record NewSpot(UUID id, double lat, double lon) {}

    /** What was read of all strips in one visit, and what came of it. */
    public record Judged(UUID visit, LocalDate day, boolean before, List<TrialVerdict.OfMethod> methods) {}

    public record TrialView(
            UUID id,
            UUID fieldId,
            String name,
            List<String> treatments,
            @Nullable LocalDate begunOn,
            @Nullable LocalDate endedOn,
            List<Strip> strips,
            int version,
            List<Judged> verdicts) {}

    /**
     * Lays a trial out; later only its name and days change. A strip is named by its block and a letter, so that who reads it is
     * not told the treatment.
     *
     * @param spots by zone; used where the trial is new
     */
    @Transactional
    public TrialView put(Viewer viewer, UUID id, Kept trial, Map<UUID, List<NewSpot>> spots, int version) {
        Field field = land.field(viewer, trial.fieldId());
        var stands = papers.newest(viewer, PaperKind.TRIAL, id, Kept.class);
        if (stands.isPresent()
                && (!stands.get().body().strips().equals(trial.strips())
                        || !stands.get().body().fieldId().equals(trial.fieldId()))) {
            throw new Refused(List.of(new Refusal(
                    "/strips",
                    "not-moved",
                    "Strips stay where they were laid out: end this trial and begin another.")));
        }
        Paper<Kept> kept =
                papers.keep(viewer, PaperKind.TRIAL, id, field.id(), version, trial, newest -> view(newest, List.of()));
        if (stands.isEmpty()) {
            layOut(viewer, trial, spots);
        }
        land.touch(viewer, field.id());
        return view(kept, judged(viewer, land.field(viewer, field.id()), kept.body()));
    }

    private void layOut(Viewer viewer, Kept trial, Map<UUID, List<NewSpot>> spots) {
        Map<Integer, Integer> inBlock = new LinkedHashMap<>();
        for (int i = 0; i < trial.strips().size(); i++) {
            Strip strip = trial.strips().get(i);
            int nth = inBlock.merge(strip.block(), 1, Integer::sum);
            String label = (strip.block() + 1) + String.valueOf((char) ('a' + nth - 1));
            zone(viewer, trial, strip, label, "/strips/" + i + "/polygon");
            int n = 0;
            for (NewSpot spot : spots.getOrDefault(strip.zoneId(), List.of())) {
                n++;
                parts.putSpot(
                        viewer,
                        spot.id(),
                        new LandBodies.SpotBody(
                                strip.zoneId(), label + n, null, spot.lat(), spot.lon(), null, null, 0));
            }
        }
    }

    private void zone(Viewer viewer, Kept trial, Strip strip, String label, String path) {
        try {
            parts.putZone(
                    viewer,
                    strip.zoneId(),
                    new LandBodies.ZoneBody(
                            trial.fieldId(),
                            trial.name() + ", strip " + label,
                            "strip",
                            null,
                            null,
                            strip.polygon().stream()
                                    .map(at -> new LandBodies.CornerBody(at.lat(), at.lon()))
                                    .toList(),
                            0));
        } catch (Refused zone) {
            // What is wrong with the zone is said where it was sent: at the strip.
            throw new Refused(zone.refusals().stream()
                    .map(one -> new Refusal(one.path().replace("/outline", path), one.code(), one.text()))
                    .toList());
        }
    }

    public List<TrialView> ofField(Viewer viewer, UUID fieldId) {
        Field field = land.field(viewer, fieldId);
        return kept(viewer, fieldId).stream()
                .map(one -> view(one, judged(viewer, field, one.body())))
                .toList();
    }

    private List<Paper<Kept>> kept(Viewer viewer, UUID fieldId) {
        return papers.all(viewer, PaperKind.TRIAL, Kept.class).stream()
                .filter(one -> one.body().fieldId().equals(fieldId))
                .toList();
    }

    /** The trials of a field that were begun and not ended. */
    public List<Kept> running(Viewer viewer, UUID fieldId) {
        return kept(viewer, fieldId).stream()
                .map(Paper::body)
                .filter(one -> one.begunOn() != null && one.endedOn() == null)
                .toList();
    }

    /** How much strips of one treatment differ by themselves, from the practice's earlier trials; empty where it has none. */
    OptionalDouble learnedStripSd(Viewer viewer) {
        List<Paper<Kept>> all = papers.all(viewer, PaperKind.TRIAL, Kept.class);
        // A reader learns from the fields there are to see.
        Map<UUID, Field> seen =
                land
                        .fields(
                                viewer,
                                all.stream()
                                        .map(one -> one.body().fieldId())
                                        .distinct()
                                        .toList())
                        .stream()
                        .collect(Collectors.toMap(Field::id, Function.identity()));
        List<Double> known = new ArrayList<>();
        for (Paper<Kept> one : all) {
            Field field = seen.get(one.body().fieldId());
            for (Judged visit : field == null ? List.<Judged>of() : judged(viewer, field, one.body())) {
                visit.methods().stream()
                        .map(TrialVerdict.OfMethod::stripSd)
                        .filter(sd -> sd != null)
                        .forEach(known::add);
            }
        }
        return known.stream().mapToDouble(sd -> sd * sd).average().stream()
                .map(Math::sqrt)
                .findFirst();
    }

    private List<Judged> judged(Viewer viewer, Field field, Kept trial) {
        Map<UUID, List<Reading>> byVisit = readings.standing(viewer, field.id()).stream()
                .collect(Collectors.groupingBy(Reading::visitId, LinkedHashMap::new, Collectors.toList()));
        List<Judged> judged = new ArrayList<>();
        byVisit.forEach((visit, all) -> {
            List<TrialVerdict.Strip> strips = new ArrayList<>();
            for (Strip strip : trial.strips()) {
                field.zones().stream()
                        .filter(zone -> zone.id().equals(strip.zoneId()))
                        .findFirst()
                        .ifPresent(zone -> strips.add(read(field, zone, strip, all)));
            }
            List<TrialVerdict.OfMethod> methods = TrialVerdict.of(strips);
            if (!methods.isEmpty()) {
                LocalDate day = all.get(0).visitDay();
                judged.add(new Judged(visit, day, trial.begunOn() == null || day.isBefore(trial.begunOn()), methods));
            }
        });
        return judged;
    }

    private static TrialVerdict.Strip read(Field field, Zone zone, Strip strip, List<Reading> all) {
        return new TrialVerdict.Strip(
                strip.treatment(), strip.block(), TakenReadings.of(Scores.standing(field, zone, all)));
    }

    private static TrialView view(Paper<Kept> paper, List<Judged> verdicts) {
        Kept body = paper.body();
        return new TrialView(
                paper.id(),
                body.fieldId(),
                body.name(),
                body.treatments(),
                body.begunOn(),
                body.endedOn(),
                body.strips(),
                paper.version(),
                verdicts);
    }
}
