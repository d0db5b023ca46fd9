package morphotera.app.pictures;

import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.io.InputStream;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import morphotera.app.api.Findings;
import morphotera.app.api.NotTaken;
import morphotera.app.people.Viewer;
import morphotera.ground.Nullable;
import morphotera.measure.Method;
import morphotera.measure.methods.Methods;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Photographs come as they are, and leave as pictures and nothing else. */
@RestController
class PhotographController {
    private static final int MOST_BYTES = 20_000_000;
    private static final Duration NEVER_CHANGES = Duration.ofDays(365);

    private final Photographs photographs;

    PhotographController(Photographs photographs) {
        this.photographs = photographs;
    }

    /** The body is the picture itself; its kind is read from its bytes. Where it was taken is kept on wish alone. */
    @PutMapping(value = "/api/photographs/{id}", consumes = "*/*")
    Photograph put(
            @PathVariable UUID id,
            @RequestParam UUID visitId,
            @RequestParam(required = false) @Nullable UUID spotId,
            @RequestParam(required = false) @Nullable String method,
            @RequestParam(required = false) @Nullable Instant takenAt,
            @RequestParam(defaultValue = "false") boolean keepPlace,
            HttpServletRequest request)
            throws IOException {
        Viewer viewer = Viewer.writing();
        Findings findings = new Findings();
        List<String> methods = Methods.ALL.stream().map(Method::id).toList();
        findings.word("/method", method, "method", methods);
        findings.instant("/takenAt", takenAt);
        findings.throwIfAny();
        Photographs.About about = new Photographs.About(visitId, spotId, method, takenAt, keepPlace);
        return photographs.put(viewer, id, about, body(request.getInputStream()));
    }

    /** What is over the limit is read to its end and dropped, so that the answer arrives. */
    private static byte[] body(InputStream in) throws IOException {
        byte[] bytes = in.readNBytes(MOST_BYTES + 1);
        if (bytes.length > MOST_BYTES) {
            in.transferTo(java.io.OutputStream.nullOutputStream());
            throw NotTaken.tooLarge("A photograph takes 20 MB at most. Make it smaller and send it again.");
        }
        return bytes;
    }

    @GetMapping("/api/visits/{id}/photographs")
    List<Photograph> ofVisit(@PathVariable UUID id) {
        return photographs.ofVisit(Viewer.current(), id);
    }

    /** Of each spot the one to find it again by. */
    @GetMapping("/api/fields/{id}/photographs")
    List<Photograph> ofSpots(@PathVariable UUID id) {
        return photographs.ofSpots(Viewer.current(), id);
    }

    @GetMapping(value = "/api/photographs/{id}", produces = MediaType.ALL_VALUE)
    ResponseEntity<byte[]> get(@PathVariable UUID id) {
        Photograph photograph = photographs.find(Viewer.current(), id);
        return picture("image/" + photograph.kind(), photographs.bytes(photograph, false));
    }

    @GetMapping(value = "/api/photographs/{id}/small", produces = MediaType.ALL_VALUE)
    ResponseEntity<byte[]> small(@PathVariable UUID id) {
        return picture("image/jpeg", photographs.bytes(photographs.find(Viewer.current(), id), true));
    }

    private static ResponseEntity<byte[]> picture(String type, byte[] bytes) {
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType(type))
                .header("Content-Disposition", "inline")
                .header("Content-Security-Policy", "default-src 'none'; sandbox")
                .cacheControl(CacheControl.maxAge(NEVER_CHANGES).cachePrivate().immutable())
                .body(bytes);
    }
}
