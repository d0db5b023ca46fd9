package morphotera.app.pictures;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import morphotera.ground.Nullable;

/**
 * A picture of a visit.
 *
 * @param spotId {@code method}: what it is of; null: the visit as a whole
 * @param kind jpeg, png or webp
 * @param removed {@code position}, {@code device}: what the file told beside the picture and was taken out
 * @param place where it was taken, kept on wish; null: not kept, or not told
 */
public record Photograph(
        UUID id,
        UUID visitId,
        @Nullable UUID spotId,
        @Nullable String method,
        String sha256,
        String kind,
        int widthPx,
        int heightPx,
        long bytes,
        Instant takenAt,
        List<String> removed,
        @Nullable Place place) {

    /** Where it was taken, degrees (WGS 84). */
    public record Place(double lat, double lon) {}

    static Photograph of(PhotographMapper.Row row) {
        return new Photograph(
                row.id(),
                row.visitId(),
                row.spotId(),
                row.method(),
                row.sha256(),
                row.kind(),
                row.widthPx(),
                row.heightPx(),
                row.bytes(),
                row.takenAt(),
                row.removed().isEmpty() ? List.of() : List.of(row.removed().split(" ")),
                row.lat() == null ? null : new Place(row.lat(), row.lon()));
    }
}
