package morphotera.app.read;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import morphotera.ground.Nullable;
import morphotera.read.Cut;
import morphotera.read.Section;

/** A cut through the ground as it is sent: the visit before by its id and day. */
record SectionView(
        double deepestCm,
        @Nullable UUID previousVisit,
        @Nullable LocalDate previousDay,
        List<Cut.Column> columns,
        List<Section.Sentence> said) {

    static SectionView of(Cut cut) {
        return new SectionView(
                cut.deepestCm(),
                cut.previous() == null ? null : UUID.fromString(cut.previous().id()),
                cut.previous() == null
                        ? null
                        : LocalDate.ofEpochDay(cut.previous().day()),
                cut.columns(),
                cut.said());
    }
}
