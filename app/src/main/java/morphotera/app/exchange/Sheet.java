package morphotera.app.exchange;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Consumer;
import morphotera.ground.Nullable;
import org.apache.commons.csv.CSVException;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.apache.commons.csv.DuplicateHeaderMode;

/** A table that somebody kept elsewhere: its columns matched to what is known here, and read row by row. */
final class Sheet {
    private static final long MOST_ROWS = 1_000_000;
    private static final int MOST_COLUMNS = 200;

    private final Path file;
    private final char separator;
    private final List<String> headers;
    private final Map<String, String> columns;

    private Sheet(Path file, char separator, List<String> headers, Map<String, String> columns) {
        this.file = file;
        this.separator = separator;
        this.headers = headers;
        this.columns = columns;
    }

    /** Whether a column may be read as that. */
    interface Targets {
        /** What a heading stands for by itself; null where it has to be said. */
        @Nullable
        String of(String heading);
    }

    /** @param said what a person matched, by heading; an empty word: not read */
    static Sheet open(Path file, Targets targets, Map<String, String> said) {
        String first = heading(file);
        char separator = first.contains(";") ? ';' : first.contains("\t") ? '\t' : ',';
        try (CSVParser csv = parser(file, separator)) {
            List<String> headers = csv.getHeaderNames();
            if (headers.size() > MOST_COLUMNS) {
                throw Sifted.refused("too-many", "A table has " + MOST_COLUMNS + " columns at most.");
            }
            Map<String, String> columns = new LinkedHashMap<>();
            for (String one : headers) {
                String target = said.containsKey(one) ? said.get(one) : targets.of(one);
                columns.put(one, target == null || target.isBlank() ? "" : target);
            }
            return new Sheet(file, separator, headers, columns);
        } catch (IOException fault) {
            throw new UncheckedIOException(fault);
        } catch (IllegalArgumentException fault) {
            throw Sifted.refused("not-readable", "The heading cannot be read: each column needs a name of its own.");
        }
    }

    private static String heading(Path file) {
        try (BufferedReader lines = Files.newBufferedReader(file, StandardCharsets.UTF_8)) {
            String first = lines.readLine();
            return first == null ? "" : first;
        } catch (IOException fault) {
            throw Sifted.refused("not-readable", "The file is not text in UTF-8.");
        }
    }

    private static CSVParser parser(Path file, char separator) throws IOException {
        BufferedReader text =
                new BufferedReader(new InputStreamReader(Files.newInputStream(file), StandardCharsets.UTF_8));
        text.mark(1);
        if (text.read() != '\uFEFF') {
            text.reset();
        }
        return CSVParser.builder()
                .setReader(text)
                .setFormat(CSVFormat.DEFAULT
                        .builder()
                        .setDelimiter(separator)
                        .setHeader()
                        .setSkipHeaderRecord(true)
                        .setDuplicateHeaderMode(DuplicateHeaderMode.DISALLOW)
                        .setTrim(true)
                        .setIgnoreEmptyLines(true)
                        .get())
                .get();
    }

    /** By heading, what each is read as; empty where it is not. */
    Map<String, String> columns() {
        return columns;
    }

    /** Names the same file again: the headings it has. */
    String headings() {
        return String.join("\u001f", headers);
    }

    /** A row by what its columns are read as; cells that are empty are missing. */
    record Row(long line, Map<String, String> cells) {
        @Nullable
        String get(String target) {
            return cells.get(target);
        }
    }

    void each(Consumer<Row> take) {
        try (CSVParser csv = parser(file, separator)) {
            for (CSVRecord record : csv) {
                if (record.getRecordNumber() > MOST_ROWS) {
                    throw Sifted.refused("too-many", "A table has a million rows at most.");
                }
                Map<String, String> cells = new LinkedHashMap<>();
                columns.forEach((heading, target) -> {
                    String cell = record.isSet(heading) ? record.get(heading) : "";
                    if (!target.isEmpty() && !cell.isEmpty()) {
                        cells.put(target, cell.startsWith("'") ? cell.substring(1) : cell);
                    }
                });
                take.accept(new Row(record.getRecordNumber() + 1, cells));
            }
        } catch (IOException | UncheckedIOException | IllegalStateException fault) {
            if (fault instanceof CSVException
                    || fault.getCause() instanceof CSVException
                    || fault instanceof IllegalStateException) {
                throw Sifted.refused(
                        "not-readable", "This cannot be read as a table: is there a quote that never closes?");
            }
            throw Sifted.refused("not-readable", "The file is not text in UTF-8.");
        }
    }

    /** Whether cells are written with a comma as the decimal sign. */
    boolean commaIsDecimal() {
        return separator == ';';
    }

    /** A heading as it is compared: letters and digits alone. */
    static String plain(String heading) {
        StringBuilder plain = new StringBuilder();
        for (char sign : heading.toLowerCase(Locale.ROOT).toCharArray()) {
            if (Character.isLetterOrDigit(sign)) {
                plain.append(sign);
            }
        }
        return plain.toString();
    }

    /** What is nested is named with points: {@code ph.value}. */
    static void put(Map<String, Object> into, String path, Object value) {
        List<String> parts = new ArrayList<>(List.of(path.split("\\.")));
        Map<String, Object> at = into;
        while (parts.size() > 1) {
            Object inner = at.computeIfAbsent(parts.remove(0), any -> new LinkedHashMap<String, Object>());
            if (!(inner instanceof Map<?, ?>)) {
                throw Sifted.refused("one-of", "'" + path + "' is given twice, as a figure and in parts.");
            }
            @SuppressWarnings("unchecked")
            Map<String, Object> map = (Map<String, Object>) inner;
            at = map;
        }
        at.put(parts.get(0), value);
    }
}
