package morphotera.app.tables;

import java.io.IOException;
import java.io.InputStream;
import java.util.EnumMap;
import java.util.Map;
import morphotera.decide.CauseTable;
import morphotera.read.School;
import morphotera.read.Yardstick;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.databind.json.JsonMapper;

/** The versioned tables that ship with the core. */
@Configuration
class Tables {
    @Bean
    Yardsticks yardsticks(JsonMapper json) throws IOException {
        Object table = read(json, "/morphotera/plain-yardstick.json");
        Map<School, Yardstick> bySchool = new EnumMap<>(School.class);
        for (School school : School.values()) {
            bySchool.put(school, Yardstick.of(table, school));
        }
        return new Yardsticks(bySchool);
    }

    @Bean
    CauseTable causeTable(JsonMapper json) throws IOException {
        return CauseTable.of(read(json, "/morphotera/plain-causes.json"));
    }

    private static Object read(JsonMapper json, String resource) throws IOException {
        try (InputStream in = Tables.class.getResourceAsStream(resource)) {
            return json.readValue(in, Map.class);
        }
    }
}
