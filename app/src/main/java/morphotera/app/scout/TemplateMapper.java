package morphotera.app.scout;

import java.util.List;
import java.util.Optional;
import morphotera.app.people.Viewer;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
interface TemplateMapper {
    List<Templates.Row> of(@Param("viewer") Viewer viewer);

    Optional<Templates.Row> template(@Param("viewer") Viewer viewer, @Param("id") String id);

    int add(@Param("viewer") Viewer viewer, @Param("it") Templates.Row row);

    int update(@Param("viewer") Viewer viewer, @Param("it") Templates.Row row);
}
