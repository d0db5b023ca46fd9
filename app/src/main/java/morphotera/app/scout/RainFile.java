package morphotera.app.scout;

import java.io.IOException;
import java.io.StringReader;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/** A table of rain by day: columns day, rain_mm and, if there, irrigation_mm and air_mean_c; the rows that cannot be read by line. */
public record RainFile(List<Weather.Kept> days, List<BadRow> bad) {
    private static final int MOST = 20_000;
    private static final double MOST_MM = 2000;

    /** @param text what stands there, and {@code why} it is left out */
    public record BadRow(int line, String text, String why) {}

    public static RainFile read(String text) {
        List<Weather.Kept> days = new ArrayList<>();
        List<BadRow> bad = new ArrayList<>();
        Map<LocalDate, Integer> seen = new LinkedHashMap<>();
        char separator = firstLine(text).contains(";") ? ';' : ',';
        CSVFormat format = CSVFormat.DEFAULT
                .builder()
                .setDelimiter(separator)
                .setHeader()
                .setSkipHeaderRecord(true)
                .setIgnoreHeaderCase(true)
                .setTrim(true)
                .setIgnoreEmptyLines(true)
                .get();
        try (CSVParser rows = CSVParser.parse(new StringReader(text), format)) {
            for (String needed : List.of("day", "rain_mm")) {
                if (!rows.getHeaderMap().containsKey(needed)) {
                    return new RainFile(
                            List.of(),
                            List.of(new BadRow(1, shortened(firstLine(text)), "There is no column '" + needed + "'.")));
                }
            }
            for (CSVRecord row : rows) {
                int line = (int) row.getRecordNumber() + 1;
                if (line > MOST) {
                    bad.add(new BadRow(line, "", "A file has " + MOST + " rows at most."));
                    break;
                }
                try {
                    Weather.Kept day = day(row, separator);
                    Integer before = seen.putIfAbsent(day.day(), line);
                    if (before != null) {
                        throw new IllegalArgumentException("This day stands in line " + before + " already.");
                    }
                    days.add(day);
                } catch (IllegalArgumentException fault) {
                    bad.add(new BadRow(
                            line, shortened(String.join(String.valueOf(separator), row.values())), fault.getMessage()));
                }
            }
        } catch (IOException | IllegalArgumentException fault) {
            bad.add(new BadRow(1, "", "This cannot be read as a table: " + fault.getMessage()));
        }
        return new RainFile(days, bad);
    }

    private static Weather.Kept day(CSVRecord row, char separator) {
        LocalDate day;
        try {
            day = LocalDate.parse(cell(row, "day"));
        } catch (DateTimeException fault) {
            throw new IllegalArgumentException("A day such as 2031-05-14 is expected.", fault);
        }
        Double rain = number(row, "rain_mm", 0, MOST_MM, separator);
        if (rain == null) {
            throw new IllegalArgumentException("The rain is missing; a dry day has 0.");
        }
        return new Weather.Kept(
                day,
                rain,
                number(row, "irrigation_mm", 0, MOST_MM, separator),
                number(row, "air_mean_c", -60, 60, separator));
    }

    private static String cell(CSVRecord row, String column) {
        return row.isSet(column) ? row.get(column) : "";
    }

    private static Double number(CSVRecord row, String column, double least, double most, char separator) {
        String text = cell(row, column);
        if (text.isBlank()) {
            return null;
        }
        // Where a semicolon parts the cells, a comma is the decimal sign.
        String plain = separator == ';' ? text.replace(',', '.') : text;
        try {
            double value = Double.parseDouble(plain);
            if (!(value >= least && value <= most)) {
                throw new IllegalArgumentException(column + " goes from " + (int) least + " to " + (int) most + ".");
            }
            return value;
        } catch (NumberFormatException fault) {
            throw new IllegalArgumentException("'" + shortened(text) + "' is not a number for " + column + ".", fault);
        }
    }

    private static String firstLine(String text) {
        int end = text.indexOf('\n');
        return end < 0 ? text : text.substring(0, end);
    }

    private static String shortened(String text) {
        return text.length() <= 80 ? text : text.substring(0, 80) + "…";
    }
}
