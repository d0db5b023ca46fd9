package morphotera.measure;

import java.util.List;
import java.util.Optional;

/** All methods, in the order a visit goes through them. The one line a new method adds outside its own file. */
public final class Methods {
    public static final List<Method> ALL = List.of(
            new PercolationHole(), new Penetration(), new StructureSpade(), new RootDepth(), new Ph(), new Slaking());

    private Methods() {}

    public static Optional<Method> find(String id) {
        return ALL.stream().filter(method -> method.id().equals(id)).findFirst();
    }
}
