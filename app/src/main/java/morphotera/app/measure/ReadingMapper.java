package morphotera.app.measure;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import morphotera.app.people.Viewer;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
public interface ReadingMapper {
    Optional<ReadingRow> reading(@Param("viewer") Viewer viewer, @Param("id") UUID id);

    /** All versions of all readings of a visit, in the order taken. */
    List<ReadingRow> ofVisit(@Param("viewer") Viewer viewer, @Param("visitId") UUID visitId);

    /** All versions of all readings of a field, oldest visit first. */
    List<ReadingRow> ofField(@Param("viewer") Viewer viewer, @Param("fieldId") UUID fieldId);

    /** Those of a spot or a sample in a visit that stand, in the order taken. */
    List<ReadingRow> standingAt(
            @Param("viewer") Viewer viewer, @Param("visitId") UUID visitId, @Param("placeId") UUID placeId);

    /** The readings of a field that stand, oldest visit first. */
    List<ReadingRow> standing(@Param("viewer") Viewer viewer, @Param("fieldId") UUID fieldId);

    List<MeasureRow> measuresOfReading(@Param("viewer") Viewer viewer, @Param("id") UUID id);

    List<MeasureRow> measuresOfVisit(@Param("viewer") Viewer viewer, @Param("visitId") UUID visitId);

    List<MeasureRow> measuresAt(
            @Param("viewer") Viewer viewer, @Param("visitId") UUID visitId, @Param("placeId") UUID placeId);

    List<MeasureRow> measuresOfField(@Param("viewer") Viewer viewer, @Param("fieldId") UUID fieldId);

    Optional<UUID> newestRead(@Param("viewer") Viewer viewer, @Param("fieldId") UUID fieldId);

    /** 1, or 0 where a reading of this id is there already. */
    int add(
            @Param("viewer") Viewer viewer,
            @Param("id") UUID id,
            @Param("it") ReadingBody body,
            @Param("entered") String enteredJson,
            @Param("rules") String rules);

    int setAside(@Param("viewer") Viewer viewer, @Param("id") UUID id, @Param("reason") String reason);

    void putResult(@Param("viewer") Viewer viewer, @Param("it") ResultRow result);

    void addMeasures(@Param("readingId") UUID readingId, @Param("of") MeasureColumns measures);

    void clearMeasures(UUID readingId);

    List<String> placedOn(@Param("viewer") Viewer viewer, @Param("pattern") String pattern);
}
