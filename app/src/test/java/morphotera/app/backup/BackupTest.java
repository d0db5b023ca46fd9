package morphotera.app.backup;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import morphotera.app.Client;
import morphotera.app.Plot;
import morphotera.app.RunningApp;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.context.ConfigurableApplicationContext;

/** All there is, copied while people save, and put back so that every answer is the same. */
@ExtendWith(RunningApp.class)
class BackupTest {
    @TempDir
    private Path aside;

    private final ByteArrayOutputStream said = new ByteArrayOutputStream();

    private int run(Object... words) {
        String[] all = Stream.of(words).map(Object::toString).toArray(String[]::new);
        return new Command(new PrintStream(said, true, StandardCharsets.UTF_8)).run(all);
    }

    private static Path data() {
        return Path.of(RunningApp.property("morphotera.data"));
    }

    @Test
    void what_is_saved_meanwhile_is_in_it_whole_or_not_at_all_and_every_answer_comes_back() throws Exception {
        Client adviser = Client.adviser();
        Plot plot = new Plot(adviser, 3, Map.of("texture", "loam"));
        String visit = plot.visit(Plot.DAY, "moist");
        ExecutorService saving = Executors.newSingleThreadExecutor();
        Future<Integer> saved = saving.submit(() -> {
            int n = 0;
            for (; n < 60; n++) {
                plot.take(visit, plot.spots.get(n % 3), "ph", Plot.ph("water", 6.0 + n / 100.0));
            }
            return n;
        });
        Path file = aside.resolve("all.zip");
        assertThat(run("backup", file, data())).as(said.toString()).isZero();
        saved.get();
        saving.shutdown();

        Path later = aside.resolve("later.zip");
        assertThat(run("backup", later, data())).isZero();
        Path restored = aside.resolve("restored");
        assertThat(run("restore", later, restored)).as(said.toString()).isZero();
        try (ConfigurableApplicationContext again = RunningApp.on(restored)) {
            Client there = Client.signedIn("adviser@tidewrack.example", RunningApp.port(again));
            List<String> addresses = new ArrayList<>(List.of("/api/holdings", "/api/templates", "/api/yardsticks"));
            addresses.add("/api/visits/" + visit);
            addresses.add("/api/visits/" + visit + "/scores");
            addresses.add("/api/fields/" + plot.field + "/trend");
            for (String address : addresses) {
                assertThat(there.get(address).expect(200).response().body())
                        .as(address)
                        .isEqualTo(adviser.get(address).expect(200).response().body());
            }
        }
        Path earlier = aside.resolve("earlier");
        assertThat(run("restore", file, earlier)).isZero();
        // Each reading that is in it has its result: nothing was copied by half.
        try (Connection there = DriverManager.getConnection("jdbc:h2:file:" + earlier.resolve("morphotera"), "sa", "");
                Statement asking = there.createStatement();
                ResultSet readings = asking.executeQuery("""
                        select count(*) as taken, count(*) filter (where e.reading_id is null) as bare,
                          count(*) filter (where r.visit_id = '%s' and e.score is null) as unscored
                        from reading r left join result e on e.reading_id = r.id""".formatted(visit))) {
            readings.next();
            assertThat(readings.getInt("taken")).isPositive();
            assertThat(readings.getInt("bare")).isZero();
            assertThat(readings.getInt("unscored")).isZero();
        }
    }

    @Test
    void a_folder_that_holds_anything_is_left_as_it_is() throws IOException {
        Path file = aside.resolve("all.zip");
        assertThat(run("backup", file, data())).isZero();
        Path full = Files.createDirectory(aside.resolve("full"));
        Files.writeString(full.resolve("mine.txt"), "mine");
        assertThat(run("restore", file, full)).isEqualTo(1);
        assertThat(said.toString()).contains("not empty");
        try (Stream<Path> left = Files.list(full)) {
            assertThat(left).containsExactly(full.resolve("mine.txt"));
        }
    }

    @Test
    void what_is_no_backup_or_climbs_out_of_its_folder_is_refused_and_leaves_nothing() throws IOException {
        Path wrong = aside.resolve("wrong.zip");
        zip(wrong, "readme.txt");
        assertThat(run("restore", wrong, aside.resolve("a"))).isEqualTo(1);
        zip(wrong, "morphotera.mv.db", "../climbs.txt");
        assertThat(run("restore", wrong, aside.resolve("b"))).isEqualTo(1);
        Files.writeString(wrong, "no zip at all");
        assertThat(run("restore", wrong, aside.resolve("c"))).isEqualTo(1);
        assertThat(run("backup", aside.resolve("x.zip"), aside.resolve("nothing")))
                .isEqualTo(1);
        try (Stream<Path> left = Files.list(aside)) {
            assertThat(left).containsExactly(wrong);
        }
    }

    private static void zip(Path file, String... names) throws IOException {
        try (ZipOutputStream zip = new ZipOutputStream(Files.newOutputStream(file))) {
            for (String name : names) {
                zip.putNextEntry(new ZipEntry(name));
                zip.write(1);
            }
        }
    }

    @Test
    void a_killed_server_leaves_a_note_and_its_data_can_still_be_backed_up() throws IOException {
        Path left = Files.createDirectory(aside.resolve("left"));
        Files.writeString(left.resolve("morphotera.mv.db"), "data");
        Running.write(left, "http://127.0.0.1:1/api/backups/gone");
        assertThat(run("backup", aside.resolve("left.zip"), left))
                .as(said.toString())
                .isZero();
    }

    @Test
    void only_who_may_gets_all_of_it() {
        // Two practices share the demo's server: neither owner gets the other's data.
        Client.adviser().get("/api/backups").expect(403);
        new Client().get("/api/backups").expect(401);
        new Client().get("/api/backups/guessed").expect(403);
        Client.signedIn("second@tidewrack.example").get("/api/backups").expect(403);
    }
}
