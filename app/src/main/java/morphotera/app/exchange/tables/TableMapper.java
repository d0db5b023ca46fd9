package morphotera.app.exchange.tables;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

/** Rows of any table as text, their cells c0, c1, … in the order of its columns. What is put into the statements themselves comes from {@link Tables} alone. */
@Mapper
public interface TableMapper {
    long count(@Param("table") Table table, @Param("where") String where, @Param("scope") Scope scope);

    /** The next rows after a key, by key; {@code after} null: from the first. */
    List<Map<String, Object>> page(
            @Param("table") Table table,
            @Param("where") String where,
            @Param("scope") Scope scope,
            @Param("after") List<String> after,
            @Param("size") int size);

    /** Those of these rows that are there, whosever they are, with {@code mine}. */
    List<Map<String, Object>> there(
            @Param("table") Table table,
            @Param("practiceId") UUID practiceId,
            @Param("rows") List<Map<String, String>> rows);

    /** Those of these ids that are rows of this practice. */
    List<String> mine(
            @Param("table") Table table, @Param("practiceId") UUID practiceId, @Param("ids") List<String> ids);

    int insert(
            @Param("table") Table table,
            @Param("practiceId") UUID practiceId,
            @Param("rows") List<Map<String, String>> rows);

    int insertPeople(@Param("practiceId") UUID practiceId, @Param("rows") List<Map<String, String>> rows);

    int correct(@Param("id") String id, @Param("corrects") String corrects, @Param("practiceId") UUID practiceId);
}
