package morphotera.app.season;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import morphotera.app.people.Viewer;
import morphotera.ground.Nullable;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
public interface SearchMapper {
    /**
     * Something found: a field by its name, a spot by its label or note, a visit by its day, and what was written in a reading's
     * note or in a field's log.
     */
    record Found(
            String kind,
            UUID fieldId,
            String field,
            String holding,
            @Nullable UUID visitId,
            @Nullable UUID spotId,
            @Nullable String method,
            @Nullable LocalDate day,
            @Nullable String words) {}

    /** Fields first, then spots, visits, notes, the log; the newest of each first. {@code like} is in small letters. */
    List<Found> find(@Param("viewer") Viewer viewer, @Param("like") String like, @Param("limit") int limit);
}
