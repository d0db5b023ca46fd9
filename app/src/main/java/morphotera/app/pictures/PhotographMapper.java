package morphotera.app.pictures;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import morphotera.app.people.Viewer;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
public interface PhotographMapper {
    /**
     * A picture as stored.
     *
     * @param sentSha256 of what was sent, by which the same again is known
     * @param sha256 of what is kept
     * @param removed words with a space between
     */
    record Row(
            UUID id,
            UUID visitId,
            UUID spotId,
            String method,
            String sentSha256,
            String sha256,
            String kind,
            int widthPx,
            int heightPx,
            long bytes,
            Instant takenAt,
            String removed,
            Double lat,
            Double lon) {}

    Optional<Row> find(@Param("viewer") Viewer viewer, @Param("id") UUID id);

    List<Row> ofVisit(@Param("viewer") Viewer viewer, @Param("visitId") UUID visitId);

    /** Of a field's spots: those of the place itself before those of a test, the newest first. */
    List<Row> ofSpots(@Param("viewer") Viewer viewer, @Param("fieldId") UUID fieldId);

    /** 1, or 0 where there is one of this id already. */
    int add(@Param("viewer") Viewer viewer, @Param("it") Row photograph, @Param("keptAt") Instant keptAt);
}
