package morphotera.app.measure;

import java.time.Clock;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import morphotera.app.api.Checked;
import morphotera.app.api.Findings;
import morphotera.app.api.Json;
import morphotera.app.api.NotFound;
import morphotera.app.devices.Laboratories;
import morphotera.app.devices.Laboratory;
import morphotera.app.land.Field;
import morphotera.app.land.Land;
import morphotera.app.land.Sample;
import morphotera.app.land.Spot;
import morphotera.app.people.Role;
import morphotera.app.people.Viewer;
import morphotera.app.scout.SampleBody;
import morphotera.app.scout.Samples;
import morphotera.app.scout.VisitChanged;
import morphotera.app.scout.Visits;
import morphotera.ground.Refusal;
import morphotera.ground.Refused;
import morphotera.measure.Evaluation;
import morphotera.measure.Site;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Samples on their way to the laboratory and back. A sheet that came back is nobody's reading yet: a person looks at it and takes
 * it, as one takes what a probe says.
 */
@Service
public class SampleOrders {
    private static final Logger LOG = LoggerFactory.getLogger(SampleOrders.class);
    private static final int MOST_AT_ONCE = 500;
    private static final int MOST_ASKED = 40;
    /** A figure read no further off than this from the bag's depths is of the same soil. */
    private static final double NEAR_CM = 10;

    /** Which measures of which method are quantities that go along with a bag. */
    private static final Map<String, String> GOES_ALONG = Map.of("inWater", "ph", "ece", "ece");

    private final SampleOrderMapper orders;
    private final Laboratories laboratories;
    private final Samples samples;
    private final Visits visits;
    private final Readings readings;
    private final Land land;
    private final Json json;
    private final Clock clock;

    SampleOrders(
            SampleOrderMapper orders,
            Laboratories laboratories,
            Samples samples,
            Visits visits,
            Readings readings,
            Land land,
            Json json,
            Clock clock) {
        this.orders = orders;
        this.laboratories = laboratories;
        this.samples = samples;
        this.visits = visits;
        this.readings = readings;
        this.land = land;
        this.json = json;
        this.clock = clock;
    }

    /** @param asked what the laboratory is asked for, by id or name of its tests */
    public record OrderBody(List<String> asked) implements Checked {
        @Override
        public void check(Findings findings) {
            findings.needed("/asked", asked, "What is asked for");
            if (asked == null) {
                return;
            }
            findings.size("/asked", asked.size(), "What is asked for", MOST_ASKED);
            if (asked.isEmpty()) {
                findings.refuse("/asked", "missing", "A laboratory is asked for one thing at least.");
            }
            for (int i = 0; i < asked.size(); i++) {
                findings.text("/asked/" + i, asked.get(i), "What is asked for", 60);
            }
        }
    }

    Optional<Laboratory> laboratory() {
        return laboratories.connected();
    }

    /** Sends a sample now, and says so in its clock where nobody had. Sent again with the same wish is one. */
    @Transactional
    public Sample send(Viewer viewer, UUID sampleId, OrderBody body) {
        return send(viewer, sampleId, body, clock.instant());
    }

    /** The same at a time of its own, for what is laid out as if it had been. */
    @Transactional
    public Sample send(Viewer viewer, UUID sampleId, OrderBody body, Instant sentAt) {
        Sample sample = samples.find(viewer, sampleId).orElseThrow(() -> new NotFound("sample", sampleId));
        visits.lock(viewer, sample.visitId());
        Laboratory laboratory = laboratories
                .connected()
                .orElseThrow(() -> refused(
                        "no-laboratory",
                        "No laboratory is connected here: send it by post, and enter or read in its sheet."));
        List<String> asked = tests(laboratory, body.asked());
        Optional<String> sent = orders.bag(viewer, sampleId);
        if (sent.isPresent()) {
            if (!json.read(sent.get(), Laboratory.Bag.class).asked().equals(asked)) {
                throw refused("sent", "This sample is sent already; what it was asked for stands on its sheet.");
            }
            return sample(viewer, sampleId);
        }
        Sample now = samples.put(viewer, sampleId, handedOver(laboratory, sample, asked, sentAt));
        Field field = land.field(viewer, now.fieldId());
        Laboratory.Bag bag = bag(viewer, field, now, asked, sentAt);
        orders.add(viewer, sampleId, sentAt, laboratory.likely(bag), json.write(bag));
        return sample(viewer, sampleId);
    }

    private static Refused refused(String code, String text) {
        return new Refused(List.of(new Refusal("/asked", code, text)));
    }

    private Sample sample(Viewer viewer, UUID id) {
        return samples.find(viewer, id).orElseThrow();
    }

    private static List<String> tests(Laboratory laboratory, List<String> asked) {
        Map<String, String> known = new LinkedHashMap<>();
        laboratory.tests().forEach(test -> known.put(test.id(), test.id()));
        laboratory.tests().forEach(test -> known.putIfAbsent(word(test.name()), test.id()));
        Findings findings = new Findings();
        for (int i = 0; i < asked.size(); i++) {
            if (!known.containsKey(word(asked.get(i)))) {
                findings.refuse(
                        "/asked/" + i,
                        "not-offered",
                        "The " + laboratory.name() + " does not measure '" + asked.get(i) + "'. It measures "
                                + laboratory.tests().stream()
                                        .map(Laboratory.Test::id)
                                        .collect(Collectors.joining(", "))
                                + ".");
            }
        }
        findings.throwIfAny();
        Set<String> wished = asked.stream().map(one -> known.get(word(one))).collect(Collectors.toSet());
        return laboratory.tests().stream()
                .map(Laboratory.Test::id)
                .filter(wished::contains)
                .toList();
    }

    private static String word(String said) {
        return said.strip().toLowerCase(Locale.ROOT).replace(' ', '-');
    }

    private SampleBody handedOver(Laboratory laboratory, Sample sample, List<String> asked, Instant sentAt) {
        double cost = laboratory.tests().stream()
                .filter(test -> asked.contains(test.id()))
                .mapToDouble(Laboratory.Test::cost)
                .sum();
        return new SampleBody(
                sample.visitId(),
                sample.label(),
                sample.spots(),
                sample.subsamples(),
                sample.topCm(),
                sample.bottomCm(),
                sample.takenAt(),
                sample.cooledAt(),
                sample.handedOverAt() == null ? sentAt : sample.handedOverAt(),
                asked,
                laboratory.name(),
                sample.cost() == null ? Double.valueOf(cost) : sample.cost(),
                sample.version());
    }

    private Laboratory.Bag bag(Viewer viewer, Field field, Sample sample, List<String> asked, Instant sentAt) {
        Spot at = field.spots().stream()
                .filter(spot -> sample.spots().contains(spot.id()))
                .findFirst()
                .orElseThrow();
        return new Laboratory.Bag(
                sample.id(),
                at.lat(),
                at.lon(),
                sample.topCm(),
                sample.bottomCm(),
                asked,
                readInField(viewer, field, sample),
                sentAt);
    }

    /** The mean of what stands of the same spots and depth, and the clay that is known of the zone. */
    private Map<String, Double> readInField(Viewer viewer, Field field, Sample sample) {
        Map<String, Double> read = readings.standing(viewer, field.id()).stream()
                .filter(reading -> reading.visitId().equals(sample.visitId())
                        && sample.spots().contains(reading.spotId()))
                .flatMap(reading -> reading.evaluation().measures().stream())
                .filter(measure ->
                        GOES_ALONG.containsKey(measure.key()) && measure.value() != null && isNear(measure, sample))
                .collect(Collectors.groupingBy(
                        measure -> GOES_ALONG.get(measure.key()),
                        LinkedHashMap::new,
                        Collectors.averagingDouble(Evaluation.Measure::value)));
        Site site = field.site();
        Double clay = site.clayOf(site.zone(sample.zoneId().toString()).orElseThrow());
        if (clay != null) {
            read.put("clayPercent", clay);
        }
        return read;
    }

    private static boolean isNear(Evaluation.Measure measure, Sample sample) {
        return measure.depthCm() == null
                || measure.depthCm() >= sample.topCm() - NEAR_CM && measure.depthCm() <= sample.bottomCm() + NEAR_CM;
    }

    /** Asks for every sheet that is not there yet, and keeps those that are. */
    @Scheduled(fixedDelay = 60_000, initialDelay = 60_000)
    @Transactional
    public void fetch() {
        laboratories.connected().ifPresent(this::fetch);
    }

    private void fetch(Laboratory laboratory) {
        for (SampleOrderMapper.Row row : orders.waiting(MOST_AT_ONCE)) {
            sheet(laboratory, row).ifPresent(sheet -> keep(row, sheet));
        }
    }

    /** One bag that a laboratory chokes on keeps no other from being answered. */
    private Optional<Laboratory.Sheet> sheet(Laboratory laboratory, SampleOrderMapper.Row row) {
        try {
            return laboratory.sheet(json.read(row.bagJson(), Laboratory.Bag.class), clock.instant());
        } catch (RuntimeException fault) {
            LOG.warn("no answer for sample {}: {}", row.sampleId(), fault.toString());
            return Optional.empty();
        }
    }

    private void keep(SampleOrderMapper.Row row, Laboratory.Sheet sheet) {
        Viewer sender = new Viewer(row.sentBy(), row.practiceId(), Role.ADVISER, null);
        if (orders.answer(row.sampleId(), sheet.at(), json.write(sheet.figures())) == 1) {
            visits.changed(sender, row.visitId(), VisitChanged.Kind.VISIT, row.sampleId());
            land.touch(sender, row.fieldId());
            LOG.info("a laboratory answered for a sample");
        }
    }
}
