package morphotera.app.tables;

import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import morphotera.app.api.NotFound;
import morphotera.app.papers.Paper;
import morphotera.app.papers.PaperKind;
import morphotera.app.papers.Papers;
import morphotera.app.people.Viewer;
import morphotera.decide.sheets.Sheet;
import morphotera.decide.sheets.Sheets;
import morphotera.ground.Nullable;
import morphotera.ground.Refusal;
import morphotera.ground.Refused;
import org.springframework.stereotype.Service;

/** The tables that sums and advice go by: those that ship, and a practice's own in their places, version by version. */
@Service
public class PracticeSheets {
    private final Papers papers;

    PracticeSheets(Papers papers) {
        this.papers = papers;
    }

    /** A practice's own rows of a table. */
    record Kept(String table, List<Sheet.Row> rows) {}

    /** A table's rows as a practice keeps them, for a device. */
    public record Own(String id, List<Sheet.Row> rows) {}

    /** @param version 0 where it is as it ships */
    record SheetView(
            String id,
            String name,
            String about,
            String source,
            boolean open,
            List<Sheet.Column> columns,
            List<Sheet.Row> rows,
            int version) {
        static SheetView of(Sheet sheet, List<Sheet.Row> rows, int version) {
            return new SheetView(
                    sheet.id(),
                    sheet.name(),
                    sheet.about(),
                    sheet.source(),
                    sheet.open(),
                    sheet.columns(),
                    rows,
                    version);
        }
    }

    /** What a practice's sums go by. */
    public Sheets of(Viewer viewer) {
        Map<String, List<Sheet.Row>> own = new LinkedHashMap<>();
        own(viewer).forEach(one -> own.put(one.id(), one.rows()));
        return own.isEmpty() ? Sheets.SHIPPED : Sheets.SHIPPED.with(own);
    }

    public List<Own> own(Viewer viewer) {
        return papers.all(viewer, PaperKind.TABLE, Kept.class).stream()
                .map(Paper::body)
                .filter(one -> Sheets.SHIPPED.find(one.table()).isPresent())
                .map(one -> new Own(one.table(), one.rows()))
                .toList();
    }

    List<SheetView> all(Viewer viewer) {
        return Sheets.SHIPPED.all().stream()
                .map(sheet -> newest(viewer, sheet)
                        .map(paper -> view(sheet, paper))
                        .orElseGet(() -> SheetView.of(sheet, sheet.rows(), 0)))
                .toList();
    }

    /** @param version null: the newest; 0: as it ships */
    SheetView one(Viewer viewer, String id, @Nullable Integer version) {
        Sheet sheet = shipped(id);
        if (version == null) {
            return newest(viewer, sheet)
                    .map(paper -> view(sheet, paper))
                    .orElseGet(() -> SheetView.of(sheet, sheet.rows(), 0));
        }
        if (version == 0) {
            return SheetView.of(sheet, sheet.rows(), 0);
        }
        return papers.version(viewer, PaperKind.TABLE, idOf(viewer, sheet), version, Kept.class)
                .map(paper -> view(sheet, paper))
                .orElseThrow(() -> new NotFound("table", id + " version " + version));
    }

    SheetView put(Viewer viewer, String id, List<Sheet.Row> rows, int version) {
        Sheet sheet = shipped(id);
        List<Refusal> refused = sheet.refusals(rows);
        if (!refused.isEmpty()) {
            throw new Refused(refused);
        }
        return view(
                sheet,
                papers.keep(
                        viewer,
                        PaperKind.TABLE,
                        idOf(viewer, sheet),
                        null,
                        version,
                        new Kept(sheet.id(), List.copyOf(rows)),
                        stands -> view(sheet, stands)));
    }

    private static Sheet shipped(String id) {
        return Sheets.SHIPPED.find(id).orElseThrow(() -> new NotFound("table", id));
    }

    private Optional<Paper<Kept>> newest(Viewer viewer, Sheet sheet) {
        return papers.newest(viewer, PaperKind.TABLE, idOf(viewer, sheet), Kept.class);
    }

    private static SheetView view(Sheet sheet, Paper<Kept> paper) {
        return SheetView.of(sheet, paper.body().rows(), paper.version());
    }

    /** The same for one table of a practice each time. */
    private static UUID idOf(Viewer viewer, Sheet sheet) {
        return UUID.nameUUIDFromBytes((viewer.practiceId() + " " + sheet.id()).getBytes(StandardCharsets.UTF_8));
    }
}
