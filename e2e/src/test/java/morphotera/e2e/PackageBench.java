package morphotera.e2e;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Test;

/**
 * The demo's package, many times over, into an empty practice of 512 MB and out again, beside the store's own batch insert of the
 * same rows: {@code mvn -Pbench verify}; {@code -Dcopies=684} makes a million readings, seven million rows.
 */
class PackageBench {
    private static final int COPIES = Integer.getInteger("morphotera.copies");
    private static final String WHOLE = "{\"what\":\"practice\",\"photographs\":false}";
    private static final int BATCH = 1000;
    private static final Pattern ID = Pattern.compile("[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}");
    private static final Pattern WORD = Pattern.compile("\"(\\w+)\"\\s*:\\s*\"?([\\w-]+)");

    @Test
    void a_practice_goes_in_and_out_beside_the_stores_own_inserts() throws Exception {
        Path many = manyTimes(new Caller(Jar.demo()).signIn("adviser@tidewrack.example"));
        Path data;
        try (Jar jar = Jar.emptyWith("-Xmx512m")) {
            Caller owner = new Caller(jar);
            owner.send("POST", "/api/first-owner", """
                    {"practiceId":"%s","personId":"%s","practice":"Bench","name":"Owner","email":"owner@bench.example",
                    "password":"slack-tide-41"}""".formatted(UUID.randomUUID(), UUID.randomUUID()));
            long from = System.nanoTime();
            String looked =
                    owner.send("POST", "/api/imports?kind=practice", "application/zip", BodyPublishers.ofFile(many));
            String id = word(looked, "id");
            while (word(looked, "state").equals("looking")) {
                Thread.sleep(200);
                looked = text(owner.get("/api/imports/" + id));
            }
            long rows = Long.parseLong(word(looked, "good"));
            print("looked at", rows, from);
            from = System.nanoTime();
            String state = owner.confirm(id);
            print(state, rows, from);
            from = System.nanoTime();
            owner.export(WHOLE);
            print("taken out", rows, from);
            data = jar.data();
        }
        byTheStoreItself(data);
    }

    private static void print(String what, long rows, long from) {
        double seconds = (System.nanoTime() - from) / 1e9;
        System.out.printf("BENCH %s: %d rows in %.1f s, %.0f a second%n", what, rows, seconds, rows / seconds);
    }

    private static String text(HttpResponse<byte[]> answer) {
        return new String(answer.body(), StandardCharsets.UTF_8);
    }

    private static String word(String json, String key) {
        Matcher found = WORD.matcher(json);
        while (found.find()) {
            if (found.group(1).equals(key)) {
                return found.group(2);
            }
        }
        throw new IllegalStateException("no " + key + " in " + json);
    }

    /** Each copy is of other things, but by the same people. */
    private static Path manyTimes(Caller adviser) throws IOException, InterruptedException {
        Path many = Jar.folder().resolve("many.zip");
        Set<String> people = new LinkedHashSet<>();
        try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(adviser.export(WHOLE)));
                ZipOutputStream out = new ZipOutputStream(Files.newOutputStream(many))) {
            for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
                String table = new String(in.readAllBytes(), StandardCharsets.UTF_8);
                out.putNextEntry(new ZipEntry(entry.getName()));
                out.write(table.getBytes(StandardCharsets.UTF_8));
                if (entry.getName().equals("people.csv")) {
                    ID.matcher(table).results().forEach(id -> people.add(id.group()));
                } else if (entry.getName().endsWith(".csv")) {
                    String rows = table.substring(table.indexOf('\n') + 1);
                    boolean once = entry.getName().equals("specimens.csv");
                    for (int copy = 1;
                            copy < COPIES && !once && ID.matcher(rows).find();
                            copy++) {
                        out.write(another(rows, copy, people).getBytes(StandardCharsets.UTF_8));
                    }
                }
            }
        }
        return many;
    }

    private static String another(String rows, int copy, Set<String> people) {
        return ID.matcher(rows)
                .replaceAll(id -> people.contains(id.group())
                        ? id.group()
                        : UUID.nameUUIDFromBytes((id.group() + copy).getBytes(StandardCharsets.UTF_8))
                                .toString());
    }

    /** The same rows into tables of the same columns, keys and indexes, by batches over JDBC and one commit. */
    private static void byTheStoreItself(Path data) throws Exception {
        Path own = Jar.folder();
        try (Connection from = DriverManager.getConnection("jdbc:h2:file:" + data.resolve("morphotera"), "sa", "");
                Connection to = DriverManager.getConnection("jdbc:h2:file:" + own.resolve("own"), "sa", "")) {
            Path schema = own.resolve("schema.sql");
            try (Statement script = from.createStatement();
                    Statement made = to.createStatement()) {
                script.execute("script nodata to '" + schema + "'");
                made.execute("runscript from '" + schema + "'");
            }
            to.setAutoCommit(false);
            long rows = 0;
            long nanos = 0;
            for (String table : inOrder(from)) {
                try (Statement select = from.createStatement();
                        ResultSet all = select.executeQuery("select * from \"" + table + "\" order by _rowid_")) {
                    int columns = all.getMetaData().getColumnCount();
                    String marks = String.join(
                            ",", Stream.generate(() -> "?").limit(columns).toList());
                    try (PreparedStatement insert =
                            to.prepareStatement("insert into \"" + table + "\" values (" + marks + ")")) {
                        int waiting = 0;
                        while (all.next()) {
                            for (int i = 1; i <= columns; i++) {
                                insert.setObject(i, all.getObject(i));
                            }
                            insert.addBatch();
                            rows++;
                            if (++waiting % BATCH == 0) {
                                nanos += timed(insert::executeBatch);
                            }
                        }
                        nanos += timed(insert::executeBatch);
                    }
                }
            }
            nanos += timed(() -> {
                to.commit();
                return null;
            });
            System.out.printf(
                    "BENCH the store's own batch insert: %d rows in %.1f s, %.0f a second%n",
                    rows, nanos / 1e9, rows / (nanos / 1e9));
        }
    }

    private interface Inserting {
        Object run() throws SQLException;
    }

    private static long timed(Inserting what) throws SQLException {
        long from = System.nanoTime();
        what.run();
        return System.nanoTime() - from;
    }

    /** What a table's keys name comes before it. */
    private static List<String> inOrder(Connection of) throws SQLException {
        List<String> open = new ArrayList<>();
        try (ResultSet tables = of.getMetaData().getTables(null, "PUBLIC", "%", new String[] {"BASE TABLE"})) {
            while (tables.next()) {
                open.add(tables.getString("TABLE_NAME"));
            }
        }
        List<String> placed = new ArrayList<>();
        while (!open.isEmpty()) {
            String next = null;
            for (String table : open) {
                Set<String> named = new LinkedHashSet<>();
                try (ResultSet keys = of.getMetaData().getImportedKeys(null, "PUBLIC", table)) {
                    while (keys.next()) {
                        named.add(keys.getString("PKTABLE_NAME"));
                    }
                }
                named.remove(table);
                if (placed.containsAll(named)) {
                    next = table;
                    break;
                }
            }
            placed.add(next);
            open.remove(next);
        }
        return placed;
    }
}
