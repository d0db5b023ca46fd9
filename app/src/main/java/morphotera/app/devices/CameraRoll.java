package morphotera.app.devices;

import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** Pictures that can be taken where no camera is at hand: drawn ones, on in the demo alone. */
@Component
public class CameraRoll {
    /** @param method whose bench offers it */
    public record Shot(String id, String name, String method) {}

    private record Drawn(Shot shot, Supplier<byte[]> jpeg) {}

    private static final List<Drawn> DRAWN = List.of(
            drawn("young-rows", "Young rows over straw", "ground-cover", () -> DrawnGround.rows(7, 330, 150)),
            drawn("thin-stand", "A thin stand, much bare", "ground-cover", () -> DrawnGround.rows(11, 110, 40)),
            drawn("full-cover", "Nearly all covered", "ground-cover", () -> DrawnGround.rows(19, 900, 60)),
            drawn("sandy-jar", "A jar, mostly sand", "texture-jar", () -> DrawnJar.settled(5, 58, 76, 85)),
            drawn("silty-jar", "A jar, mostly silt", "texture-jar", () -> DrawnJar.settled(6, 26, 72, 86)),
            drawn(
                    "crumbly-block",
                    "A block, crumbly and rooted",
                    "structure-spade",
                    () -> DrawnSoil.block(
                            3,
                            List.of(
                                    new DrawnSoil.Band(12, "crumb", 0.9),
                                    new DrawnSoil.Band(25, "rounded-blocks", 0.6)))),
            drawn(
                    "panned-block",
                    "A block with plates below",
                    "structure-spade",
                    () -> DrawnSoil.block(
                            4,
                            List.of(
                                    new DrawnSoil.Band(10, "rounded-blocks", 0.7),
                                    new DrawnSoil.Band(18, "sharp-blocks", 0.3),
                                    new DrawnSoil.Band(25, "plates", 0)))),
            drawn(
                    "pit-face",
                    "A pit, roots to its pan",
                    "root-pit",
                    () -> DrawnSoil.pit(
                            8,
                            70,
                            List.of(
                                    new DrawnSoil.Band(22, "crumb", 0.9),
                                    new DrawnSoil.Band(36, "plates", 0.2),
                                    new DrawnSoil.Band(70, "massive", 0)))));

    private final List<Drawn> all;

    CameraRoll(@Value("${morphotera.demo}") boolean demo) {
        this.all = demo ? DRAWN : List.of();
    }

    private static Drawn drawn(String id, String name, String method, Supplier<byte[]> jpeg) {
        return new Drawn(new Shot(id, name, method), jpeg);
    }

    public List<Shot> all() {
        return all.stream().map(Drawn::shot).toList();
    }

    /** As a camera gives it: a JPEG. */
    public Optional<byte[]> take(String id) {
        return all.stream()
                .filter(one -> one.shot().id().equals(id))
                .findFirst()
                .map(one -> one.jpeg().get());
    }
}
