package morphotera.app.scout;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import morphotera.app.api.Checked;
import morphotera.app.api.Findings;
import morphotera.ground.Coded;
import morphotera.ground.Nullable;
import morphotera.ground.TextureGroup;
import morphotera.measure.Method;
import morphotera.measure.methods.Methods;
import morphotera.scout.WeatherGate;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** On which days a method is valid, by rain and warmth. */
@RestController
class WeatherGateController {
    private static final int MOST_RECORDED = 4000;
    private static final int MOST_JUDGED = 400;

    /** @param irrigationMm added to its rain */
    record DayBody(
            LocalDate day,
            Double rainMm,
            @Nullable Double irrigationMm,
            @Nullable Double airMeanC,
            @Nullable Boolean forecast) {}

    record GateBody(
            @Nullable String textureGroup, List<String> methods, List<DayBody> days, LocalDate from, LocalDate to)
            implements Checked {
        @Override
        public void check(Findings findings) {
            findings.word(
                    "/textureGroup",
                    textureGroup,
                    "texture group",
                    Arrays.stream(TextureGroup.values()).map(Coded::word).toList());
            findings.needed("/methods", methods, "The tests");
            findings.needed("/days", days, "The record of rain");
            findings.needed("/from", from, "The first day");
            findings.needed("/to", to, "The last day");
            findings.day("/from", from);
            findings.day("/to", to);
            if (from != null && to != null && to.isBefore(from)) {
                findings.refuse("/to", "backward", "The last day is not before the first.");
            } else if (from != null && to != null && to.toEpochDay() - from.toEpochDay() >= MOST_JUDGED) {
                findings.refuse("/to", "too-many", "At most " + MOST_JUDGED + " days are judged at once.");
            }
            checkMethods(findings);
            checkDays(findings);
        }

        private void checkMethods(Findings findings) {
            List<String> known = Methods.ALL.stream().map(Method::id).toList();
            List<String> asked = methods == null ? List.of() : methods;
            findings.size("/methods", asked.size(), "Tests", known.size());
            for (int i = 0; i < Math.min(asked.size(), known.size()); i++) {
                findings.needed("/methods/" + i, asked.get(i), "A test");
                findings.word("/methods/" + i, asked.get(i), "method", known);
            }
        }

        private void checkDays(Findings findings) {
            List<DayBody> all = days == null ? List.of() : days;
            findings.size("/days", all.size(), "Days", MOST_RECORDED);
            Set<LocalDate> seen = new HashSet<>();
            for (int i = 0; i < Math.min(all.size(), MOST_RECORDED); i++) {
                DayBody one = all.get(i);
                String at = "/days/" + i;
                findings.needed(at, one, "A day");
                if (one == null) {
                    continue;
                }
                findings.needed(at + "/day", one.day(), "The day");
                findings.day(at + "/day", one.day());
                findings.needed(at + "/rainMm", one.rainMm(), "Rain");
                findings.range(at + "/rainMm", one.rainMm(), "Rain, mm,", 0, 2000);
                findings.range(at + "/irrigationMm", one.irrigationMm(), "Irrigation, mm,", 0, 2000);
                findings.range(at + "/airMeanC", one.airMeanC(), "Mean air temperature, °C,", -60, 60);
                if (one.day() != null && !seen.add(one.day())) {
                    findings.refuse(at + "/day", "twice", "This day is in the record already.");
                }
            }
        }
    }

    record OfDay(
            LocalDate day,
            @Nullable Integer daysSinceRain,
            @Nullable Double rain10dMm,
            @Nullable Double soilC,
            boolean forecast,
            List<WeatherGate.Why> why,
            List<WeatherGate.OfMethod> methods) {}

    record Judged(List<OfDay> days) {}

    @PostMapping("/api/weather-gates/judge")
    Judged judge(@RequestBody GateBody body) {
        TextureGroup texture =
                body.textureGroup() == null ? null : Coded.of(TextureGroup.values(), body.textureGroup());
        List<WeatherGate.Recorded> record = body.days().stream()
                .map(one -> new WeatherGate.Recorded(
                        one.day().toEpochDay(),
                        one.rainMm() + (one.irrigationMm() == null ? 0 : one.irrigationMm()),
                        one.airMeanC(),
                        Boolean.TRUE.equals(one.forecast())))
                .toList();
        List<Method> methods = body.methods().stream()
                .map(id -> Methods.find(id).orElseThrow())
                .toList();
        return new Judged(new WeatherGate(record, texture)
                .judge(body.from().toEpochDay(), body.to().toEpochDay(), methods).stream()
                        .map(one -> new OfDay(
                                LocalDate.ofEpochDay(one.day()),
                                one.daysSinceRain(),
                                one.rain10dMm(),
                                one.soilC(),
                                one.forecast(),
                                one.why(),
                                one.methods()))
                        .toList());
    }
}
