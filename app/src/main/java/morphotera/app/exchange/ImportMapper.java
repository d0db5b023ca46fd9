package morphotera.app.exchange;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import morphotera.app.people.Viewer;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
public interface ImportMapper {
    /** {@code state}: {@code looked-at} or {@code saved}. */
    record Row(UUID id, String kind, UUID holdingId, UUID fieldId, String state, Instant madeAt, String columnsJson) {}

    void add(@Param("viewer") Viewer viewer, @Param("it") Row file);

    Optional<Row> find(@Param("viewer") Viewer viewer, @Param("id") UUID id);

    /** Its state, and until the transaction ends nobody else confirms it. */
    Optional<String> lock(@Param("viewer") Viewer viewer, @Param("id") UUID id);

    void saved(@Param("viewer") Viewer viewer, @Param("id") UUID id);

    void drop(@Param("viewer") Viewer viewer, @Param("id") UUID id);

    List<UUID> older(@Param("than") Instant than);

    void match(@Param("viewer") Viewer viewer, @Param("id") UUID id, @Param("columns") String columnsJson);

    /** How the columns of files with these headings were matched last. */
    Optional<String> remembered(
            @Param("viewer") Viewer viewer, @Param("kind") String kind, @Param("headings") String headings);

    void remember(
            @Param("viewer") Viewer viewer,
            @Param("kind") String kind,
            @Param("headings") String headings,
            @Param("columns") String columnsJson);

    void dropOlder(@Param("than") Instant than);
}
