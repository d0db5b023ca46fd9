package morphotera.e2e;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.FilePayload;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;

/** Measures the bench under a thumb and prints; figures are kept in docs/performance.md. */
class MeasureBench {
    private static final int SLOWER = 4;
    private static final int ROUNDS = 9;

    private final Jar jar = Jar.demo();

    /** A visit of ten spots and twenty methods, every cell of it read: copied from what the core's own cases hold. */
    private static String visit(Visitor adviser) {
        List<List<String>> readings = new ArrayList<>();
        Corpus.of(3000).forEach(one -> readings.add(List.of(one.method(), one.body())));
        return (String) adviser.page.evaluate("""
                        async ([visit, readings]) => {
                          const token = document.cookie.match(/XSRF-TOKEN=([^;]+)/)[1];
                          const put = (path, body) => fetch(path, { method: 'PUT', headers: {
                            'Content-Type': 'application/json', 'X-XSRF-TOKEN': token }, body: JSON.stringify(body) });
                          const season = await (await fetch('/api/season')).json();
                          const field = season.fields.find((one) => one.field.name === 'Church Piece').field;
                          const { startCard } = await (await fetch('/api/planning')).json();
                          const methods = [...new Set(readings.map(([method]) => method))].filter((one) => one !== 'slaking');
                          await put('/api/visits/' + visit, { fieldId: field.id, day: new Date().toISOString().slice(0, 10),
                            state: 'running', question: 'routine', methods: ['slaking', ...methods.slice(0, 19)],
                            moisture: 'moist', version: 0,
                            startCard: Object.fromEntries(startCard.map((item) => [item.id, new Date().toISOString()])) });
                          const done = new Set(['slaking']);
                          let cells = 0;
                          for (const [method, body] of readings) {
                            if (done.has(method) || !methods.slice(0, 19).includes(method)) continue;
                            const { reading } = JSON.parse(body);
                            for (const spot of field.spots.slice(0, 10)) {
                              const answer = await put('/api/readings/' + crypto.randomUUID(), { visitId: visit, spotId: spot.id,
                                method, reading, takenAt: new Date().toISOString() });
                              if (!answer.ok) break;
                              done.add(method);
                              cells++;
                            }
                          }
                          console.info(`BENCH ${cells} readings of ${done.size - 1} methods`);
                          return `/fields/${field.id}/visits/${visit}/`;
                        }""", List.of(UUID.randomUUID().toString(), readings));
    }

    @Test
    void a_visit_opens_and_a_bench_and_a_keystroke_tells() {
        try (Visitor adviser = Visitor.onPhone(jar).signIn("adviser@tidewrack.example")) {
            Page page = adviser.page;
            page.onConsoleMessage(message -> {
                if (message.text().startsWith("BENCH")) {
                    System.out.println(message.text());
                }
            });
            String at = visit(adviser);
            for (int rate : new int[] {1, SLOWER}) {
                Figures.throttle(page, rate);
                opening(adviser, at, rate);
            }
        }
    }

    private static void opening(Visitor adviser, String at, int rate) {
        Page page = adviser.page;
        List<Double> visits = new ArrayList<>();
        List<Double> benches = new ArrayList<>();
        List<Double> keys = new ArrayList<>();
        Pattern cell = Pattern.compile("^Slaking, spot ");
        for (int i = 0; i < ROUNDS; i++) {
            adviser.open(at + "scout");
            page.getByText("The run sheet").or(page.getByText("Visit")).first().waitFor();
            page.waitForTimeout(1500);
            long from = System.nanoTime();
            adviser.go("measure");
            page.getByLabel(cell).nth(9).waitFor();
            visits.add((System.nanoTime() - from) / 1e6);
            page.waitForTimeout(500);
            page.evaluate("""
                    () => {
                      const began = performance.now();
                      window.opened = new Promise((done) => {
                        new MutationObserver((_, seen) => {
                          if (!document.querySelector('section[aria-label=Bench] h2')) return;
                          seen.disconnect();
                          requestAnimationFrame(() => done(performance.now() - window.pressed));
                        }).observe(document.body, { subtree: true, childList: true });
                      });
                      document.addEventListener('click', () => { window.pressed = performance.now(); }, { capture: true, once: true });
                      return began;
                    }""");
            page.getByLabel(cell).nth(i % 9).click();
            benches.add(((Number) page.evaluate("() => window.opened")).doubleValue());
        }
        adviser.open(page.url().replaceAll("^https?://[^/]+", "").replaceAll("method=[a-z-]+", "method=root-depth")
                + "&repeat=" + (4 + rate));
        page.getByLabel(Pattern.compile("^Step 5 of ")).click();
        adviser.choice("Crop", "Cereal").click();
        page.getByLabel(Pattern.compile("^Step 4 of ")).click();
        page.getByLabel("Deepest root").first().fill("60");
        var field = page.getByLabel(Pattern.compile("^Four fifths")).first();
        field.fill("3");
        page.getByTestId("score").waitFor();
        page.evaluate("""
                () => {
                  window.told = [];
                  window.pressed = null;
                  document.addEventListener('keydown', () => { window.pressed = performance.now(); }, { capture: true });
                  const score = document.querySelector('section[aria-label=Bench]');
                  const text = () => document.querySelector('[data-testid=score]')?.textContent ?? '';
                  let before = text();
                  new MutationObserver(() => {
                    const now = text();
                    if (window.pressed === null || now === before) return;
                    if (window.mute) { window.pressed = null; before = now; return; }
                    before = now;
                    const from = window.pressed;
                    window.pressed = null;
                    requestAnimationFrame(() => window.told.push(performance.now() - from));
                  }).observe(score, { subtree: true, childList: true, characterData: true });
                }""");
        for (int i = 0; i < 2 * ROUNDS; i++) {
            field.focus();
            // A figure that was there before is known already: only new ones are measured.
            page.evaluate("mute => { window.mute = mute; }", i % 2 == 1);
            page.keyboard().press(i % 2 == 0 ? String.valueOf(i / 2) : "Backspace");
            page.waitForTimeout(700);
        }
        for (Object told : (List<?>) page.evaluate("() => window.told")) {
            keys.add(((Number) told).doubleValue());
        }
        String how = rate == 1 ? "" : ", throttled " + rate + " times";
        Figures.print("a visit of 10 spots and 20 methods opens" + how, visits);
        Figures.print("a bench opens" + how, benches);
        if (!keys.isEmpty()) {
            Figures.print("a keystroke to its result" + how, keys);
        }
    }

    /** As large as a phone's: soil and leaves, 4000 by 3000. */
    private static FilePayload large() throws IOException {
        BufferedImage image = new BufferedImage(4000, 3000, BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = image.createGraphics();
        Random chance = new Random(3);
        pen.setColor(new Color(0x5d4433));
        pen.fillRect(0, 0, 4000, 3000);
        for (int i = 0; i < 9000; i++) {
            pen.setColor(new Color(60 + chance.nextInt(40), 120 + chance.nextInt(40), 40 + chance.nextInt(30)));
            pen.fillOval(chance.nextInt(4000), chance.nextInt(3000), 20 + chance.nextInt(40), 40 + chance.nextInt(60));
        }
        pen.dispose();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, "jpg", out);
        return new FilePayload("ground.jpg", "image/jpeg", out.toByteArray());
    }

    @Test
    void a_large_photograph_is_kept_and_counted() throws IOException {
        FilePayload picture = large();
        List<Double> kept = new ArrayList<>();
        List<Double> counted = new ArrayList<>();
        try (Visitor adviser = Visitor.onPhone(jar).signIn("adviser@tidewrack.example")) {
            Page page = adviser.page;
            String at = visit(adviser);
            adviser.open(at + "measure");
            page.getByLabel(Pattern.compile("^Ground cover, spot ")).first().click();
            String bench = page.url().replaceAll("^https?://[^/]+", "");
            for (int i = 1; i <= 5; i++) {
                adviser.open(bench + "&repeat=" + (i + 2));
                adviser.button("Photograph, counted later").click();
                long from = System.nanoTime();
                page.getByLabel("Take a").setInputFiles(picture);
                page.getByAltText(Pattern.compile("^Photograph,")).nth(i - 1).waitFor();
                kept.add((System.nanoTime() - from) / 1e6);
                adviser.waitUntilSent();
                from = System.nanoTime();
                adviser.button("Done, next step").click();
                page.getByText(Pattern.compile("% living")).first().waitFor();
                counted.add((System.nanoTime() - from) / 1e6);
            }
        }
        Figures.print("a 12-megapixel photograph kept on the device and shown", kept);
        Figures.print("its cover counted in the browser", counted);
    }
}
