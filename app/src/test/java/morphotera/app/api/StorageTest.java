package morphotera.app.api;

import static org.assertj.core.api.Assertions.assertThat;

import com.zaxxer.hikari.HikariDataSource;
import java.util.Map;
import morphotera.app.Client;
import morphotera.app.RunningApp;
import org.junit.jupiter.api.Test;
import org.springframework.context.ConfigurableApplicationContext;

/** An application of its own, because its storage is taken away. */
class StorageTest {
    @Test
    void a_lost_database_is_said_in_a_sentence_with_503() throws Exception {
        try (ConfigurableApplicationContext app = RunningApp.start()) {
            Client client = new Client(RunningApp.port(app));
            assertThat(client.get("/api/welcome").json().get("empty").asBoolean())
                    .isTrue();
            client.send(
                            "POST",
                            "/api/first-owner",
                            Map.of(
                                    "practiceId",
                                    Client.id(),
                                    "personId",
                                    Client.id(),
                                    "practice",
                                    "Own",
                                    "name",
                                    "Me",
                                    "email",
                                    "me@own.example",
                                    "password",
                                    "long enough to keep"))
                    .expect(200);
            app.getBean(HikariDataSource.class).close();

            Client.Answer answer =
                    client.send("PUT", "/api/holdings/" + Client.id(), Map.of("name", "Home", "version", 0));
            assertThat(answer.expect(503).text("/detail")).contains("kept on this device");
            assertThat(answer.response().headers().firstValue("Retry-After")).contains("5");
            assertThat(client.get("/api/health").status()).isEqualTo(503);
        }
    }
}
