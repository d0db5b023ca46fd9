package morphotera.app.exchange;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import morphotera.app.api.Json;
import morphotera.app.exchange.tables.Table;
import morphotera.app.exchange.tables.TableMapper;
import morphotera.app.exchange.tables.Tables;
import morphotera.app.land.Land;
import morphotera.app.papers.PaperShape;
import morphotera.app.people.Viewer;
import morphotera.app.pictures.PictureFiles;
import org.springframework.stereotype.Component;

/**
 * A package that was taken out of a practice, read into one: every row as it was, with its id, its instants and its version. What
 * is there already stays as it is; each row is held against its table, and what it names must be of this practice. Some hundred
 * rows at a time, however many there are.
 */
@Component
class PracticeImporter implements Importer {

    private final TableRows.Needs needs;
    private final Land land;

    PracticeImporter(TableMapper tables, Land land, PictureFiles pictures, Json json, List<PaperShape> papers) {
        this.land = land;
        this.needs = new TableRows.Needs(
                tables,
                pictures,
                json,
                papers.stream().collect(Collectors.toMap(one -> one.kind().word(), PaperShape::type)));
    }

    @Override
    public String kind() {
        return "practice";
    }

    /** Looked at by doing it all: the caller takes it back where nothing is to be saved. */
    @Override
    public void read(Viewer viewer, Incoming incoming, Sifted sifted, boolean save) {
        try (Package brought = Package.open(incoming.file())) {
            if (brought.part(DataPackage.FILE).isEmpty()) {
                throw Sifted.refused(
                        "not-readable",
                        "There is no " + DataPackage.FILE + " in it: this is no package taken out here.");
            }
            land.lock(viewer);
            Set<String> fields = new HashSet<>();
            for (Table table : Tables.ALL) {
                Optional<InputStream> part = brought.part(table.name() + ".csv");
                if (part.isPresent()) {
                    new TableRows(needs, viewer, table, sifted, fields, brought, save).read(part.get());
                }
            }
            fields.forEach(id -> land.touch(viewer, UUID.fromString(id)));
        } catch (IOException fault) {
            throw new UncheckedIOException(fault);
        }
    }
}
