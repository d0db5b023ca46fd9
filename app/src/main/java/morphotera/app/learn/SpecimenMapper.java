package morphotera.app.learn;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.UUID;
import morphotera.app.people.Viewer;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
public interface SpecimenMapper {
    record Row(
            UUID personId,
            String method,
            int number,
            Instant answeredAt,
            String saidJson,
            double score,
            double trueScore) {

        double error() {
            return score - trueScore;
        }
    }

    /** In the order of their numbers. */
    List<Row> of(@Param("viewer") Viewer viewer, @Param("people") Collection<UUID> people);

    /** 0 where this one was answered before: the first answer stands. */
    int add(@Param("viewer") Viewer viewer, @Param("it") Row row);
}
