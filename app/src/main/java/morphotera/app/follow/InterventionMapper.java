package morphotera.app.follow;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import morphotera.app.people.Viewer;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
public interface InterventionMapper {
    List<Intervention> of(@Param("viewer") Viewer viewer, @Param("fieldId") UUID fieldId);

    Optional<Intervention> intervention(@Param("viewer") Viewer viewer, @Param("id") UUID id);

    int add(@Param("viewer") Viewer viewer, @Param("it") Intervention intervention);

    int update(@Param("viewer") Viewer viewer, @Param("it") Intervention intervention);
}
