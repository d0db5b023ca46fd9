package morphotera.e2e;

import com.microsoft.playwright.Page;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import morphotera.browser.Calls;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.json.JsonMapper;

/** Measures a day without a signal on a throttled phone, and prints; figures are kept in docs/performance.md. */
class OfflineBench {
    private static final int SLOWER = 4;
    private static final int PARCELS = 500;

    private final Jar jar = Jar.demo();

    @Test
    void second_opening_in_flight_mode() {
        List<Double> opening = new ArrayList<>();
        try (Visitor adviser = Visitor.onPhone(jar).signIn("adviser@tidewrack.example")) {
            Page page = adviser.page;
            page.locator("[data-offline=ready]").waitFor();
            adviser.heading("This week").waitFor();
            adviser.offline(true);
            for (int i = 0; i < 7; i++) {
                page.close();
                page = adviser.anotherTab();
                Figures.throttle(page, SLOWER);
                long from = System.nanoTime();
                adviser.open("/");
                adviser.heading("This week").waitFor();
                opening.add((System.nanoTime() - from) / 1e6);
            }
        }
        Figures.print("second opening in flight mode, throttled 4 times, to the season's list", opening);
    }

    @Test
    void five_hundred_parcels_through_a_server_that_fails_a_third() {
        try (Visitor adviser = Visitor.onPhone(jar).signIn("adviser@tidewrack.example")) {
            Page page = adviser.page;
            page.locator("[data-offline=ready]").waitFor();
            Random chance = new Random(7);
            page.route("**/api/interventions/*", route -> {
                double drawn = chance.nextDouble();
                if (drawn < 0.1) {
                    route.abort();
                } else if (drawn < 0.2) {
                    route.fetch();
                    route.abort();
                } else if (drawn < 0.3) {
                    route.fulfill(new com.microsoft.playwright.Route.FulfillOptions()
                            .setStatus(503)
                            .setHeaders(java.util.Map.of("Retry-After", "0"))
                            .setBody(""));
                } else {
                    route.resume();
                }
            });
            String field = (String)
                    page.evaluate("() => fetch('/api/season').then(a => a.json()).then(s => s.fields[0].field.id)");
            page.evaluate("""
                    async ([field, n]) => {
                      const { openDB } = { openDB: indexedDB };
                      const me = JSON.parse(localStorage.getItem('morphotera:last'));
                      const db = await new Promise((done, failed) => {
                        const asked = openDB.open('morphotera-' + me.id);
                        asked.onsuccess = () => done(asked.result);
                        asked.onerror = () => failed(asked.error);
                      });
                      const store = db.transaction('parcels', 'readwrite').objectStore('parcels');
                      for (let i = 0; i < n; i++) {
                        const id = crypto.randomUUID();
                        store.put({ id: crypto.randomUUID(), seq: i + 1, person: me.id, verb: 'PUT',
                          path: '/api/interventions/' + id, label: 'bench', after: [], result: null,
                          state: { is: 'waiting', tries: 0, notBefore: 0 },
                          body: { fieldId: field, doneOn: '2031-05-14', kind: 'other', note: 'bench ' + i, version: 0 } });
                      }
                      await new Promise((done) => { store.transaction.oncomplete = done; });
                      db.close();
                    }""", List.of(field, PARCELS));
            long from = System.nanoTime();
            page.reload();
            page.setDefaultTimeout(900_000);
            page.getByTestId("sending").getByText("all sent").waitFor();
            double seconds = (System.nanoTime() - from) / 1e9;
            int there = ((Number) page.evaluate(
                            "field => fetch('/api/fields/' + field + '/interventions').then(a => a.json())"
                                    + ".then(all => all.filter(one => (one.note ?? '').startsWith('bench')).length)",
                            field))
                    .intValue();
            System.out.printf(
                    "BENCH %d parcels, a third of the requests failing: %.0f s, %d at the server%n",
                    PARCELS, seconds, there);
        }
    }

    @Test
    void ten_thousand_readings_come_out_alike() {
        JsonMapper json = JsonMapper.builder().build();
        try (Visitor adviser = Visitor.atDesk(jar).signIn("adviser@tidewrack.example")) {
            List<Corpus.Case> cases = Corpus.of(10_000);
            int differ = 0;
            for (int from = 0; from < cases.size(); from += 500) {
                List<Corpus.Case> some = cases.subList(from, from + 500);
                @SuppressWarnings("unchecked")
                List<String> there = (List<String>) adviser.page.evaluate(
                        """
                        async (calls) => {
                          const core = await import('/core/core.js');
                          return calls.map(([method, body]) => core.evaluate(method, body));
                        }""",
                        some.stream()
                                .map(one -> List.of(one.method(), one.body()))
                                .toList());
                for (int i = 0; i < some.size(); i++) {
                    String here =
                            Calls.evaluate(some.get(i).method(), some.get(i).body());
                    List<String> found = Alike.differences(json.readTree(here), json.readTree(there.get(i)));
                    differ += found.isEmpty() ? 0 : 1;
                    if (!found.isEmpty()) {
                        System.out.println("BENCH differs: " + some.get(i) + " " + found);
                    }
                }
            }
            System.out.printf("BENCH core on the JVM and in Chromium: %d of %d differ%n", differ, cases.size());
        }
    }
}
