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
            UUID sampleId,
            String method,
            int repeatNumber,
            String variant,
            String note,
            String bodyJson,
            Instant changedAt) {}

    List<Row> ofVisit(@Param("viewer") Viewer viewer, @Param("visitId") UUID visitId);

    /** Keeps the newer of two. */
    void keep(@Param("viewer") Viewer viewer, @Param("place") UUID placeId, @Param("it") Row draft);

    void drop(
            @Param("viewer") Viewer viewer,
            @Param("visitId") UUID visitId,
            @Param("placeId") UUID placeId,
            @Param("method") String method,
            @Param("repeat") int repeat);
}
