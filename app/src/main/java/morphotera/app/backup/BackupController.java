package morphotera.app.backup;

import morphotera.app.people.Viewer;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;

/** A consistent copy of all there is, while people save. */
@RestController
class BackupController {
    private final Backups backups;

    BackupController(Backups backups) {
        this.backups = backups;
    }

    @GetMapping(value = "/api/backups", produces = "application/zip")
    ResponseEntity<StreamingResponseBody> forOwner() {
        backups.allow(Viewer.owner());
        return file();
    }

    /** With the key that lies beside the data. */
    @GetMapping(value = "/api/backups/{key}", produces = "application/zip")
    ResponseEntity<StreamingResponseBody> byKey(@PathVariable String key) {
        backups.allow(key);
        return file();
    }

    private ResponseEntity<StreamingResponseBody> file() {
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType("application/zip"))
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename("morphotera-backup.zip")
                                .build()
                                .toString())
                .body(backups::write);
    }
}
