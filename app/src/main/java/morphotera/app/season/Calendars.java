package morphotera.app.season;

import biweekly.Biweekly;
import biweekly.ICalendar;
import biweekly.component.VEvent;
import biweekly.property.DateEnd;
import biweekly.property.DateStart;
import biweekly.util.DateTimeComponents;
import biweekly.util.ICalDate;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Base64;
import java.util.Date;
import java.util.HexFormat;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import morphotera.app.api.NotFound;
import morphotera.app.decide.Plans;
import morphotera.app.land.Field;
import morphotera.app.land.Land;
import morphotera.app.people.Viewer;
import morphotera.app.people.Viewers;
import morphotera.app.scout.DayPlan;
import morphotera.app.scout.Visit;
import morphotera.app.scout.Visits;
import morphotera.decide.remedies.Remedies;
import morphotera.measure.methods.Methods;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * A person's calendar for other programs (RFC 5545): visits planned, what is due again and the steps of plans, each a span of whole days. Its address is
 * the key to it, gives reading only, and is shown once; a new one closes the old.
 */
@Service
class Calendars {
    private static final int KEY_BYTES = 32;
    private static final int YEARS_AHEAD = 6;
    /** What is late stays in sight. */
    private static final int YEARS_BACK = 1;

    private static final String OURS = "@morphotera";

    private final CalendarMapper calendars;
    private final SummaryMapper summaries;
    private final Season season;
    private final Visits visits;
    private final Land land;
    private final Viewers viewers;
    private final Plans plans;
    private final Clock clock;
    private final SecureRandom chance = new SecureRandom();

    Calendars(
            CalendarMapper calendars,
            SummaryMapper summaries,
            Season season,
            Visits visits,
            Land land,
            Viewers viewers,
            Plans plans,
            Clock clock) {
        this.calendars = calendars;
        this.summaries = summaries;
        this.season = season;
        this.visits = visits;
        this.land = land;
        this.viewers = viewers;
        this.plans = plans;
        this.clock = clock;
    }

    /** The key of a new address. */
    @Transactional
    public String renew(Viewer viewer) {
        byte[] bytes = new byte[KEY_BYTES];
        chance.nextBytes(bytes);
        String key = Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
        calendars.put(viewer, sha256(key), clock.instant());
        return key;
    }

    String feed(String key) {
        Viewer viewer = calendars
                .whose(sha256(key))
                .flatMap(viewers::of)
                .orElseThrow(() -> new NotFound("calendar", "of this address"));
        Map<UUID, Field> fields = new LinkedHashMap<>();
        land.allFields(viewer).forEach(field -> fields.put(field.id(), field));
        ICalendar calendar = new ICalendar();
        calendar.setProductId("-//Morphotera//Soil visits//EN");
        calendar.setName("Soil visits");
        Map<UUID, Integer> changes = new LinkedHashMap<>();
        summaries.changes(viewer).forEach(one -> changes.put(one.fieldId(), (int) one.changes()));
        Set<String> planned = new LinkedHashSet<>();
        for (Visit visit : visits.ofFields(viewer, List.copyOf(fields.keySet()))) {
            if (visit.state().equals("planned")) {
                DayPlan.Retest again =
                        visit.plan() == null ? null : visit.plan().retest();
                String id = again == null ? "visit-" + visit.id() : retest(again.zone(), again.why(), again.nth());
                // Of two visits made of one retest the first stands in its place.
                boolean first = planned.add(id);
                calendar.addEvent(event(
                        first ? id : "visit-" + visit.id(),
                        again == null ? visit.version() - 1 : changes.getOrDefault(visit.fieldId(), 0),
                        "Soil visit: " + fields.get(visit.fieldId()).name(),
                        visit.question().replace('-', ' ') + ": " + names(visit.methods()),
                        visit.day(),
                        visit.day()));
            }
        }
        LocalDate today = LocalDate.now(clock);
        for (Season.DueOf one : season.due(viewer, today.minusYears(YEARS_BACK), today.plusYears(YEARS_AHEAD))) {
            DueAgain.Due due = one.due();
            String id = retest(due.zone(), due.why(), due.nth());
            if (!planned.contains(id)) {
                calendar.addEvent(event(
                        id,
                        changes.getOrDefault(one.field(), 0),
                        "Look again: " + fields.get(one.field()).name(),
                        due.why().replace('-', ' ') + ": " + names(due.methods()),
                        due.due(),
                        due.window().to()));
            }
        }
        for (Plans.OfField plan : plans.all(viewer)) {
            Field field = fields.get(plan.fieldId());
            if (field != null) {
                plan.steps().stream()
                        .filter(Calendars::isAhead)
                        .forEach(step -> calendar.addEvent(event(
                                "step-" + step.id(),
                                plan.version() - 1,
                                remedy(step) + ": " + field.name(),
                                step.state() + (step.why() == null ? "" : ". " + step.why()),
                                LocalDate.parse(step.from() + "-01"),
                                LocalDate.parse(step.to() + "-01").plusMonths(1).minusDays(1))));
            }
        }
        return Biweekly.write(calendar).go();
    }

    /** Tests of one zone that are due at different times are events of their own, in their order. */
    private static String retest(UUID zone, String why, int nth) {
        return "retest-" + zone + "-" + why + "-" + nth;
    }

    private static boolean isAhead(Plans.Step step) {
        return step.state().equals("proposed") || step.state().equals("agreed");
    }

    private static String remedy(Plans.Step step) {
        return Remedies.find(step.remedy()).orElseThrow().description().name();
    }

    private static String names(List<String> methods) {
        return String.join(", ", methods.stream().map(Methods::nameOf).toList());
    }

    private VEvent event(String id, int sequence, String title, String more, LocalDate from, LocalDate to) {
        VEvent event = new VEvent();
        event.setUid(id + OURS);
        event.setSequence(Math.max(0, sequence));
        event.setDateTimeStamp(Date.from(clock.instant()));
        event.setSummary(title);
        event.setDescription(more);
        event.setDateStart(new DateStart(day(from)));
        // The end of a span of days is the day after its last.
        event.setDateEnd(new DateEnd(day(to.plusDays(1))));
        return event;
    }

    private static ICalDate day(LocalDate day) {
        return new ICalDate(new DateTimeComponents(day.getYear(), day.getMonthValue(), day.getDayOfMonth()), false);
    }

    private static String sha256(String key) {
        try {
            byte[] hash = MessageDigest.getInstance("SHA-256").digest(key.getBytes(StandardCharsets.UTF_8));
            return HexFormat.of().formatHex(hash);
        } catch (NoSuchAlgorithmException fault) {
            throw new IllegalStateException(fault);
        }
    }
}
