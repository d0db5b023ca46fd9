package morphotera.app.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import morphotera.app.Client;
import morphotera.app.Morphotera;
import morphotera.app.RunningApp;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/** A server that is killed, as a power cut kills it, leaves what was there before or all that was to come. */
@ExtendWith(RunningApp.class)
class KilledTest {
    private static final Map<String, String> SIGN_IN =
            Map.of("email", "new@own.example", "password", "tide over the bar");

    @TempDir
    private Path data;

    private Server server;

    @AfterEach
    void noneIsLeft() throws InterruptedException {
        if (server != null) {
            server.kill();
        }
    }

    private static Process java(String... words) throws IOException {
        List<String> command = Stream.concat(
                        Stream.of(
                                Path.of(System.getProperty("java.home"), "bin", "java")
                                        .toString(),
                                "-XX:TieredStopAtLevel=1",
                                "-cp",
                                System.getProperty("java.class.path"),
                                Morphotera.class.getName()),
                        Stream.of(words))
                .toList();
        return new ProcessBuilder(command)
                .redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                .start();
    }

    private record Server(Process process, int port) {
        Client somebody() {
            Client client = new Client(port);
            client.get("/api/welcome");
            return client;
        }

        void kill() throws InterruptedException {
            process.destroyForcibly().waitFor();
        }
    }

    private Server start() throws IOException, InterruptedException {
        int port;
        try (ServerSocket free = new ServerSocket(0)) {
            port = free.getLocalPort();
        }
        Process process = java("--server.port=" + port, "--morphotera.data=" + data);
        for (int i = 0; i < 600; i++) {
            try {
                if (new Client(port).get("/api/health").status() == 200) {
                    return new Server(process, port);
                }
            } catch (UncheckedIOException notYet) {
                Thread.sleep(100);
            }
        }
        throw new AssertionError("the server never came");
    }

    @Test
    void in_the_middle_of_an_import_there_is_nothing_of_it_or_all() throws Exception {
        byte[] practice = packed();
        server = start();
        Client owner = Client.firstOwner(server.port(), SIGN_IN.get("email"), SIGN_IN.get("password"));
        JsonNode look = look(owner, practice);
        String id = look.get("id").asString();
        long rows = look.at("/would/add").asLong();
        for (int afterMillis : new int[] {60, 500}) {
            killedWhileItSaves(owner, id, afterMillis);

            server = start();
            owner = server.somebody();
            owner.send("POST", "/api/session", SIGN_IN).expect(200);
            JsonNode now = look(owner, practice);
            assertThat(now.at("/would/add").asLong()).isIn(0L, rows);
            assertThat(now.at("/would/same").asLong())
                    .isEqualTo(rows - now.at("/would/add").asLong());
        }
        owner.confirm(id).expect(200);
        assertThat(look(owner, practice).at("/would/same").asLong()).isEqualTo(rows);
    }

    private static JsonNode look(Client owner, byte[] practice) {
        return owner.file("POST", "/api/imports?kind=practice", practice)
                .expect(200)
                .json();
    }

    private void killedWhileItSaves(Client owner, String id, int afterMillis) throws Exception {
        CompletableFuture<Void> cut = CompletableFuture.runAsync(() -> {
            try {
                owner.send("POST", "/api/imports/" + id + "/confirm", null);
            } catch (RuntimeException gone) {
                assertThat(gone).isInstanceOf(UncheckedIOException.class);
            }
        });
        Thread.sleep(afterMillis);
        server.kill();
        cut.get(30, TimeUnit.SECONDS);
    }

    private static byte[] packed() throws InterruptedException {
        Client adviser = Client.adviser();
        String id = adviser.send("POST", "/api/exports", Map.of("what", "practice"))
                .expect(202)
                .text("/id");
        while (true) {
            var answer = adviser.download("/api/exports/" + id);
            if (answer.statusCode() == 200) {
                return answer.body();
            }
            Thread.sleep(50);
        }
    }

    @Test
    void in_the_middle_of_a_backup_or_a_restore_what_was_there_before_stays() throws Exception {
        Path file = data.resolve("all.zip");
        Files.writeString(file, "the backup of yesterday");
        Process backup = java("backup", file.toString(), RunningApp.property("morphotera.data"));
        Thread.sleep(250);
        backup.destroyForcibly().waitFor();
        assertThat(Files.readString(file)).isEqualTo("the backup of yesterday");

        assertThat(java("backup", file.toString(), RunningApp.property("morphotera.data"))
                        .waitFor())
                .isZero();
        Path empty = data.resolve("restored");
        Process restore = java("restore", file.toString(), empty.toString());
        Thread.sleep(150);
        restore.destroyForcibly().waitFor();
        assertThat(Files.exists(empty) && !Files.exists(empty.resolve("morphotera.mv.db")))
                .isFalse();
        // What was left aside is in nobody's way.
        if (!Files.exists(empty)) {
            assertThat(java("restore", file.toString(), empty.toString()).waitFor())
                    .isZero();
        }
        assertThat(empty.resolve("morphotera.mv.db")).exists();
    }
}
