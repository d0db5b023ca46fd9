package morphotera.app.measure;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import morphotera.app.people.Viewer;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
public interface ClockMapper {
    /** Those that still run, oldest first. */
    List<Clock> running(@Param("viewer") Viewer viewer);

    Optional<Clock> clock(@Param("viewer") Viewer viewer, @Param("id") UUID id);

    int add(@Param("viewer") Viewer viewer, @Param("it") Clock clock);

    void end(@Param("viewer") Viewer viewer, @Param("it") Clock clock);
}
