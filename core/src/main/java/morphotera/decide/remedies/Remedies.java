package morphotera.decide.remedies;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import morphotera.decide.Remedy;

/** All remedies: those with a sum, then those without. The one line a new remedy adds outside its own file. */
public final class Remedies {
    public static final List<Remedy> ALL = Stream.concat(
                    Stream.of(
                            new Lime(),
                            new Sulphur(),
                            new Gypsum(),
                            new Leaching(),
                            new Drains(),
                            new OrganicMatter(),
                            new Irrigation(),
                            new FertiliserSplit(),
                            new RainGarden(),
                            new Compaction(),
                            new CoverCrop(),
                            new TolerantCrop(),
                            new SamplingLaboratory()),
                    Actions.ALL.stream())
            .toList();

    private Remedies() {}

    public static Optional<Remedy> find(String id) {
        return ALL.stream()
                .filter(remedy -> remedy.description().id().equals(id))
                .findFirst();
    }
}
