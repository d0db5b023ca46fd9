package morphotera.app.parcels;

import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
interface ParcelMapper {
    /** What was answered to a parcel, and at which address. */
    record Kept(UUID personId, String address, int status, String answer) {}

    /** Held until the transaction ends. */
    UUID lockPerson(@Param("personId") UUID personId);

    Optional<Kept> parcel(@Param("id") UUID id);

    void keep(@Param("id") UUID id, @Param("it") Kept kept, @Param("at") Instant at);

    void forget(@Param("before") Instant before);
}
