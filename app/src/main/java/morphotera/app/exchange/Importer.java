package morphotera.app.exchange;

import java.nio.file.Path;
import java.util.Map;
import java.util.UUID;
import morphotera.app.people.Viewer;
import morphotera.ground.Nullable;

/** One kind of file that is read. */
interface Importer {
    String kind();

    /** A file as it was received, and where it belongs and how its columns were matched, if that was said. */
    record Incoming(
            Path file, @Nullable UUID holdingId, @Nullable UUID fieldId, Map<String, String> columns) {}

    /** What a table's headings stand for; null where its files have no columns to be matched. */
    default @Nullable Sheet.Targets targets() {
        return null;
    }

    /**
     * Reads it from end to end.
     *
     * @param sifted counts each row as it is read
     * @param save whether the good rows are saved on the way, in the transaction of the caller
     * @throws morphotera.ground.Refused where the file as a whole cannot be read
     */
    void read(Viewer viewer, Incoming incoming, Sifted sifted, boolean save);
}
