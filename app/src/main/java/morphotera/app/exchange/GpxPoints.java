package morphotera.app.exchange;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import morphotera.ground.Nullable;

/** Waypoints of GPX 1.1. A file with a DTD or entities is refused: nothing outside it is ever asked for. */
final class GpxPoints {
    /** As they stand there: numbers may be missing or no numbers. */
    record Point(
            long number,
            @Nullable String lat,
            @Nullable String lon,
            @Nullable String name,
            @Nullable String note) {}

    private GpxPoints() {}

    static List<Point> read(Path file) {
        XMLInputFactory factory = XMLInputFactory.newDefaultFactory();
        factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
        factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
        factory.setProperty(XMLInputFactory.IS_REPLACING_ENTITY_REFERENCES, false);
        try (InputStream in = Files.newInputStream(file)) {
            return points(factory.createXMLStreamReader(in));
        } catch (IOException | XMLStreamException fault) {
            throw Sifted.refused("not-readable", "This is not GPX: " + firstLine(fault.getMessage()));
        }
    }

    private static List<Point> points(XMLStreamReader xml) throws XMLStreamException {
        List<Point> points = new ArrayList<>();
        boolean gpx = false;
        while (xml.hasNext()) {
            int event = xml.next();
            if (event == XMLStreamConstants.DTD || event == XMLStreamConstants.ENTITY_REFERENCE) {
                throw Sifted.refused("entities", "A file with a document type or entities of its own is not read.");
            }
            if (event == XMLStreamConstants.START_ELEMENT) {
                gpx |= xml.getLocalName().equals("gpx");
                if (xml.getLocalName().equals("wpt")) {
                    points.add(point(xml, points.size() + 1L));
                }
            }
        }
        if (!gpx) {
            throw Sifted.refused("not-readable", "This is not GPX: there is no gpx element.");
        }
        return points;
    }

    private static Point point(XMLStreamReader xml, long number) throws XMLStreamException {
        String lat = xml.getAttributeValue(null, "lat");
        String lon = xml.getAttributeValue(null, "lon");
        String name = null;
        String note = null;
        while (xml.hasNext()) {
            int event = xml.next();
            if (event == XMLStreamConstants.END_ELEMENT && xml.getLocalName().equals("wpt")) {
                break;
            }
            if (event == XMLStreamConstants.START_ELEMENT && xml.getLocalName().equals("name")) {
                name = text(xml);
            } else if (event == XMLStreamConstants.START_ELEMENT
                    && xml.getLocalName().equals("desc")) {
                note = text(xml);
            }
        }
        return new Point(number, lat, lon, name, note);
    }

    private static String text(XMLStreamReader xml) throws XMLStreamException {
        StringBuilder text = new StringBuilder();
        for (int event = xml.next(); event != XMLStreamConstants.END_ELEMENT; event = xml.next()) {
            if (event == XMLStreamConstants.ENTITY_REFERENCE) {
                throw Sifted.refused("entities", "A file with a document type or entities of its own is not read.");
            }
            if (event == XMLStreamConstants.CHARACTERS || event == XMLStreamConstants.CDATA) {
                text.append(xml.getText());
            }
        }
        return text.toString().strip();
    }

    private static String firstLine(String text) {
        return text == null ? "no reason given" : text.lines().findFirst().orElse("");
    }
}
