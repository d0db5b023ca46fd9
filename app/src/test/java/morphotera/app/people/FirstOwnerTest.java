package morphotera.app.people;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import morphotera.app.Client;
import morphotera.app.RunningApp;
import org.junit.jupiter.api.Test;
import org.springframework.context.ConfigurableApplicationContext;

class FirstOwnerTest {
    private static Callable<Client.Answer> beginning(Client client, String name) {
        client.get("/api/welcome");
        Map<String, Object> body = Map.of(
                "practiceId",
                Client.id(),
                "personId",
                Client.id(),
                "practice",
                name,
                "name",
                name,
                "email",
                name + "@own.example",
                "password",
                "tide over the bar");
        return () -> client.send("POST", "/api/first-owner", body);
    }

    @Test
    void two_who_begin_at_one_moment_make_one_practice() throws Exception {
        try (ConfigurableApplicationContext empty = RunningApp.start()) {
            int port = RunningApp.port(empty);
            ExecutorService both = Executors.newFixedThreadPool(2);
            List<Integer> statuses = new ArrayList<>();
            for (Future<Client.Answer> one :
                    both.invokeAll(List.of(beginning(new Client(port), "one"), beginning(new Client(port), "other")))) {
                statuses.add(one.get().status());
            }
            both.shutdown();
            assertThat(statuses).containsExactlyInAnyOrder(200, 422);
            assertThat(empty.getBean(PeopleMapper.class).practices()).isEqualTo(1);
        }
    }
}
