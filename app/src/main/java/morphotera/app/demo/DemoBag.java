package morphotera.app.demo;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import morphotera.app.devices.DrawnGround;
import morphotera.app.devices.DrawnJar;
import morphotera.app.devices.DrawnSoil;
import morphotera.app.land.Spot;
import morphotera.app.measure.KitCharts;
import morphotera.app.measure.ReadingBody;
import morphotera.app.measure.Readings;
import morphotera.app.measure.SampleOrders;
import morphotera.app.people.Viewer;
import morphotera.app.pictures.Photographs;
import morphotera.app.scout.SampleBody;
import morphotera.app.scout.Samples;
import morphotera.ground.Nullable;
import morphotera.measure.ColourChart;
import org.springframework.stereotype.Component;

/** What an adviser of the demo carries beside the tests: a bag handed over late, a kit's card, a picture of the ground. All made up. */
@Component
class DemoBag {
    private static final long DAY_S = 86_400;

    private final Samples samples;
    private final SampleOrders orders;
    private final Readings readings;
    private final KitCharts charts;
    private final Photographs photographs;

    DemoBag(Samples samples, SampleOrders orders, Readings readings, KitCharts charts, Photographs photographs) {
        this.samples = samples;
        this.orders = orders;
        this.readings = readings;
        this.charts = charts;
        this.photographs = photographs;
    }

    /** Soil of all beds, cooled in time and three days on its way: its carbon keeps, its life does not. */
    void lateBag(Viewer observer, UUID visitId, List<UUID> spots, Instant start, Function<Instant, UUID> ids) {
        UUID id = ids.apply(start);
        samples.put(
                observer,
                id,
                bag(
                        visitId,
                        spots,
                        start,
                        start.plusSeconds(5400),
                        start.plusSeconds(3 * DAY_S),
                        List.of("pH", "phosphorus", "organic matter", "microbial carbon"),
                        "Farside Testing, made up",
                        48.0));
        readings.put(
                observer,
                ids.apply(start.plusSeconds(9 * DAY_S)),
                new ReadingBody(
                        visitId,
                        null,
                        "laboratory",
                        null,
                        1,
                        Map.of(
                                "ph",
                                Map.of("value", 6.9, "basis", "water"),
                                "p",
                                61,
                                "pExtract",
                                "bicarbonate",
                                "organicMatterPercent",
                                6.4,
                                "clayPercent",
                                18,
                                "microbialCarbon",
                                410),
                        null,
                        id,
                        start.plusSeconds(9 * DAY_S),
                        "desk",
                        null,
                        null));
    }

    /** Fifteen cores of the topsoil. */
    private static SampleBody bag(
            UUID visitId,
            List<UUID> spots,
            Instant taken,
            Instant cooled,
            @Nullable Instant handedOver,
            List<String> asked,
            @Nullable String laboratory,
            @Nullable Double cost) {
        return new SampleBody(
                visitId, "A", spots, 15, 0.0, 15.0, taken, cooled, handedOver, asked, laboratory, cost, 0);
    }

    /** Soil of a zone, sent the same day: what came back waits to be looked at. */
    void sent(Viewer observer, UUID id, UUID visitId, List<UUID> spots, Instant taken) {
        samples.put(observer, id, bag(visitId, spots, taken, taken.plusSeconds(1800), null, List.of(), null, null));
        orders.send(
                observer,
                id,
                new SampleOrders.OrderBody(List.of("ph", "phosphorus", "potassium", "organic-matter", "clay")),
                taken.plusSeconds(3 * 3600));
        orders.fetch();
    }

    void card(Viewer owner, UUID id) {
        charts.put(
                owner,
                new KitCharts.Chart(
                        id,
                        "Card of the plain box",
                        "Plain box, made up",
                        "ph",
                        "pH",
                        List.of(
                                new ColourChart.Step(4.0, "sour", "#C9702F"),
                                new ColourChart.Step(5.0, null, "#D2A43A"),
                                new ColourChart.Step(6.0, null, "#A3A640"),
                                new ColourChart.Step(7.0, "neither", "#4F8F52"),
                                new ColourChart.Step(8.0, "chalky", "#2D6577")),
                        0));
    }

    /** Of the one reading that says so: its spot and its method. */
    void photograph(
            Viewer observer,
            UUID visitId,
            String pictured,
            List<Readings.Numbered> taken,
            Map<String, Spot> spots,
            Function<Instant, UUID> ids) {
        for (Readings.Numbered one : taken) {
            ReadingBody body = one.body();
            String cell = spots.values().stream()
                            .filter(spot -> spot.id().equals(body.spotId()))
                            .findFirst()
                            .orElseThrow()
                            .label()
                    + " " + body.method();
            if (cell.equals(pictured)) {
                photograph(
                        observer,
                        ids.apply(body.takenAt()),
                        visitId,
                        body.spotId(),
                        body.takenAt(),
                        body.method(),
                        body.reading());
            }
        }
    }

    /** As a camera saw what was read there: the ground, a block, a pit, a jar. */
    void photograph(
            Viewer observer,
            UUID id,
            UUID visitId,
            UUID spotId,
            Instant taken,
            String method,
            Map<String, Object> read) {
        byte[] picture = switch (method) {
            case "ground-cover" -> DrawnGround.rows(7, 330, 150);
            case "texture-jar" ->
                DrawnJar.settled(
                        mm(read, "baseMm"), mm(read, "sandTopMm"), mm(read, "siltTopMm"), mm(read, "clayTopMm"));
            case "root-pit" -> DrawnSoil.pit(id.getLeastSignificantBits(), mm(read, "depthCm"), bands(read));
            default -> DrawnSoil.block(id.getLeastSignificantBits(), bands(read));
        };
        photographs.put(observer, id, new Photographs.About(visitId, spotId, method, taken), picture);
    }

    private static double mm(Map<String, Object> read, String key) {
        return ((Number) read.get(key)).doubleValue();
    }

    private static List<DrawnSoil.Band> bands(Map<String, Object> read) {
        return ((List<?>) read.get("layers"))
                .stream()
                        .map(one -> (Map<?, ?>) one)
                        .map(layer -> new DrawnSoil.Band(
                                ((Number) layer.get("bottomCm")).doubleValue(),
                                (String) layer.get("shape"),
                                switch ((String) layer.get("roots")) {
                                    case "many" -> 0.9;
                                    case "some" -> 0.4;
                                    case "cracks-only" -> 0.15;
                                    default -> 0;
                                }))
                        .toList();
    }
}
