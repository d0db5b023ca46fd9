package morphotera.app.follow;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import morphotera.app.people.Viewer;
import morphotera.ground.Nullable;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
public interface PromiseMapper {
    record Row(UUID interventionId, UUID zoneId, String forecast, String measure, String inputJson, UUID promisedBy) {}

    record OfField(
            UUID interventionId,
            UUID zoneId,
            LocalDate doneOn,
            String forecast,
            String measure,
            String inputJson,
            @Nullable String adviser) {}

    int add(@Param("it") Row promise);

    int forget(@Param("interventionId") UUID interventionId);

    List<OfField> ofField(@Param("viewer") Viewer viewer, @Param("fieldId") UUID fieldId);

    List<UUID> fields(@Param("viewer") Viewer viewer);
}
