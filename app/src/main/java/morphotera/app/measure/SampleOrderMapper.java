package morphotera.app.measure;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import morphotera.app.people.Viewer;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
public interface SampleOrderMapper {
    /** @param bagJson what was sent; with it goes whose it is, since no person asks for what comes back by itself */
    record Row(UUID sampleId, UUID practiceId, UUID sentBy, UUID visitId, UUID fieldId, String bagJson) {}

    Optional<String> bag(@Param("viewer") Viewer viewer, @Param("sampleId") UUID sampleId);

    /** 0 where it was sent already. */
    int add(
            @Param("viewer") Viewer viewer,
            @Param("sampleId") UUID sampleId,
            @Param("sentAt") Instant sentAt,
            @Param("likelyAt") Instant likelyAt,
            @Param("bagJson") String bagJson);

    /** Of every practice, those without an answer, the longest under way first. */
    List<Row> waiting(@Param("most") int most);

    int answer(@Param("sampleId") UUID sampleId, @Param("at") Instant at, @Param("answerJson") String answerJson);
}
