package morphotera;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import morphotera.decide.Remedy;
import morphotera.decide.remedies.Remedies;
import morphotera.follow.Forecast;
import morphotera.follow.forecasts.Forecasts;
import morphotera.ground.Decimal;
import morphotera.measure.Description;
import morphotera.measure.Entry;
import morphotera.measure.Evaluation;
import morphotera.measure.Method;
import morphotera.measure.Result;
import morphotera.measure.methods.Methods;
import org.junit.jupiter.api.Test;

/** The guide's pages of methods and sums are made from their descriptions; {@code -Dguide.write=true} writes them anew. */
class GuideTest {
    private static final Path GUIDE = Path.of("../docs/guide");

    @Test
    void the_page_of_methods_is_the_one_the_descriptions_give() throws IOException {
        StringBuilder page = new StringBuilder("# Every method\n\nMade from the methods' own descriptions. Grade A: a "
                + "published standard with published limits; B: a widely used field rule; C: a heuristic that others "
                + "dispute, never in a field's score. *Warning* flags keep a reading from being evidence.\n");
        for (Method method : Methods.ALL) {
            method(page, method);
        }
        holds("methods.md", page);
    }

    @Test
    void the_page_of_sums_is_the_one_the_descriptions_give() throws IOException {
        StringBuilder page =
                new StringBuilder("# Every remedy and forecast\n\nMade from their own descriptions. Prices are "
                        + "made up. Any number of a sum may carry a spread (a standard deviation in its unit); the answer then has "
                        + "ranges, 5 to 95 % of " + Remedy.DRAWS + " seeded draws. A forecast is a band of as many.\n");
        Remedies.ALL.forEach(remedy -> remedy(page, remedy.description()));
        page.append("\n# Forecasts\n");
        for (Forecast forecast : Forecasts.ALL) {
            Forecast.Description of = forecast.description();
            page.append("\n## ")
                    .append(of.name())
                    .append(" (")
                    .append(of.grade())
                    .append(", `")
                    .append(of.id());
            page.append("`)\n\n")
                    .append(of.about())
                    .append(" Along ")
                    .append(of.along())
                    .append(", in ");
            page.append(of.unit()).append(". Source: ").append(of.source()).append(".\n\n");
            fields(page, of.fields());
        }
        holds("remedies.md", page);
    }

    private static void method(StringBuilder page, Method method) {
        Description of = method.description();
        page.append("\n## ")
                .append(of.name())
                .append(" (")
                .append(of.grade())
                .append(", ")
                .append(of.group().word());
        page.append(", `")
                .append(of.id())
                .append("`)\n\n")
                .append(of.purpose())
                .append(". ")
                .append(of.about());
        page.append("\n\n");
        of.cautions().forEach(caution -> page.append("- **").append(caution).append("**\n"));
        page.append(of.cautions().isEmpty() ? "" : "\n");
        fields(page, of.fields());
        page.append("\n| comes of it | unit | needs the day | formula |\n| --- | --- | --- | --- |\n");
        for (Result result : of.results()) {
            page.append("| ")
                    .append(result.label())
                    .append(" `")
                    .append(result.key())
                    .append("` | ");
            page.append(unit(result))
                    .append(result.needsDay() ? " | yes | " : " | | ")
                    .append(result.formula());
            page.append(" |\n");
        }
        List<String> facts = new ArrayList<>();
        facts.add(
                switch (of.day()) {
                    case ANY -> "any day";
                    case MOIST_SOIL -> "what needs the day: moist soil, by texture after rain";
                    case UNFROZEN -> "unfrozen ground";
                    case NOT_DRY -> "crumbs that have not dried out";
                });
        List<String> warnings = of.words().keySet().stream()
                .filter(Evaluation::isWarning)
                .sorted()
                .toList();
        if (!warnings.isEmpty()) {
            facts.add("warnings: " + String.join(", ", warnings));
        }
        facts.add("source: " + of.source());
        page.append("\n").append(capital(String.join("; ", facts))).append(".\n");
    }

    private static void remedy(StringBuilder page, Remedy.Description of) {
        page.append("\n## ")
                .append(of.name())
                .append(" (")
                .append(of.grade())
                .append(", `")
                .append(of.id());
        page.append("`)\n\n").append(of.purpose()).append(". ").append(of.effect());
        page.append(of.range().isEmpty() ? "" : " " + of.range());
        page.append(of.source().isEmpty() ? "" : " Source: " + of.source() + ".")
                .append("\n\n");
        of.cautions().forEach(caution -> page.append("- ").append(caution).append("\n"));
        if (!of.fields().isEmpty()) {
            page.append("\n");
            fields(page, of.fields());
        }
    }

    private static void fields(StringBuilder page, List<Entry> fields) {
        page.append("| entered | as |\n| --- | --- |\n");
        fields.forEach(field -> field(page, field, ""));
    }

    private static void field(StringBuilder page, Entry field, String inside) {
        String need = field.required() || field.preset() != null ? "" : ", may be left open";
        String preset = field.preset() == null ? "" : ", else " + field.preset();
        page.append("| ")
                .append(inside)
                .append(field.label())
                .append(" `")
                .append(field.key())
                .append("` | ");
        page.append(as(field)).append(need).append(preset).append(" |\n");
        if (field.kind() == Entry.Kind.LIST || field.kind() == Entry.Kind.GROUP) {
            field.fields().forEach(inner -> field(page, inner, inside + "· "));
        }
    }

    private static String as(Entry field) {
        String least = field.minItems() > 0 ? field.minItems() + " or more" : "any number";
        return switch (field.kind()) {
            case NUMBER -> {
                String over = field.range().aboveMin() ? "over " : "";
                yield over + Decimal.show(field.range().min(), 3) + " to "
                        + Decimal.show(field.range().max(), 3) + (field.unit() == null ? "" : " " + field.unit())
                        + (field.whole() ? ", whole" : "");
            }
            case CHOICE, WORDS ->
                (field.kind() == Entry.Kind.WORDS ? least + " of " : "")
                        + field.options().stream().map(Entry.Option::word).collect(Collectors.joining(", "));
            case YES_NO -> "yes or no";
            case TEXT -> "words";
            case COUNTS -> "whole numbers by name";
            case LIST -> least + ", each:";
            case GROUP -> "together:";
        };
    }

    private static String capital(String text) {
        return Character.toUpperCase(text.charAt(0)) + text.substring(1);
    }

    private static void holds(String name, StringBuilder page) throws IOException {
        Path file = GUIDE.resolve(name);
        if (Boolean.getBoolean("guide.write")) {
            Files.writeString(file, page);
        }
        assertThat(Files.readString(file))
                .as("%s is old; write it anew: mvn -pl core test -Dtest=GuideTest -Dguide.write=true", name)
                .isEqualTo(page.toString());
    }

    private static String unit(Result result) {
        return switch (result.kind()) {
            case NUMBER -> result.unit() == null ? "" : result.unit();
            case YES_NO -> "yes or no";
            case WORD, WORDS -> String.join(", ", result.words());
        };
    }
}
