package morphotera.app.season;

import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import morphotera.app.people.Viewer;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
public interface CalendarMapper {
    /** In place of the one before, which opens nothing any more. */
    void put(@Param("viewer") Viewer viewer, @Param("sha256") String sha256, @Param("at") Instant at);

    Optional<UUID> whose(String sha256);
}
