package morphotera.app.exchange;

import java.nio.charset.StandardCharsets;
import java.time.DateTimeException;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.function.Supplier;
import morphotera.app.api.Findings;
import morphotera.app.api.Json;
import morphotera.app.api.NotFound;
import morphotera.app.api.Stale;
import morphotera.app.land.Field;
import morphotera.app.land.Land;
import morphotera.app.land.Spot;
import morphotera.app.measure.Reading;
import morphotera.app.measure.ReadingBody;
import morphotera.app.measure.Readings;
import morphotera.app.people.Viewer;
import morphotera.app.scout.Visit;
import morphotera.app.scout.VisitBody;
import morphotera.app.scout.Visits;
import morphotera.ground.Nullable;
import morphotera.ground.Refusal;
import morphotera.ground.Refused;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.support.TransactionTemplate;

/** Takes the readings of a table: finds where each belongs, makes the visit of its day where there is none, and has it computed. */
@Component
class Taking {
    private final Land land;
    private final Visits visits;
    private final Readings readings;
    private final Json json;
    private final TransactionTemplate row;

    Taking(Land land, Visits visits, Readings readings, Json json, PlatformTransactionManager transactions) {
        this.land = land;
        this.visits = visits;
        this.readings = readings;
        this.json = json;
        this.row = new TransactionTemplate(transactions);
        row.setPropagationBehavior(TransactionDefinition.PROPAGATION_NESTED);
    }

    /** One that a row says. */
    record Said(
            @Nullable UUID id,
            Where where,
            String method,
            @Nullable String variant,
            @Nullable Integer repeat,
            Map<String, Object> reading,
            @Nullable String note,
            Instant takenAt) {}

    /** A visit and a place of it. */
    record Where(
            Visit visit, @Nullable UUID spotId, @Nullable UUID sampleId) {}

    Session begin(Viewer viewer, Sifted sifted) {
        return new Session(viewer, sifted);
    }

    static Refused refused(String column, String code, String text) {
        return new Refused(List.of(new Refusal("/" + column, code, text)));
    }

    /** The rows of one file, in their order. */
    final class Session {
        private final Viewer viewer;
        private final Sifted sifted;
        private final List<Field> fields;
        /** Of each field that was asked for: reading them for every row would take longer with every visit made. */
        private final Map<UUID, Map<LocalDate, Visit>> byDay = new HashMap<>();
        /** Made for the row in hand. */
        private @Nullable Visit begun;

        private UUID lastVisit;
        private List<Reading> ofLastVisit = List.of();

        private Session(Viewer viewer, Sifted sifted) {
            this.viewer = viewer;
            this.sifted = sifted;
            this.fields = new ArrayList<>(land.allFields(viewer));
        }

        List<Field> fields() {
            return fields;
        }

        Field field(String said) {
            List<Field> found = fields.stream()
                    .filter(one ->
                            one.id().toString().equals(said) || one.name().equalsIgnoreCase(said))
                    .toList();
            if (found.isEmpty()) {
                throw refused("field", "unknown-id", "There is no field '" + said + "' here.");
            } else if (found.size() > 1) {
                throw refused("field", "ambiguous", "Several fields are called '" + said + "': give its id.");
            }
            return found.get(0);
        }

        /** The visit of that day; made where there is none. */
        Visit visit(Field field, LocalDate day) {
            Map<LocalDate, Visit> known = byDay.computeIfAbsent(field.id(), this::visitsOf);
            Visit there = known.get(day);
            if (there == null) {
                there = visits.put(viewer, NewId.now(), doneOn(field, day));
                known.put(day, there);
                begun = there;
            }
            return there;
        }

        private Map<LocalDate, Visit> visitsOf(UUID fieldId) {
            Map<LocalDate, Visit> known = new HashMap<>();
            visits.ofField(viewer, fieldId).stream()
                    .filter(one -> !one.state().equals("planned"))
                    .forEach(one -> known.putIfAbsent(one.day(), one));
            return known;
        }

        private static VisitBody doneOn(Field field, LocalDate day) {
            return new VisitBody(
                    field.id(), day, "done", "routine", List.of(), null, null, null, null, null, null, null, null, 0);
        }

        UUID spot(Field field, String said) {
            List<Spot> found = field.spots().stream()
                    .filter(one ->
                            one.id().toString().equals(said) || one.label().equalsIgnoreCase(said))
                    .toList();
            if (found.isEmpty()) {
                throw refused("spot", "unknown-id", "There is no spot '" + said + "' in " + field.name() + ".");
            } else if (found.size() > 1) {
                throw refused("spot", "ambiguous", "Several spots are called '" + said + "': give its id.");
            }
            return found.get(0).id();
        }

        LocalDate day(@Nullable String said) {
            if (said == null) {
                throw refused("day", "missing", "The day is needed here.");
            }
            try {
                LocalDate day = LocalDate.parse(said);
                Findings findings = new Findings();
                findings.day("/day", day);
                findings.throwIfAny();
                return day;
            } catch (DateTimeException wrong) {
                throw refused("day", "wrong-type", "A day such as 2031-05-14 is expected here.");
            }
        }

        Instant noon(Field field, LocalDate day) {
            return day.atTime(LocalTime.NOON)
                    .atZone(ZoneId.of(field.timeZone()))
                    .toInstant();
        }

        /** A row that is wrong takes back what it began, alone. */
        void take(Sheet.Row line, Supplier<Said> read) {
            begun = null;
            try {
                row.executeWithoutResult(now -> take(line, read.get()));
                return;
            } catch (Refused fault) {
                sifted.bad(line.line(), fault);
            } catch (Stale fault) {
                sifted.bad(line.line(), "id", "differs", "There is another reading under this id; it stays as it is.");
            } catch (NotFound fault) {
                sifted.bad(line.line(), null, "unknown-id", "It names something that is not here.");
            }
            if (begun != null) {
                byDay.get(begun.fieldId()).remove(begun.day());
            }
        }

        private void take(Sheet.Row line, Said said) {
            UUID visitId = said.where().visit().id();
            UUID place = said.where().spotId() == null
                    ? said.where().sampleId()
                    : said.where().spotId();
            Map<String, Object> shown = Sifted.shown(
                    "line",
                    line.line(),
                    "day",
                    said.where().visit().day(),
                    "method",
                    said.method(),
                    "reading",
                    said.reading());
            if (isThere(visitId, place, said)) {
                sifted.same(shown);
                return;
            }
            ReadingBody body = new ReadingBody(
                    visitId,
                    said.where().spotId(),
                    said.method(),
                    said.variant(),
                    said.repeat(),
                    said.reading(),
                    said.note(),
                    said.where().sampleId(),
                    said.takenAt(),
                    null,
                    null,
                    null);
            Findings findings = new Findings();
            body.check(findings);
            findings.throwIfAny();
            Reading taken = readings.put(viewer, said.id() == null ? idOf(visitId, place, said) : said.id(), body);
            ofLastVisit = new ArrayList<>(ofLastVisit);
            ofLastVisit.add(taken);
            sifted.add(shown);
        }

        /** By its id where it has one, else by where it belongs and what was entered. */
        private boolean isThere(UUID visitId, UUID place, Said said) {
            if (!visitId.equals(lastVisit)) {
                lastVisit = visitId;
                ofLastVisit = readings.ofVisit(viewer, visitId);
            }
            String entered = json.write(said.reading());
            return ofLastVisit.stream()
                    .anyMatch(one -> said.id() != null && one.id().equals(said.id())
                            ? json.write(one.reading()).equals(entered)
                            : said.id() == null
                                    && Objects.equals(one.placeId(), place)
                                    && one.method().equals(said.method())
                                    && Objects.equals(one.variant(), said.variant())
                                    && json.write(one.reading()).equals(entered));
        }

        private UUID idOf(UUID visitId, UUID place, Said said) {
            String all = viewer.practiceId() + "/" + visitId + "/" + place + "/" + said.method() + "/" + said.variant()
                    + "/" + said.repeat() + "/" + json.write(said.reading());
            return UUID.nameUUIDFromBytes(all.getBytes(StandardCharsets.UTF_8));
        }
    }
}
