package morphotera.app.papers;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import morphotera.app.people.Viewer;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
public interface PaperMapper {
    record Row(UUID id, int version, UUID fieldId, String bodyJson, UUID keptBy, String keptByName, Instant keptAt) {}

    Optional<Row> newest(@Param("viewer") Viewer viewer, @Param("kind") String kind, @Param("id") UUID id);

    Optional<Row> version(
            @Param("viewer") Viewer viewer,
            @Param("kind") String kind,
            @Param("id") UUID id,
            @Param("version") int version);

    List<Row> all(@Param("viewer") Viewer viewer, @Param("kind") String kind);

    /** Held until the transaction ends, so that of two who save at once the second sees the first. */
    UUID lock(@Param("viewer") Viewer viewer);

    int add(@Param("viewer") Viewer viewer, @Param("kind") String kind, @Param("it") Row row);
}
