package morphotera.app.scout;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import morphotera.app.people.Viewer;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
public interface VisitMapper {
    Optional<VisitRow> visit(@Param("viewer") Viewer viewer, @Param("id") UUID id);

    /** Newest first; of one field, or of all. */
    List<VisitRow> visits(@Param("viewer") Viewer viewer, @Param("fieldId") UUID fieldId);

    List<VisitRow> ofFields(@Param("viewer") Viewer viewer, @Param("ids") List<UUID> ids);

    int add(VisitRow visit);

    /** Holds the visit until the transaction ends. */
    Optional<UUID> lock(@Param("viewer") Viewer viewer, @Param("id") UUID id);

    int update(VisitRow visit);

    int raise(@Param("viewer") Viewer viewer, @Param("id") UUID id);

    Optional<Integer> revision(@Param("viewer") Viewer viewer, @Param("id") UUID id);
}
