package morphotera.measure;

import java.util.List;
import java.util.Optional;

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

    private Methods() {}

    public static Optional<Method> find(String id) {
        return ALL.stream().filter(method -> method.id().equals(id)).findFirst();
    }
}
