package morphotera.app.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import morphotera.app.exchange.tables.Column;
import morphotera.app.exchange.tables.Table;
import morphotera.app.exchange.tables.Tables;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** The page of formats is made from the tables' own descriptions; {@code -Dguide.write=true} writes it anew. */
class FormatsTest {
    private static final Path PAGE = Path.of("../docs/formats.md");
    private static final Path DESCRIBED = Path.of("../docs/datapackage.json");
    private static final String BEGINS = "<!-- From here on made from the tables' own descriptions. -->\n";

    @Test
    void the_page_of_formats_is_the_one_the_tables_give() throws IOException {
        String page = Files.readString(PAGE);
        String written = page.substring(0, page.indexOf(BEGINS) + BEGINS.length()) + tables();
        if (Boolean.getBoolean("guide.write")) {
            Files.writeString(PAGE, written);
        }
        assertThat(Files.readString(PAGE)).isEqualTo(written);
    }

    /** What lies beside the tables in every package; the page's tests hold it against the published schema. */
    @Test
    void the_description_for_programs_is_the_one_that_is_shown() throws IOException {
        String written = JsonMapper.builder()
                        .enable(SerializationFeature.INDENT_OUTPUT)
                        .build()
                        .writeValueAsString(DataPackage.of("A practice"))
                + "\n";
        if (Boolean.getBoolean("guide.write")) {
            Files.writeString(DESCRIBED, written);
        }
        assertThat(Files.readString(DESCRIBED)).isEqualTo(written);
    }

    private static String tables() {
        StringBuilder text = new StringBuilder();
        for (Table table : Tables.ALL) {
            text.append("\n## ").append(table.name()).append(".csv\n\n").append(table.about());
            text.append(" Key: ")
                    .append(String.join(
                            ", ", table.keyColumns().stream().map(Column::name).toList()));
            text.append(".\n\n| column | holds | what it is |\n|---|---|---|\n");
            for (Column column : table.columns()) {
                text.append("| `").append(column.name()).append("` | ").append(holds(column));
                text.append(" | ").append(column.title()).append(" |\n");
            }
        }
        return text.toString();
    }

    private static String holds(Column column) {
        String kind = switch (column.kind()) {
            case UUID -> column.refers() == null ? "UUID" : "id in " + column.refers();
            case TEXT ->
                column.words().isEmpty() || column.words().size() > 12 ? "text" : String.join(", ", column.words());
            case NUMBER -> "number";
            case INTEGER -> "whole number";
            case BOOLEAN -> "true, false";
            case DAY -> "day";
            case INSTANT -> "instant, UTC";
            case JSON -> "JSON";
        };
        return column.needed() ? kind : kind + "; may be empty";
    }
}
