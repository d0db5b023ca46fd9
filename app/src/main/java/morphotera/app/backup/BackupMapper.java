package morphotera.app.backup;

import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
public interface BackupMapper {
    /** H2's own online backup into a ZIP, of one moment, while people save. */
    void backup(@Param("file") String file);

    int practices();
}
