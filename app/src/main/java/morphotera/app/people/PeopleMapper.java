package morphotera.app.people;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import morphotera.ground.Nullable;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
public interface PeopleMapper {
    Optional<Person> byEmail(String email);

    Optional<Person> byId(UUID id);

    List<Person> ofPractice(UUID practiceId);

    /** Also of a person who was removed. */
    int wasInPractice(@Param("personId") UUID personId, @Param("practiceId") UUID practiceId);

    List<PersonHolding> holdingsOfPractice(UUID practiceId);

    List<UUID> holdingsOf(UUID personId);

    int practices();

    Practice practice(UUID id);

    /** What a person may: their practice and role, a line for each holding of a reader; none where they were removed. */
    List<Right> rights(UUID personId);

    int owners(UUID practiceId);

    /** Held until the transaction ends. */
    UUID lockPractice(UUID practiceId);

    int lockInstallation();

    /** Null where none were ever chosen. */
    String units(UUID id);

    List<KeptReader> readersOf(@Param("holdingId") UUID holdingId, @Param("practiceId") UUID practiceId);

    int setUnits(@Param("id") UUID id, @Param("units") String units);

    int setPassword(@Param("id") UUID id, @Param("hash") String hash);

    int remove(@Param("id") UUID id, @Param("practiceId") UUID practiceId, @Param("version") int version);

    void addPractice(@Param("id") UUID id, @Param("name") String name, @Param("madeUp") boolean madeUp);

    void add(Person person);

    int update(Person person);

    void clearHoldings(UUID personId);

    void addHolding(@Param("personId") UUID personId, @Param("holdingId") UUID holdingId);

    int holdingsInPractice(@Param("practiceId") UUID practiceId, @Param("ids") List<UUID> ids);

    record KeptReader(String name, @Nullable String units) {}

    record Right(UUID practiceId, String role, UUID holdingId) {}

    record Practice(UUID id, String name, boolean madeUp) {}

    record PersonHolding(UUID personId, UUID holdingId) {}
}
