package morphotera.app.pictures;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Map;
import java.util.UUID;
import javax.imageio.ImageIO;
import morphotera.app.api.Json;
import morphotera.app.people.Viewer;
import morphotera.ground.Nullable;
import morphotera.ground.Refusal;
import morphotera.ground.Refused;
import morphotera.measure.picture.Cover;
import morphotera.measure.picture.JarMarks;
import morphotera.measure.picture.Paler;
import morphotera.measure.picture.Pixels;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.core.JacksonException;
import tools.jackson.core.type.TypeReference;

/** What a photograph says when it is counted: a proposal, and what was counted shown on it. */
@RestController
class PictureMeasureController {
    private static final TypeReference<Map<String, Object>> OBJECT = new TypeReference<>() {};
    /** How each kind is laid over the picture, with how far it lets through. */
    private static final Map<Cover.Kind, Integer> COLOURS = Map.of(
            Cover.Kind.LIVE, 0xb03f8f2f,
            Cover.Kind.BARE, 0xb0a05a2c,
            Cover.Kind.LITTER, 0xb0e0b84a,
            Cover.Kind.STONE, 0xb06f7f95,
            Cover.Kind.LEFT_OUT, 0xd0f7f4ea,
            Cover.Kind.REST, 0);

    private final Photographs photographs;
    private final Json json;

    PictureMeasureController(Photographs photographs, Json json) {
        this.photographs = photographs;
        this.json = json;
    }

    @PostMapping("/api/photographs/{id}/measures/cover")
    Cover.Found cover(@PathVariable UUID id, @RequestBody Map<String, Object> asked) {
        Cover.Asked what = Cover.asked(asked);
        return Cover.of(pixels(id), what);
    }

    /**
     * What was counted, to be laid over the picture.
     *
     * @param asked the body of the measure, as JSON; missing: nothing said
     */
    @GetMapping(value = "/api/photographs/{id}/measures/cover/mask.png", produces = MediaType.IMAGE_PNG_VALUE)
    ResponseEntity<byte[]> mask(@PathVariable UUID id, @RequestParam(required = false) @Nullable String asked)
            throws IOException {
        Cover.Mask mask = Cover.mask(pixels(id), Cover.asked(read(asked)));
        BufferedImage image = new BufferedImage(mask.width(), mask.height(), BufferedImage.TYPE_INT_ARGB);
        for (int i = 0; i < mask.kinds().length; i++) {
            image.setRGB(i % mask.width(), i / mask.width(), COLOURS.get(mask.kinds()[i]));
        }
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, "png", out);
        return ResponseEntity.ok().contentType(MediaType.IMAGE_PNG).body(out.toByteArray());
    }

    private Map<String, Object> read(@Nullable String asked) {
        try {
            return asked == null ? Map.of() : json.read(asked, OBJECT);
        } catch (JacksonException fault) {
            throw new Refused(java.util.List.of(new Refusal("/asked", "not-readable", "This is not JSON.")));
        }
    }

    /** Heights above the table, by the fields of the jar's reading. */
    @PostMapping("/api/photographs/{id}/measures/jar")
    Map<String, Double> jar(@PathVariable UUID id, @RequestBody Map<String, Object> asked) {
        Photograph photograph = photographs.find(Viewer.current(), id);
        return JarMarks.heights((double) photograph.heightPx() / photograph.widthPx(), asked);
    }

    @PostMapping("/api/photographs/{id}/measures/paler")
    Paler.Found paler(@PathVariable UUID id, @RequestBody Map<String, Object> asked) {
        Paler.Asked what = Paler.asked(asked);
        return Paler.of(pixels(id), what);
    }

    private Pixels pixels(UUID id) {
        Photograph photograph = photographs.find(Viewer.current(), id);
        return Picture.pixels(photographs.bytes(photograph, false));
    }
}
