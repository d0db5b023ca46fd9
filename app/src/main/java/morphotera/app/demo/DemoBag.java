package morphotera.app.demo;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Ellipse2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import java.util.function.Function;
import javax.imageio.ImageIO;
import morphotera.app.measure.KitCharts;
import morphotera.app.measure.ReadingBody;
import morphotera.app.measure.Readings;
import morphotera.app.people.Viewer;
import morphotera.app.pictures.Photographs;
import morphotera.app.scout.SampleBody;
import morphotera.app.scout.Samples;
import morphotera.measure.ColourChart;
import org.springframework.stereotype.Component;

/** What an adviser of the demo carries beside the tests: a bag handed over late, a kit's card, a picture of the ground. All made up. */
@Component
class DemoBag {
    private static final long DAY_S = 86_400;

    private final Samples samples;
    private final Readings readings;
    private final KitCharts charts;
    private final Photographs photographs;

    DemoBag(Samples samples, Readings readings, KitCharts charts, Photographs photographs) {
        this.samples = samples;
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
                new SampleBody(
                        visitId,
                        "A",
                        spots,
                        15,
                        0.0,
                        15.0,
                        start,
                        start.plusSeconds(5400),
                        start.plusSeconds(3 * DAY_S),
                        List.of("pH", "phosphorus", "organic matter", "microbial carbon"),
                        "Farside Testing, made up",
                        48.0,
                        0));
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

    /** The ground from above, drawn: rows of young plants over soil with some straw on it. */
    void ground(Viewer observer, UUID id, UUID visitId, UUID spotId, Instant taken) {
        photographs.put(observer, id, new Photographs.About(visitId, spotId, "ground-cover", taken), drawn(7));
    }

    private static byte[] drawn(long seed) {
        Random chance = new Random(seed);
        BufferedImage image = new BufferedImage(1200, 900, BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = image.createGraphics();
        pen.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        pen.setColor(new Color(0x6a4e3b));
        pen.fillRect(0, 0, 1200, 900);
        for (int i = 0; i < 5000; i++) {
            int light = 70 + chance.nextInt(50);
            pen.setColor(new Color(light + 30, light + 8, light - 10, 60));
            int size = 3 + chance.nextInt(9);
            pen.fillOval(chance.nextInt(1200), chance.nextInt(900), size, size);
        }
        for (int i = 0; i < 150; i++) {
            pen.setColor(new Color(190 + chance.nextInt(25), 165 + chance.nextInt(20), 105 + chance.nextInt(20)));
            pen.rotate(chance.nextDouble(), 600, 450);
            pen.fillRect(chance.nextInt(1400) - 100, chance.nextInt(1100) - 100, 40 + chance.nextInt(80), 6);
        }
        pen.setTransform(new java.awt.geom.AffineTransform());
        for (int i = 0; i < 330; i++) {
            pen.setColor(new Color(60 + chance.nextInt(30), 125 + chance.nextInt(40), 40 + chance.nextInt(25)));
            int x = i % 6 * 200 + 50 + chance.nextInt(80);
            pen.fill(new Ellipse2D.Double(x, chance.nextInt(900), 12 + chance.nextInt(12), 50 + chance.nextInt(40)));
        }
        pen.dispose();
        try {
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            ImageIO.write(image, "jpg", out);
            return out.toByteArray();
        } catch (IOException fault) {
            throw new UncheckedIOException(fault);
        }
    }
}
