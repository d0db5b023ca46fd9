package morphotera.app.measure;

import java.util.Optional;
import java.util.UUID;
import morphotera.app.people.Viewer;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
public interface StreamMapper {
    Optional<String> of(@Param("viewer") Viewer viewer, @Param("readingId") UUID readingId);

    /** 0 where there is one already. */
    int add(
            @Param("viewer") Viewer viewer,
            @Param("readingId") UUID readingId,
            @Param("streamsJson") String streamsJson);
}
