package morphotera.app.exchange.tables;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

/** Rows of any table as text, their cells c0, c1, … in the order of its columns. What is put into the statements themselves comes from {@link Tables} alone. */
@Mapper
public interface TableMapper {
    long count(@Param("from") String from, @Param("where") String where, @Param("scope") Scope scope);

    /** The next rows after a key, by key; {@code after} null: from the first. */
    List<Map<String, Object>> page(
            @Param("table") Table table,
            @Param("from") String from,
            @Param("where") String where,
            @Param("scope") Scope scope,
            @Param("after") List<String> after,
            @Param("size") int size);

    /**
     * Those of these rows that are there, whosever they are, with {@code mine}.
     *
     * @param cells those of their keys, an array a column
     */
    List<Map<String, Object>> there(
            @Param("table") Table table, @Param("practiceId") UUID practiceId, @Param("cells") List<String[]> cells);

    /** Those of these ids that are rows of this practice. */
    List<String> mine(@Param("table") Table table, @Param("practiceId") UUID practiceId, @Param("ids") String[] ids);

    /** @param cells an array a column, each with a cell of every row */
    int insert(@Param("table") Table table, @Param("practiceId") UUID practiceId, @Param("cells") List<String[]> cells);

    int insertPeople(
            @Param("table") Table table, @Param("practiceId") UUID practiceId, @Param("cells") List<String[]> cells);

    int correct(@Param("id") String id, @Param("corrects") String corrects, @Param("practiceId") UUID practiceId);
}
