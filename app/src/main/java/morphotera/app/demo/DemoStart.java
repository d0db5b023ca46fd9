package morphotera.app.demo;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import morphotera.app.api.Json;
import morphotera.app.follow.Intervention;
import morphotera.app.follow.Interventions;
import morphotera.app.land.Corner;
import morphotera.app.land.Land;
import morphotera.app.land.LandBodies;
import morphotera.app.land.Parts;
import morphotera.app.land.Spot;
import morphotera.app.land.Zone;
import morphotera.app.measure.ReadingBody;
import morphotera.app.measure.Readings;
import morphotera.app.people.DemoPeople;
import morphotera.app.people.PeopleMapper;
import morphotera.app.people.Role;
import morphotera.app.people.Viewer;
import morphotera.app.scout.VisitBody;
import morphotera.app.scout.Visits;
import morphotera.app.scout.Weather;
import morphotera.app.season.Season;
import morphotera.scout.StartCard;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.type.TypeReference;

/** Fills an empty data folder with the made-up scenario, through the same services that people use. */
@Component
@ConditionalOnProperty("morphotera.demo")
class DemoStart implements ApplicationRunner {
    private static final Logger LOG = LoggerFactory.getLogger(DemoStart.class);
    private static final double M_PER_DEGREE = 111_200;
    private static final List<String> SCENARIOS = List.of("tidewrack", "farside");

    private final PeopleMapper practices;
    private final DemoPeople people;
    private final Land land;
    private final Parts parts;
    private final Visits visits;
    private final Readings readings;
    private final Interventions interventions;
    private final Weather weather;
    private final DemoBag bag;
    private final DemoHole hole;
    private final DemoPractice practised;
    private final Season season;
    private final Json json;
    private final Clock clock;

    DemoStart(
            PeopleMapper practices,
            DemoPeople people,
            Land land,
            Parts parts,
            Visits visits,
            Readings readings,
            Interventions interventions,
            Weather weather,
            DemoBag bag,
            DemoHole hole,
            DemoPractice practised,
            Season season,
            Json json,
            Clock clock) {
        this.practices = practices;
        this.people = people;
        this.land = land;
        this.parts = parts;
        this.visits = visits;
        this.readings = readings;
        this.interventions = interventions;
        this.weather = weather;
        this.bag = bag;
        this.hole = hole;
        this.practised = practised;
        this.season = season;
        this.json = json;
        this.clock = clock;
    }

    @Override
    @Transactional
    public void run(ApplicationArguments arguments) throws IOException {
        if (practices.practices() > 0) {
            return;
        }
        for (String name : SCENARIOS) {
            try (InputStream in = getClass().getResourceAsStream("/demo/" + name + ".json")) {
                String text = new String(in.readAllBytes(), StandardCharsets.UTF_8);
                new Filling(json.read(text, new TypeReference<Scenario>() {}), name.hashCode()).fill();
            }
        }
        LOG.info("demo scenario laid out; all of it is made up");
    }

    /** One practice being laid out. */
    private final class Filling {
        private final Scenario scenario;
        private final Random ids;
        private final Map<String, Viewer> viewers = new LinkedHashMap<>();
        private final Map<String, UUID> holdings = new LinkedHashMap<>();
        private Viewer owner;

        Filling(Scenario scenario, long seed) {
            this.scenario = scenario;
            this.ids = new Random(seed);
        }

        /** A version 7 id: when, then chance; the chance is seeded. */
        private UUID id(Instant when) {
            long high = (when.toEpochMilli() << 16) | 0x7000 | ids.nextInt(0x1000);
            return new UUID(high, (ids.nextLong() & 0x3fffffffffffffffL) | 0x8000000000000000L);
        }

        void fill() {
            UUID practice = id(clock.instant());
            practices.addPractice(practice, scenario.practice(), true);
            Scenario.Login first = scenario.people().get(0);
            owner = new Viewer(id(clock.instant()), practice, Role.OWNER, null);
            people.add(owner.personId(), practice, first.email(), first.name(), Role.OWNER, List.of());
            viewers.put(first.name(), owner);
            for (Scenario.FieldOf field : scenario.fields()) {
                holdings.computeIfAbsent(
                        field.holding(),
                        name -> land.putHolding(owner, id(clock.instant()), new LandBodies.HoldingBody(name, 0))
                                .id());
            }
            if (holdings.containsKey(DemoRain.HOLDING)) {
                weather.keep(owner, holdings.get(DemoRain.HOLDING), DemoRain.upTo(day(0)));
            }
            scenario.people().stream().skip(1).forEach(login -> {
                UUID id = id(clock.instant());
                Role role = Role.valueOf(login.role().toUpperCase(Locale.ROOT));
                people.add(
                        id,
                        practice,
                        login.email(),
                        login.name(),
                        role,
                        login.holdings() == null
                                ? List.of()
                                : login.holdings().stream().map(holdings::get).toList());
                viewers.put(login.name(), new Viewer(id, practice, role, null));
            });
            scenario.fields().forEach(this::field);
            bag.card(owner, id(clock.instant()));
            if (viewers.containsKey("Second adviser")) {
                practised.practise(owner, 0.01, 0.04, 1);
                practised.practise(viewers.get("Second adviser"), 0.07, 0.07, 2);
            }
            // So that the first to look waits for nothing.
            season.bringUpToDate(owner);
        }

        private LocalDate day(int daysAgo) {
            return LocalDate.ofInstant(clock.instant(), ZoneOffset.UTC).minusDays(daysAgo);
        }

        private Corner corner(Scenario.Place origin, double eastM, double northM) {
            return new Corner(
                    origin.lat() + northM / M_PER_DEGREE,
                    origin.lon() + eastM / (M_PER_DEGREE * Math.cos(Math.toRadians(origin.lat()))));
        }

        private void field(Scenario.FieldOf field) {
            UUID fieldId = id(clock.instant());
            UUID mainZone = id(clock.instant());
            List<LandBodies.CornerBody> outline =
                    field.outlineM().stream().map(at -> place(field, at)).toList();
            land.putField(
                    owner,
                    fieldId,
                    new LandBodies.FieldBody(
                            holdings.get(field.holding()),
                            mainZone,
                            field.name(),
                            field.use(),
                            field.texture(),
                            field.clayPercent(),
                            field.crop(),
                            field.purpose(),
                            "humid",
                            field.coastal(),
                            null,
                            null,
                            null,
                            field.sulphideClearDaysAgo() == null ? null : day(field.sulphideClearDaysAgo()),
                            "balanced",
                            null,
                            outline,
                            place(field, field.outlineM().get(0)),
                            field.waterM() == null ? null : place(field, field.waterM()),
                            List.of(),
                            "Atlantic/Azores",
                            0));
            Map<String, Zone> zones = new LinkedHashMap<>();
            Map<String, Spot> spots = new LinkedHashMap<>();
            for (Scenario.ZoneOf zone : field.zones()) {
                boolean main = zone.kind().equals("main");
                Zone made = parts.putZone(
                        owner,
                        main ? mainZone : id(clock.instant()),
                        new LandBodies.ZoneBody(fieldId, zone.name(), zone.kind(), null, null, null, main ? 1 : 0));
                zones.put(zone.name(), made);
                for (Scenario.SpotOf spot : zone.spots()) {
                    Corner at = corner(field.corner(), spot.eastM(), spot.northM());
                    spots.put(
                            spot.label(),
                            parts.putSpot(
                                    owner,
                                    id(clock.instant()),
                                    new LandBodies.SpotBody(
                                            made.id(), spot.label(), spot.note(), at.lat(), at.lon(), null, null, 0)));
                }
            }
            for (int i = 0; i < field.visits().size(); i++) {
                long seed = field.name().hashCode() * 31L + i;
                visit(field, fieldId, field.visits().get(i), zones, spots, new Simulator(seed));
            }
            if (field.done() != null) {
                field.done()
                        .forEach(done -> interventions.log(
                                owner,
                                new Intervention(
                                        id(clock.instant()),
                                        fieldId,
                                        day(done.daysAgo()),
                                        done.kind(),
                                        done.amount(),
                                        done.unit(),
                                        null,
                                        null,
                                        null,
                                        null,
                                        done.note(),
                                        1),
                                Map.of()));
            }
        }

        private LandBodies.CornerBody place(Scenario.FieldOf field, List<Double> atM) {
            Corner at = corner(field.corner(), atM.get(0), atM.get(1));
            return new LandBodies.CornerBody(at.lat(), at.lon());
        }

        private void visit(
                Scenario.FieldOf field,
                UUID fieldId,
                Scenario.VisitOf visit,
                Map<String, Zone> zones,
                Map<String, Spot> spots,
                Simulator simulator) {
            Viewer observer = viewers.get(visit.observer());
            Instant start = visit.state().equals("running")
                    ? clock.instant().minusSeconds(5400)
                    : day(visit.daysAgo()).atTime(LocalTime.of(9, 5)).toInstant(ZoneOffset.UTC);
            UUID visitId = id(start);
            Map<String, Instant> card = new LinkedHashMap<>();
            if (!visit.state().equals("planned")) {
                StartCard.ITEMS.forEach(item -> card.put(item.id(), start));
            }
            Map<String, Map<String, Boolean>> ticks = new LinkedHashMap<>();
            if (visit.ticks() != null) {
                visit.ticks()
                        .forEach((zone, seen) -> ticks.put(zones.get(zone).id().toString(), seen));
            }
            visits.put(
                    observer,
                    visitId,
                    new VisitBody(
                            fieldId,
                            day(visit.daysAgo()),
                            visit.state(),
                            visit.question(),
                            visit.methods(),
                            visit.moisture(),
                            visit.soilTemperatureC(),
                            visit.daysSinceRain(),
                            visit.rainMm(),
                            visit.weather(),
                            card,
                            ticks,
                            null,
                            0));
            List<Readings.Numbered> taken = new ArrayList<>();
            Instant at = start;
            for (Scenario.ZoneOf zone : visit.ground() == null ? List.<Scenario.ZoneOf>of() : field.zones()) {
                Scenario.Ground ground = visit.ground().get(zone.name());
                for (Scenario.SpotOf spot : ground == null ? List.<Scenario.SpotOf>of() : zone.spots()) {
                    UUID spotId = spots.get(spot.label()).id();
                    for (String method : visit.methods()) {
                        at = at.plusSeconds(240);
                        Map<String, Object> reading = simulator.reading(method, ground, spot);
                        Readings.Numbered first = numbered(id(at), visitId, spotId, method, reading, at, null);
                        taken.add(first);
                        if ((spot.label() + " " + method).equals(visit.corrected())) {
                            taken.add(corrected(first, reading));
                        }
                    }
                }
            }
            readings.layOut(observer, visitId, taken);
            List<UUID> all = spots.values().stream().map(Spot::id).toList();
            if (field.name().equals("Beds 1 to 12")) {
                bag.lateBag(observer, visitId, all, start.plusSeconds(7200), this::id);
            }
            if (visit.sent() != null) {
                Instant bagged = start.plusSeconds(10_800);
                List<UUID> ofZone = spots.values().stream()
                        .filter(spot ->
                                spot.zoneId().equals(zones.get(visit.sent()).id()))
                        .map(Spot::id)
                        .toList();
                bag.sent(observer, id(bagged), visitId, ofZone, bagged);
            }
            bag.photograph(observer, visitId, visit.pictured(), taken, spots, this::id);
            if (visit.running() != null) {
                visit.running()
                        .forEach(one -> hole.begin(
                                observer, visitId, spots.get(one.spot()).id(), one, this::id));
            }
        }

        private Readings.Numbered numbered(
                UUID id,
                UUID visitId,
                UUID spotId,
                String method,
                Map<String, Object> reading,
                Instant taken,
                UUID corrects) {
            String reason = corrects == null ? null : "tape read from the rim";
            return new Readings.Numbered(
                    id,
                    new ReadingBody(
                            visitId, spotId, method, null, 1, reading, null, null, taken, "phone", corrects, reason));
        }

        /** The deepest point was typed a digit short and is put right; both versions are kept. */
        private Readings.Numbered corrected(Readings.Numbered wrong, Map<String, Object> reading) {
            Map<String, Object> right = new LinkedHashMap<>(reading);
            ReadingBody body = wrong.body();
            if (body.method().equals("root-depth")) {
                right.put("maxCm", (Double) reading.get("maxCm") + 4);
            }
            return numbered(
                    id(body.takenAt().plusSeconds(900)),
                    body.visitId(),
                    body.spotId(),
                    body.method(),
                    right,
                    body.takenAt(),
                    wrong.id());
        }
    }
}
