package morphotera.app.season;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import morphotera.app.people.Viewer;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
public interface SummaryMapper {
    /** Those that something changed for since they were computed. */
    List<SummaryRow> old(@Param("viewer") Viewer viewer, @Param("limit") int limit);

    /** What needs someone first, after a place in that order; the first where it is null. */
    List<SummaryRow> page(
            @Param("viewer") Viewer viewer,
            @Param("afterDay") LocalDate afterDay,
            @Param("afterId") UUID afterId,
            @Param("limit") int limit);

    /** All of them, as they were computed last. */
    List<SummaryRow> all(@Param("viewer") Viewer viewer);

    /** A method read in a zone on a day. */
    record WasRead(UUID zoneId, LocalDate day, String method) {}

    /** What was read of a field in visits that are done, oldest visit first. */
    List<WasRead> wasRead(@Param("viewer") Viewer viewer, @Param("fieldId") UUID fieldId);

    /** How often something of a field was written. */
    record Changes(UUID fieldId, long changes) {}

    List<Changes> changes(@Param("viewer") Viewer viewer);

    int count(@Param("viewer") Viewer viewer);

    void save(@Param("viewer") Viewer viewer, @Param("it") SummaryRow summary);
}
