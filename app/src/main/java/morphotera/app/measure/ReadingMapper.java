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

    /** The readings that stand, of one field or of all, oldest visit first. */
    List<ReadingRow> standing(@Param("viewer") Viewer viewer, @Param("fieldId") UUID fieldId);

    List<MeasureRow> measuresOfReading(@Param("viewer") Viewer viewer, @Param("id") UUID id);

    List<MeasureRow> measuresOfVisit(@Param("viewer") Viewer viewer, @Param("visitId") UUID visitId);

    List<MeasureRow> measuresOfField(@Param("viewer") Viewer viewer, @Param("fieldId") UUID fieldId);

    /** One measure of all readings of a method. */
    List<MeasureRow> measuresOfMethod(
            @Param("viewer") Viewer viewer, @Param("method") String method, @Param("key") String key);

    void add(@Param("viewer") Viewer viewer, @Param("it") ReadingRow reading);

    void addResult(
            @Param("viewer") Viewer viewer,
            @Param("fieldId") UUID fieldId,
            @Param("band") String band,
            @Param("it") ReadingRow reading);

    void addMeasures(@Param("rows") List<MeasureRow> rows);

    void clearResult(UUID readingId);

    void clearMeasures(UUID readingId);
}
