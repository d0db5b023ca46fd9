package morphotera.app.land;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import morphotera.app.api.Changes;
import morphotera.app.api.Json;
import morphotera.app.api.NotFound;
import morphotera.app.api.Patching;
import morphotera.app.api.Put;
import morphotera.app.papers.PaperKind;
import morphotera.app.papers.Papers;
import morphotera.app.people.Viewer;
import morphotera.ground.Refusal;
import morphotera.ground.Refused;
import morphotera.scout.Plot;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.type.TypeReference;

/** Holdings and fields of a practice, with their zones and spots. */
@Service
public class Land {
    private static final TypeReference<List<Corner>> OUTLINE = new TypeReference<>() {};
    private static final TypeReference<Corner> CORNER = new TypeReference<>() {};
    private static final TypeReference<List<List<Corner>>> OUTLINES = new TypeReference<>() {};
    private static final String NO_HOLDING = "There is no such holding here.";

    private final LandMapper land;
    private final Papers papers;
    private final Json json;
    private final Patching patching;

    Land(LandMapper land, Papers papers, Json json, Patching patching) {
        this.land = land;
        this.papers = papers;
        this.json = json;
        this.patching = patching;
    }

    public Holding holding(Viewer viewer, UUID id) {
        return land.holding(viewer, id).orElseThrow(() -> new NotFound("holding", id));
    }

    public List<Holding> holdings(Viewer viewer) {
        return land.holdings(viewer);
    }

    /** All fields with their zones, spots and samples, in four queries. */
    public List<Field> fields(Viewer viewer, List<UUID> ids) {
        if (ids.isEmpty()) {
            return List.of();
        }
        Map<UUID, List<Zone>> zones =
                zones(land.zonesOf(viewer, ids)).stream().collect(Collectors.groupingBy(Zone::fieldId));
        Map<UUID, List<Spot>> spots = land.spotsOf(viewer, ids).stream().collect(Collectors.groupingBy(Spot::fieldId));
        Map<UUID, List<Sample>> samples =
                samples(land.samplesOf(viewer, ids)).stream().collect(Collectors.groupingBy(Sample::fieldId));
        return land.fieldsOf(viewer, ids).stream()
                .map(row -> field(
                        row,
                        zones.getOrDefault(row.id(), List.of()),
                        spots.getOrDefault(row.id(), List.of()),
                        samples.getOrDefault(row.id(), List.of())))
                .toList();
    }

    /** Every field there is to see. */
    public List<Field> allFields(Viewer viewer) {
        return fields(viewer, land.fieldIds(viewer));
    }

    /** Until the transaction ends, nobody else begins anything new in the practice. */
    public void lock(Viewer viewer) {
        land.lockPractice(viewer);
    }

    /** Something of the field, its visits or its readings changed: whatever was computed of it is computed anew. */
    public void touch(Viewer viewer, UUID fieldId) {
        land.touch(viewer, fieldId);
    }

    /** How often that was; the same number says that nothing is another. */
    public long changes(Viewer viewer, UUID fieldId) {
        return land.changes(viewer, fieldId).orElse(0L);
    }

    boolean isThere(Viewer viewer, UUID fieldId) {
        return land.field(viewer, fieldId).isPresent();
    }

    public Field field(Viewer viewer, UUID id) {
        FieldRow row = land.field(viewer, id).orElseThrow(() -> new NotFound("field", id));
        return field(
                row,
                zones(land.zones(viewer, id)),
                land.spots(viewer, id),
                samples(land.samplesOf(viewer, List.of(id))));
    }

    private List<Zone> zones(List<ZoneRow> rows) {
        return rows.stream().map(row -> Zone.of(row, json)).toList();
    }

    private List<Sample> samples(List<SampleRow> rows) {
        return rows.stream().map(row -> Sample.of(row, json)).toList();
    }

    /** A field with one of its spots, whatever their number; none where the spot lies elsewhere. */
    public Optional<Field> fieldAt(Viewer viewer, UUID id, UUID spotId) {
        return land.spot(viewer, spotId)
                .filter(spot -> spot.fieldId().equals(id))
                .flatMap(spot -> land.field(viewer, id)
                        .map(row -> field(row, zones(land.zones(viewer, id)), List.of(spot), List.of())));
    }

    @Transactional
    public Holding putHolding(Viewer viewer, UUID id, LandBodies.HoldingBody body) {
        Holding holding = new Holding(id, body.name().strip(), body.version());
        return new Put<Holding>() {
            @Override
            protected Optional<Holding> find() {
                return land.holding(viewer, id);
            }

            @Override
            protected boolean same(Holding known) {
                return known.name().equals(holding.name());
            }

            @Override
            protected void lock() {
                land.lockPractice(viewer);
            }

            @Override
            protected int insert() {
                return land.addHolding(viewer, holding);
            }

            @Override
            protected int update() {
                return land.updateHolding(viewer, holding);
            }
        }.put("holding", id, body.version());
    }

    @Transactional
    public Field putField(Viewer viewer, UUID id, LandBodies.FieldBody body) {
        land.holding(viewer, body.holdingId()).orElseThrow(() -> refused("/holdingId", NO_HOLDING));
        if (body.yardstickId() != null && !papers.isThere(viewer, PaperKind.YARDSTICK, body.yardstickId())) {
            throw refused("/yardstickId", "There is no such yardstick here.");
        }
        FieldRow row = row(viewer, id, body);
        new Put<FieldRow>() {
            @Override
            protected Optional<FieldRow> find() {
                return land.field(viewer, id);
            }

            @Override
            protected boolean same(FieldRow known) {
                return known.equals(row.withWhatIsAdded(known));
            }

            @Override
            protected void lock() {
                land.lockPractice(viewer);
            }

            @Override
            protected int insert() {
                int added = land.addField(row);
                if (added == 1) {
                    land.addZone(
                            viewer, new ZoneRow(body.mainZoneId(), id, "whole field", "main", null, null, null, 0));
                }
                return added;
            }

            @Override
            protected int update() {
                return land.updateField(row);
            }
        }.put("field", id, body.version());
        touch(viewer, id);
        return field(viewer, id);
    }

    @Transactional
    public Holding patchHolding(Viewer viewer, UUID id, Changes changes) {
        lock(viewer);
        Holding stands = holding(viewer, id);
        return putHolding(viewer, id, patching.apply(stands, changes, LandBodies.HoldingBody.class));
    }

    @Transactional
    public Field patchField(Viewer viewer, UUID id, Changes changes) {
        lock(viewer);
        Field stands = field(viewer, id);
        return putField(viewer, id, patching.apply(stands, changes, LandBodies.FieldBody.class));
    }

    private FieldRow row(Viewer viewer, UUID id, LandBodies.FieldBody body) {
        Plot plot = Plot.field("/outline", List.of(LandBodies.boundary(body.outline())));
        List<List<LandBodies.CornerBody>> avoid = body.avoid() == null ? List.of() : body.avoid();
        for (int i = 0; i < avoid.size(); i++) {
            plot.part("/avoid/" + i, List.of(LandBodies.boundary(avoid.get(i))));
        }
        return new FieldRow(
                id,
                viewer.practiceId(),
                body.holdingId(),
                null,
                body.name().strip(),
                body.use(),
                body.texture(),
                body.clayPercent(),
                body.crop(),
                body.purpose(),
                body.climate(),
                body.coastal(),
                body.buildingM(),
                body.wellM(),
                body.septicM(),
                body.sulphideClearOn(),
                body.school() == null ? "balanced" : body.school(),
                body.yardstickId(),
                json.write(body.outline()),
                body.gate() == null ? null : json.write(body.gate()),
                body.water() == null ? null : json.write(body.water()),
                json.write(avoid),
                plot.areaHa(),
                body.timeZone() == null ? "UTC" : body.timeZone(),
                body.version());
    }

    private Field field(FieldRow row, List<Zone> zones, List<Spot> spots, List<Sample> samples) {
        return new Field(
                row.id(),
                row.holdingId(),
                row.holdingName(),
                row.name(),
                row.landUse(),
                row.texture(),
                row.clayPercent(),
                row.crop(),
                row.purpose(),
                row.climate(),
                row.coastal(),
                row.buildingM(),
                row.wellM(),
                row.septicM(),
                row.sulphideClearOn(),
                row.school(),
                row.yardstickId(),
                json.read(row.outlineJson(), OUTLINE),
                row.gateJson() == null ? null : json.read(row.gateJson(), CORNER),
                row.waterJson() == null ? null : json.read(row.waterJson(), CORNER),
                json.read(row.avoidJson(), OUTLINES),
                row.areaHa(),
                row.timeZone(),
                row.version(),
                zones,
                spots,
                samples);
    }

    private static Refused refused(String path, String text) {
        return new Refused(List.of(new Refusal(path, "unknown-id", text)));
    }
}
