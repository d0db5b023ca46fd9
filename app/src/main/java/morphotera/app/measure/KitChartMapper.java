package morphotera.app.measure;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import morphotera.app.people.Viewer;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
public interface KitChartMapper {
    record Row(UUID id, String name, String kit, String quantity, String unit, String stepsJson, int version) {}

    List<Row> all(@Param("viewer") Viewer viewer);

    Optional<Row> find(@Param("viewer") Viewer viewer, @Param("id") UUID id);

    int add(@Param("viewer") Viewer viewer, @Param("it") Row chart);

    int update(@Param("viewer") Viewer viewer, @Param("it") Row chart);
}
