package morphotera.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.UncheckedIOException;
import java.net.http.HttpRequest.BodyPublishers;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** A server that is killed, as a power cut kills it, leaves what was there before or all that was to come. */
class KilledIT {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final String SIGN_IN = "{\"email\":\"new@own.example\",\"password\":\"tide over the bar\"}";

    @TempDir
    private Path data;

    private Jar jar;

    @AfterEach
    void noneIsLeft() throws InterruptedException {
        if (jar != null) {
            jar.kill();
        }
    }

    @Test
    void in_the_middle_of_an_import_there_is_nothing_of_it_or_all() throws Exception {
        Caller adviser = new Caller(Jar.demo()).signIn("adviser@tidewrack.example");
        byte[] holding = adviser.export("{\"what\":\"holding\",\"id\":\"" + hallowQuay(adviser) + "\"}");
        jar = Jar.on(data);
        Caller owner = new Caller(jar);
        owner.send("POST", "/api/first-owner", """
                {"practiceId":"01890a5d-ac96-774b-bcce-b302099a8057","personId":"01890a5d-ac96-774b-bcce-b302099a8058",
                "practice":"Own","name":"Owner","email":"new@own.example","password":"tide over the bar"}""");
        JsonNode looked = look(owner, holding);
        String id = looked.get("id").asString();
        long rows = looked.at("/would/add").asLong();
        assertThat(rows).isGreaterThan(1000);
        killedWhileItSaves(owner, id);

        jar = Jar.on(data);
        owner = new Caller(jar);
        owner.send("POST", "/api/session", SIGN_IN);
        JsonNode now = look(owner, holding);
        assertThat(now.at("/would/add").asLong()).isIn(0L, rows);
        assertThat(now.at("/would/same").asLong())
                .isEqualTo(rows - now.at("/would/add").asLong());
        owner.confirm(id);
        assertThat(look(owner, holding).at("/would/same").asLong()).isEqualTo(rows);
    }

    private static String hallowQuay(Caller adviser) {
        for (JsonNode holding : JSON.readTree(adviser.get("/api/holdings").body())) {
            if (holding.get("name").asString().equals("Hallow Quay")) {
                return holding.get("id").asString();
            }
        }
        throw new AssertionError("no Hallow Quay among the holdings");
    }

    private static JsonNode look(Caller owner, byte[] holding) {
        return JSON.readTree(owner.send(
                "POST", "/api/imports?kind=practice", "application/zip", BodyPublishers.ofByteArray(holding)));
    }

    private void killedWhileItSaves(Caller owner, String id) throws Exception {
        CompletableFuture<Void> cut = CompletableFuture.runAsync(() -> {
            try {
                owner.confirm(id);
            } catch (UncheckedIOException | InterruptedException gone) {
                // The server is, and its answer with it.
            }
        });
        Thread.sleep(500);
        jar.kill();
        cut.get(30, TimeUnit.SECONDS);
    }

    @Test
    void in_the_middle_of_a_backup_or_a_restore_what_was_there_before_stays() throws Exception {
        String demo = Jar.demo().data().toString();
        Path file = data.resolve("all.zip");
        Files.writeString(file, "the backup of yesterday");
        Process backup = Jar.command("backup", file.toString(), demo);
        Thread.sleep(250);
        backup.destroyForcibly().waitFor();
        assertThat(Files.readString(file)).isEqualTo("the backup of yesterday");

        assertThat(Jar.command("backup", file.toString(), demo).waitFor()).isZero();
        Path empty = data.resolve("restored");
        Process restore = Jar.command("restore", file.toString(), empty.toString());
        Thread.sleep(150);
        restore.destroyForcibly().waitFor();
        assertThat(Files.exists(empty) && !Files.exists(empty.resolve("morphotera.mv.db")))
                .isFalse();
        // What was left aside is in nobody's way.
        if (!Files.exists(empty)) {
            assertThat(Jar.command("restore", file.toString(), empty.toString()).waitFor())
                    .isZero();
        }
        assertThat(empty.resolve("morphotera.mv.db")).exists();
    }
}
