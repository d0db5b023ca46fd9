package morphotera.app.api;

import org.apache.ibatis.annotations.Mapper;

@Mapper
interface HealthMapper {
    int installation();
}
