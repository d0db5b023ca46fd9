package morphotera.measure.methods;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import morphotera.measure.Description;
import morphotera.measure.Method;

/** All methods, in the order a visit goes through them at a spot. The one line a new method adds outside its own file. */
public final class Methods {
    public static final List<Method> ALL = List.of(
            new SurfaceLife(),
            new GroundCover(),
            new PlantLook(),
            new SoilTemperature(),
            new InfiltrationRing(),
            new PercolationHole(),
            new DrainDown(),
            new Penetration(),
            new StructureSpade(),
            new Earthworms(),
            new Smell(),
            new RootDepth(),
            new DropShatter(),
            new TextureFeel(),
            new Squeeze(),
            new SoilColour(),
            new FingerStain(),
            new Ph(),
            new CarbonateFizz(),
            new Salinity(),
            new NutrientKit(),
            new Dispersion(),
            new Slaking(),
            new Slump(),
            new Sap(),
            new RootPit(),
            new TextureJar(),
            new Respiration(),
            new MicrobialMass(),
            new Laboratory(),
            new Yield());

    private static final Map<String, Method> BY_ID = new LinkedHashMap<>();

    static {
        ALL.forEach(method -> BY_ID.put(method.id(), method));
    }

    private Methods() {}

    public static Optional<Method> find(String id) {
        return Optional.ofNullable(BY_ID.get(id));
    }

    /** The method that gives scores under this id: itself, or the one it stands beside. */
    public static Method giving(String scoreId) {
        return ALL.stream()
                .filter(method -> method.id().equals(scoreId)
                        || method.besides().stream()
                                .anyMatch(beside -> beside.id().equals(scoreId)))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("no method gives '" + scoreId + "'"));
    }

    /** What scores under this id are called. */
    public static String nameOf(String scoreId) {
        Method method = giving(scoreId);
        return method.besides().stream()
                .filter(beside -> beside.id().equals(scoreId))
                .map(Description.Beside::name)
                .findFirst()
                .orElse(method.description().name());
    }
}
