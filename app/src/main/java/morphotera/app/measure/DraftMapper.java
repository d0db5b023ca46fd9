package morphotera.app.measure;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import morphotera.app.people.Viewer;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
public interface DraftMapper {
    record Row(
            UUID visitId,
            UUID spotId,
            String method,
            int repeatNumber,
            String variant,
            String note,
            UUID sampleId,
            String bodyJson,
            Instant changedAt) {}

    List<Row> ofVisit(@Param("viewer") Viewer viewer, @Param("visitId") UUID visitId);

    /** Keeps the newer of two. */
    void keep(@Param("viewer") Viewer viewer, @Param("it") Row draft);

    void drop(
            @Param("viewer") Viewer viewer,
            @Param("visitId") UUID visitId,
            @Param("spotId") UUID spotId,
            @Param("method") String method,
            @Param("repeat") int repeat);
}
