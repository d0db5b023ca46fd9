package morphotera.app.scout;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import morphotera.app.api.Checked;
import morphotera.app.api.Findings;
import morphotera.ground.Coded;
import morphotera.ground.Moisture;
import morphotera.ground.Nullable;
import morphotera.measure.Method;
import morphotera.measure.methods.Methods;
import morphotera.scout.Question;
import morphotera.scout.StartCard;

/** What is sent to plan, begin or end a visit. Version 0 is new. */
public record VisitBody(
        UUID fieldId,
        LocalDate day,
        String state,
        String question,
        @Nullable List<String> methods,
        @Nullable String moisture,
        Double soilTemperatureC,
        Double daysSinceRain,
        Double rainMm,
        @Nullable String weather,
        @Nullable Map<String, Instant> startCard,
        @Nullable Map<String, Map<String, Boolean>> ticks,
        @Nullable DayPlan plan,
        int version)
        implements Checked {

    @Override
    public void check(Findings findings) {
        findings.needed("/fieldId", fieldId, "A field");
        findings.needed("/day", day, "A day");
        findings.needed("/state", state, "The state");
        findings.word("/state", state, "state", List.of("planned", "running", "done"));
        findings.needed("/question", question, "The question");
        findings.word("/question", question, "question", words(Question.values()));
        findings.word("/moisture", moisture, "moisture", words(Moisture.values()));
        findings.range("/soilTemperatureC", soilTemperatureC, "Soil temperature, °C,", -10, 60);
        findings.range("/daysSinceRain", daysSinceRain, "Days since 10 mm of rain", 0, 10_000);
        findings.range("/rainMm", rainMm, "Rain, mm,", 0, 2000);
        findings.atMost("/weather", weather, "The weather", 300);
        List<String> known = Methods.ALL.stream().map(Method::id).toList();
        List<String> chosen = methods == null ? List.of() : methods;
        findings.size("/methods", chosen.size(), "Tests", known.size());
        findings.day("/day", day);
        for (int i = 0; i < chosen.size() && chosen.size() <= known.size(); i++) {
            findings.needed("/methods/" + i, chosen.get(i), "A test");
            findings.word("/methods/" + i, chosen.get(i), "method", known);
        }
        if (plan != null) {
            plan.check("/plan", findings);
        }
        if (startCard != null) {
            List<String> items =
                    StartCard.ITEMS.stream().map(StartCard.Item::id).toList();
            findings.size("/startCard", startCard.size(), "The start card", items.size());
            startCard.keySet().stream()
                    .limit(items.size())
                    .forEach(item -> findings.word("/startCard/" + item, item, "item", items));
        }
    }

    private static List<String> words(Coded[] all) {
        return Arrays.stream(all).map(Coded::word).toList();
    }
}
