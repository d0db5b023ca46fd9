package morphotera.app.read;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import morphotera.ground.Nullable;
import morphotera.read.GroundColumn;
import morphotera.read.Section;

/**
 * A cut through the ground: the zone's spots and the reference side by side, each with what was read there, the visit before
 * as a ghost, and what it says in words.
 */
record SectionView(
        double deepestCm,
        @Nullable UUID previousVisit,
        @Nullable LocalDate previousDay,
        List<Column> columns,
        List<Section.Sentence> said) {

    /** A spot with its zone, its score by the balance of groups, and its ground. */
    record Column(
            UUID spotId,
            String label,
            @Nullable String note,
            String zoneKind,
            @Nullable Double score,
            GroundColumn ground) {}
}
