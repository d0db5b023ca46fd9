package morphotera.app.scout;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import morphotera.app.people.Viewer;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
interface WeatherMapper {
    List<Weather.Kept> of(
            @Param("viewer") Viewer viewer,
            @Param("holdingId") UUID holdingId,
            @Param("from") LocalDate from,
            @Param("to") LocalDate to);

    int keep(@Param("viewer") Viewer viewer, @Param("holdingId") UUID holdingId, @Param("it") Weather.Kept day);
}
