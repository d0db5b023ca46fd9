package morphotera.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.UUID;
import morphotera.app.scout.VisitRow;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.session.Configuration;
import org.apache.ibatis.session.SqlSession;
import org.apache.ibatis.session.SqlSessionFactory;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Records are filled by name: two ids of one type must not swap when columns do. */
@ExtendWith(RunningApp.class)
class MapperTest {
    @Mapper
    interface Permuted {
        @Select(
                "select v.revision, v.version, v.ticks_json, v.plan_json, p.name as observer_name, v.observer_id, v.field_id, v.state, v.id, "
                        + "v.weather, v.rain_mm, v.moisture, v.days_since_rain, v.soil_temperature_c, v.practice_id, v.start_card_json, v.methods_json, v.question, v.planned_on "
                        + "from visit v join person p on p.id = v.observer_id order by v.id limit 1")
        VisitRow any();
    }

    @Test
    void columns_in_another_order_fill_the_same_record() {
        SqlSessionFactory sessions = RunningApp.bean(SqlSessionFactory.class);
        Configuration configuration = sessions.getConfiguration();
        if (!configuration.hasMapper(Permuted.class)) {
            configuration.addMapper(Permuted.class);
        }
        try (SqlSession session = sessions.openSession()) {
            VisitRow row = session.getMapper(Permuted.class).any();
            UUID observer = row.observerId();
            assertThat(row.id()).isNotEqualTo(row.fieldId()).isNotEqualTo(observer);
            assertThat(row.methodsJson()).startsWith("[");
            assertThat(row.ticksJson()).startsWith("{");
            assertThat(row.state()).isIn("planned", "running", "done");
        }
    }
}
