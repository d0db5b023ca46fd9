package morphotera.app.tables;

import java.io.IOException;
import java.io.InputStream;
import java.util.Map;
import morphotera.app.papers.PaperKind;
import morphotera.app.papers.PaperShape;
import morphotera.decide.CauseTable;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.databind.json.JsonMapper;

/** The versioned tables that ship with the core. */
@Configuration
class Tables {
    /** As they stand in their files, for a device that computes by itself. */
    @Bean
    ShippedTables shipped(JsonMapper json) throws IOException {
        return new ShippedTables(
                read(json, "/morphotera/plain-yardstick.json"), read(json, "/morphotera/plain-causes.json"));
    }

    @Bean
    PaperShape yardstickShape() {
        return new PaperShape(PaperKind.YARDSTICK, Yardsticks.Kept.class);
    }

    @Bean
    PaperShape sheetShape() {
        return new PaperShape(PaperKind.TABLE, PracticeSheets.Kept.class);
    }

    @Bean
    CauseTable causeTable(ShippedTables shipped) {
        return CauseTable.of(shipped.causes());
    }

    @SuppressWarnings("unchecked")
    private static Map<String, Object> read(JsonMapper json, String resource) throws IOException {
        try (InputStream in = Tables.class.getResourceAsStream(resource)) {
            return json.readValue(in, Map.class);
        }
    }
}
