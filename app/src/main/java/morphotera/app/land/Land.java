package morphotera.app.land;

import java.util.List;
import java.util.Map;
import java.util.Objects;
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
import morphotera.scout.Boundary;
import morphotera.scout.Plot;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.type.TypeReference;

/** Holdings, fields, zones and spots of a practice. */
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
        Map<UUID, List<Zone>> zones = land.zonesOf(viewer, ids).stream().collect(Collectors.groupingBy(Zone::fieldId));
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

    /** Something of the field changed that the season shows. */
    public void touch(Viewer viewer, UUID fieldId) {
        land.touch(viewer, fieldId);
    }

    public Field field(Viewer viewer, UUID id) {
        FieldRow row = land.field(viewer, id).orElseThrow(() -> new NotFound("field", id));
        return field(row, land.zones(viewer, id), land.spots(viewer, id), samples(land.samplesOf(viewer, List.of(id))));
    }

    private List<Sample> samples(List<SampleRow> rows) {
        return rows.stream().map(row -> Sample.of(row, json)).toList();
    }

    /** A field with one of its spots, whatever their number; none where the spot lies elsewhere. */
    public Optional<Field> fieldAt(Viewer viewer, UUID id, UUID spotId) {
        return land.spot(viewer, spotId)
                .filter(spot -> spot.fieldId().equals(id))
                .flatMap(spot -> land.field(viewer, id)
                        .map(row -> field(row, land.zones(viewer, id), List.of(spot), List.of())));
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
                    land.addZone(viewer, new Zone(body.mainZoneId(), id, "whole field", "main", null, null, 0));
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
    public Zone putZone(Viewer viewer, UUID id, LandBodies.ZoneBody body) {
        land.field(viewer, body.fieldId()).orElseThrow(() -> refused("/fieldId", "There is no such field here."));
        Zone zone = new Zone(
                id,
                body.fieldId(),
                body.name().strip(),
                body.kind(),
                body.texture(),
                body.clayPercent(),
                body.version());
        Zone saved = new Put<Zone>() {
            @Override
            protected Optional<Zone> find() {
                return land.zone(viewer, id);
            }

            @Override
            protected boolean same(Zone known) {
                if (!known.fieldId().equals(zone.fieldId())) {
                    throw refused("/fieldId", "A zone stays in its field.");
                }
                return known.name().equals(zone.name())
                        && known.kind().equals(zone.kind())
                        && Objects.equals(known.texture(), zone.texture())
                        && Objects.equals(known.clayPercent(), zone.clayPercent());
            }

            @Override
            protected void lock() {
                land.lockPractice(viewer);
            }

            @Override
            protected int insert() {
                return land.addZone(viewer, zone);
            }

            @Override
            protected int update() {
                return land.updateZone(viewer, zone);
            }
        }.put("zone", id, body.version());
        touch(viewer, saved.fieldId());
        return saved;
    }

    @Transactional
    public Spot putSpot(Viewer viewer, UUID id, LandBodies.SpotBody body) {
        Zone zone =
                land.zone(viewer, body.zoneId()).orElseThrow(() -> refused("/zoneId", "There is no such zone here."));
        Spot spot = new Spot(
                id,
                zone.fieldId(),
                zone.id(),
                body.label().strip(),
                body.note(),
                body.lat(),
                body.lon(),
                body.retiredOn(),
                body.retiredReason(),
                body.version());
        Spot saved = new Put<Spot>() {
            @Override
            protected Optional<Spot> find() {
                return land.spot(viewer, id);
            }

            @Override
            protected boolean same(Spot known) {
                if (!known.fieldId().equals(spot.fieldId())) {
                    throw refused("/zoneId", "A spot stays in its field.");
                }
                boolean moved = known.lat() != spot.lat() || known.lon() != spot.lon();
                if (moved && land.readingsAt(id) > 0) {
                    throw new Refused(List.of(new Refusal(
                            "/lat",
                            "not-moved",
                            "This spot has readings: retire it with a reason and set a new one; it is not moved.")));
                }
                return known.zoneId().equals(spot.zoneId())
                        && known.label().equals(spot.label())
                        && Objects.equals(known.note(), spot.note())
                        && !moved
                        && Objects.equals(known.retiredOn(), spot.retiredOn())
                        && Objects.equals(known.retiredReason(), spot.retiredReason());
            }

            @Override
            protected void lock() {
                land.lockPractice(viewer);
            }

            @Override
            protected int insert() {
                return land.addSpot(viewer, spot);
            }

            @Override
            protected int update() {
                return land.updateSpot(viewer, spot);
            }
        }.put("spot", id, body.version());
        touch(viewer, saved.fieldId());
        return saved;
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

    @Transactional
    public Zone patchZone(Viewer viewer, UUID id, Changes changes) {
        lock(viewer);
        Zone stands = land.zone(viewer, id).orElseThrow(() -> new NotFound("zone", id));
        return putZone(viewer, id, patching.apply(stands, changes, LandBodies.ZoneBody.class));
    }

    @Transactional
    public Spot patchSpot(Viewer viewer, UUID id, Changes changes) {
        lock(viewer);
        Spot stands = land.spot(viewer, id).orElseThrow(() -> new NotFound("spot", id));
        return putSpot(viewer, id, patching.apply(stands, changes, LandBodies.SpotBody.class));
    }

    private FieldRow row(Viewer viewer, UUID id, LandBodies.FieldBody body) {
        Plot plot = Plot.field("/outline", List.of(boundary(body.outline())));
        List<List<LandBodies.CornerBody>> avoid = body.avoid() == null ? List.of() : body.avoid();
        for (int i = 0; i < avoid.size(); i++) {
            plot.part("/avoid/" + i, List.of(boundary(avoid.get(i))));
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
                json.write(avoid),
                plot.areaHa(),
                body.timeZone() == null ? "UTC" : body.timeZone(),
                body.version());
    }

    private static List<Boundary.Corner> boundary(List<LandBodies.CornerBody> corners) {
        return corners.stream()
                .map(corner -> new Boundary.Corner(corner.lat(), corner.lon()))
                .toList();
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
