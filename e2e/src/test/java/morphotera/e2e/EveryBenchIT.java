package morphotera.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** The bench of every method, in the field: made from its description, plain and usable. */
class EveryBenchIT extends OneSitting {
    private String running;
    private String tray;

    @Override
    Visitor sitDown() {
        return Visitor.onPhoneInSignal(jar);
    }

    @Override
    void next() {
        adviser.bench(running);
    }

    @BeforeEach
    void aRunningVisit() {
        if (page.url().equals(running)) {
            tray = running;
            return;
        }
        page.getByRole(AriaRole.LIST)
                .getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName("Gate Hollow"))
                .last()
                .click();
        page.getByLabel(Pattern.compile("^Slaking, spot 3:")).click();
        assertThat(adviser.heading("Slaking")).isVisible();
        running = page.url();
        tray = running;
    }

    private void bench(String method) {
        adviser.bench(tray.replace("method=slaking", "method=" + method));
    }

    private void benchIsPlain() {
        assertThat(adviser.wrong("[aria-label=Bench]")).isEmpty();
    }

    /** Heeded once a visit: a test before this one may have done it. */
    private void heedIfAsked() {
        assertThat(page.getByLabel("Steps").or(page.getByLabel("Before you begin")))
                .isVisible();
        if (adviser.button("I heed it").isVisible()) {
            adviser.button("I heed it").click();
        }
    }

    @Test
    @SuppressWarnings("unchecked")
    void every_method_opens_with_its_first_step_and_its_cautions_before_it() {
        List<List<Object>> methods = (List<List<Object>>)
                page.evaluate(
                        "() => fetch('/api/methods').then(r => r.json())"
                                + ".then(all => all.map(one => [one.id, one.name, one.steps[0].title, one.cautions[0] ?? '']))");
        assertThat(methods).hasSize(31);
        // A spot of its own: what other tests began at theirs stands open at a later step.
        adviser.turnTo(page.url().replaceAll("[?].*", ""));
        page.getByLabel("Slaking, spot 1: empty").click();
        tray = page.url();
        // The hole is half read at this spot already.
        methods.removeIf(method -> method.get(0).equals("percolation-hole"));
        for (List<Object> method : methods) {
            bench((String) method.get(0));
            assertThat(adviser.heading((String) method.get(1)).first()).isVisible();
            if (!"".equals(method.get(3))) {
                assertThat(page.getByLabel("Before you begin").getByText((String) method.get(3)))
                        .isVisible();
                adviser.button("I heed it").click();
                assertThat(page.getByLabel("Before you begin")).hasCount(0);
            }
            assertThat(adviser.heading((String) method.get(2)).first()).isVisible();
        }
    }

    @Test
    void points_under_a_line_are_tapped_and_counted_as_cover() {
        bench("ground-cover");
        adviser.button("Done, next step").click();
        Locator points = page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Points"));
        for (int i = 0; i < 15; i++) {
            called(points, "Living").click();
        }
        assertThat(points.getByText("15 called, 20 at the least")).isVisible();
        for (int i = 0; i < 6; i++) {
            called(points, "Bare").click();
        }
        points.getByText("take back the last, bare").click();
        assertThat(page.getByTestId("score")).containsText("81");
        benchIsPlain();
        adviser.button("Done, next step").click();
        page.getByLabel("Was each point looked at from straight above?").check();
        adviser.button("Count this reading").click();
        assertThat(page.getByText("Read by Adviser")).isVisible();
        adviser.waitUntilSent();
    }

    private static Locator called(Locator points, String what) {
        return points.getByRole(
                AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("^" + what + "\\b")));
    }

    @Test
    void animals_are_counted_by_name_and_a_name_may_be_added() {
        bench("surface-life");
        adviser.button("Done, start the clock").click();
        adviser.button("One more: Ants").click();
        adviser.button("One more: Ants").click();
        page.getByLabel("Another kind").fill("Earwigs");
        adviser.button("Add").click();
        assertThat(page.getByTestId("score")).containsText("30");
        page.getByLabel("Beetles", new Page.GetByLabelOptions().setExact(true)).fill("1.5");
        assertThat(page.getByText("give a whole number")).isVisible();
        page.getByLabel("Beetles", new Page.GetByLabelOptions().setExact(true)).fill("1");
        assertThat(page.getByTestId("score")).containsText("45");
        benchIsPlain();
    }

    @Test
    void a_pit_is_described_layer_by_layer_by_two() {
        bench("root-pit");
        heedIfAsked();
        for (int step = 0; step < 5; step++) {
            adviser.button("Done, next step").click();
        }
        assertThat(page.getByText("Two people, never alone.")).isVisible();
        Locator first = page.getByRole(AriaRole.SLIDER, new Page.GetByRoleOptions().setName("Layer 1 ends at, cm"));
        first.focus();
        // Ten keys of half a centimetre, from where three alike layers of a metre would part.
        for (int key = 0; key < 10; key++) {
            first.press("ArrowDown");
        }
        assertThat(page.getByLabel("Layer 1 down to")).hasValue("38.5");
        adviser.choice("Shape", "Crumbs").click();
        adviser.button("This layer is right: the next").click();
        assertThat(page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Layers 2")))
                .isVisible();
        assertThat(page.getByText("38.5 to", new Page.GetByTextOptions())).hasCount(0);
        benchIsPlain();
    }

    @Test
    void shares_say_what_is_left_and_the_last_takes_the_rest() {
        bench("drop-shatter");
        page.getByLabel("Step 2 of 4").click();
        page.getByLabel("Drops", new Page.GetByLabelOptions().setExact(true)).fill("2");
        page.getByLabel("Step 4 of 4").click();
        page.getByLabel("Under 5 mm", new Page.GetByLabelOptions().setExact(true))
                .fill("40");
        adviser.button("More 5 to 20 mm").click();
        assertThat(page.getByText("left to share out")).isVisible();
        adviser.button("Over 75 mm: the rest, 55 %").click();
        assertThat(page.getByLabel("Over 75 mm", new Page.GetByLabelOptions().setExact(true)))
                .hasValue("55");
        assertThat(page.getByRole(AriaRole.STATUS).filter(new Locator.FilterOptions().setHasText("They make 100.")))
                .isVisible();
        assertThat(page.getByTestId("score")).isVisible();
        benchIsPlain();
    }

    @Test
    void two_colours_stand_side_by_side_and_go_by_steps() {
        bench("soil-colour");
        page.getByLabel("Step 3 of 4").click();
        page.getByLabel("Hue").first().fill("10YR");
        adviser.button("Field, value: darker").click();
        assertThat(page.getByLabel("Value").first()).hasValue("5");
        adviser.button("Field, value: darker").click();
        assertThat(page.getByLabel("Value").first()).hasValue("4.5");
        benchIsPlain();
    }

    @Test
    void marks_are_dragged_on_a_jar() {
        bench("texture-jar");
        page.getByLabel("Step 6 of 8").click();
        Locator sand = page.getByRole(AriaRole.SLIDER, new Page.GetByRoleOptions().setName("Top of the sand, mm"));
        sand.focus();
        sand.press("PageUp");
        assertThat(page.getByLabel("Top of the sand", new Page.GetByLabelOptions().setExact(true)))
                .hasValue("90");
        benchIsPlain();
    }

    @Test
    void a_pour_is_timed_by_one_button() {
        bench("infiltration-ring");
        adviser.ownClock().install();
        page.getByLabel("Step 2 of 4").click();
        page.getByLabel("Poured").first().fill("444");
        adviser.button("Film off: start").click();
        page.clock().fastForward(42_000);
        adviser.button("All gone: stop").click();
        assertThat(page.getByLabel("Took")).hasValue(Pattern.compile("^4[2-9].*"));
        benchIsPlain();
    }

    @Test
    void crumbs_in_their_own_dish_are_looked_at_one_after_the_other() {
        bench("dispersion");
        page.getByLabel("Step 2 of 3").click();
        for (int crumb = 1; crumb <= 3; crumb++) {
            adviser.choice("At 10 min", "none").click();
        }
        assertThat(page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Crumb 3: none")))
                .isVisible();
        benchIsPlain();
    }

    @Test
    void a_depth_is_tapped_and_its_value_drawn_down_the_ruler() {
        // A reading of its own in the cell: another test keeps one there.
        bench("ph&repeat=2");
        page.getByLabel("Step 4 of 5").click();
        adviser.button("15 cm").click();
        page.getByLabel("pH", new Page.GetByLabelOptions().setExact(true))
                .first()
                .fill("5.4");
        assertThat(page.getByLabel("5.4 pH at 15 cm")).isVisible();
        benchIsPlain();
    }

    @Test
    void a_count_is_taken_back_and_what_was_typed_stands_again() {
        bench("finger-stain");
        adviser.choice("Stain", "Dark").click();
        page.getByLabel("Was the finger clean before?").check();
        // At once, before the sum can be there: no tap is lost.
        adviser.button("Count this reading").click();
        assertThat(page.getByText("Finger stain, spot 3 counted.")).isVisible();
        adviser.waitUntilSent();
        adviser.button("Take it back").click();
        assertThat(page.getByRole(
                        AriaRole.RADIO,
                        new Page.GetByRoleOptions().setName("Dark").setChecked(true)))
                .isVisible();
        assertThat(page.getByText("is set aside: Taken back as it was counted."))
                .isVisible();
        benchIsPlain();
    }

    @Test
    void two_spots_stand_side_by_side_and_the_difference_grows() {
        bench("smell");
        heedIfAsked();
        page.getByLabel("Step 2 of 2").click();
        page.getByLabel("Stand it beside another spot")
                .selectOption(new com.microsoft.playwright.options.SelectOption().setIndex(2));
        adviser.choice("Smell", "Earthy").click();
        Locator pair = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Two spots side by side"));
        pair.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("^spot 2")))
                .click();
        page.getByLabel("Step 2 of 2").locator("visible=true").click();
        page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("Sour"))
                .locator("visible=true")
                .click();
        assertThat(pair.getByText("−100 of 100")).isVisible();
        page.getByLabel("Was it a fresh face, wetted?").locator("visible=true").check();
        adviser.button("Count this reading").locator("visible=true").click();
        Locator counted = page.getByText("Smell, spot 2 counted.");
        assertThat(counted).isVisible();
        assertThat(pair.getByText("−100 of 100")).isVisible();
        adviser.waitUntilSent();
        adviser.button("Take it back").click();
        assertThat(counted).isHidden();
        assertThat(pair.getByText("−100 of 100")).isVisible();
        assertThat(adviser.wrong()).isEmpty();
    }

    @Test
    void heights_are_read_off_a_photograph_of_the_jar() {
        adviser.turnTo(page.url().replaceAll("[?].*", ""));
        page.getByLabel(Pattern.compile("^Slaking, spot 2:")).click();
        tray = page.url();
        bench("texture-jar");
        page.getByLabel("Take a photograph").setInputFiles(Drawn.ground());
        page.getByLabel("Step 6 of 8").click();
        page.getByText("Mark it on the photograph").click();
        page.getByLabel("The known height").fill("120");
        adviser.button("Take these heights").click();
        // The table at 0.86 of the height, the sand at 0.66; 0.72 of it are 120 mm.
        assertThat(page.getByLabel("Top of the sand", new Page.GetByLabelOptions().setExact(true))
                        .and(page.getByRole(AriaRole.TEXTBOX)))
                .hasValue("33.3");
        Locator mark = page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("The table"));
        mark.focus();
        for (int key = 0; key < 10; key++) {
            mark.press("ArrowUp");
        }
        adviser.button("Take these heights").click();
        assertThat(page.getByLabel("Top of the sand", new Page.GetByLabelOptions().setExact(true))
                        .and(page.getByRole(AriaRole.TEXTBOX)))
                .hasValue("25");
        benchIsPlain();
        adviser.waitUntilSent();
    }
}
