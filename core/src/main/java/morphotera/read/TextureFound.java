package morphotera.read;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import morphotera.ground.Decimal;
import morphotera.ground.Nullable;
import morphotera.ground.Numbers;
import morphotera.ground.Sorted;
import morphotera.measure.Known;
import morphotera.measure.Taken;

/**
 * The texture that readings of a zone would give it: what most of its spots have, the clay as their mean. It is offered; a
 * person says what the zone is called.
 *
 * @param texture null where no spot tells one, or as many tell another
 * @param clayPercent null where none tells it
 * @param at the spots that have this texture, or where none is named those that tell the clay
 * @param of how many spots tell something
 */
public record TextureFound(
        @Nullable String texture, @Nullable Double clayPercent, List<String> at, int of) {

    /** What a zone would be called, where that is not what it is called already. */
    public record Offer(@Nullable String texture, @Nullable Double clayPercent) {}

    /**
     * A texture or clay that was not found stays as it is said; but a clay that goes with another texture is not carried over.
     *
     * @return null where nothing was found or it would change nothing
     */
    public @Nullable Offer offer(@Nullable String saidTexture, @Nullable Double saidClay) {
        if (at.isEmpty()) {
            return null;
        }
        String called = texture == null ? saidTexture : texture;
        Double keptClay = Objects.equals(called, saidTexture) ? saidClay : null;
        Double clay = clayPercent == null ? keptClay : (Double) Decimal.round(clayPercent, 1);
        boolean same = Objects.equals(called, saidTexture) && Objects.equals(clay, saidClay);
        return same ? null : new Offer(called, clay);
    }

    public static TextureFound of(List<Taken> ofZone) {
        Map<String, List<Taken>> bySpot = Sorted.by(Taken::spot, ofZone);
        Map<String, List<String>> byTexture = new LinkedHashMap<>();
        List<String> told = new ArrayList<>();
        List<Double> clay = new ArrayList<>();
        bySpot.forEach((spot, readings) -> {
            Known known = Known.at(readings);
            if (known.texture() != null) {
                byTexture
                        .computeIfAbsent(known.texture(), any -> new ArrayList<>())
                        .add(spot);
            }
            if (known.clayPercent() != null) {
                clay.add(known.clayPercent());
            }
            if (known.texture() != null || known.clayPercent() != null) {
                told.add(spot);
            }
        });
        int most = byTexture.values().stream().mapToInt(List::size).max().orElse(0);
        List<String> mostHave = byTexture.keySet().stream()
                .filter(texture -> byTexture.get(texture).size() == most)
                .toList();
        String texture = mostHave.size() == 1 ? mostHave.get(0) : null;
        return new TextureFound(
                texture,
                clay.isEmpty() ? null : Numbers.mean(clay),
                texture == null ? told : byTexture.get(texture),
                told.size());
    }
}
