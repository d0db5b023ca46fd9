package morphotera.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** A field begins at its edge, and may become two. */
class LandIT extends OneSitting {
    private static final double LAT = 47.61;
    private static final double LON = -29.12;

    private static void walked(Visitor walker, String metres) {
        assertThat(walker.page.getByRole(AriaRole.STATUS).filter(new Locator.FilterOptions().setHasText("walked")))
                .containsText(metres);
    }

    @Test
    void a_field_is_walked_round_with_the_phone_and_split_at_the_desk() {
        walkRound();
        adviser.open("/");
        openField("Walked Piece");
        adviser.go("scout");
        adviser.button("Split it in two").click();
        Locator map = page.getByLabel("Map of the field and its spots").first();
        assertThat(adviser.button("Split the field")).isDisabled();
        tap(map, 0.2, 0.04);
        tap(map, 0.2, 0.06);
        adviser.button("Split the field").click();
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("across from edge to edge");
        adviser.button("Take the last corner back").click();
        adviser.button("Take the last corner back").click();
        tap(map, 0.02, 0.5);
        tap(map, 0.98, 0.5);
        page.getByLabel("Name of the new field").fill("Walked Piece, low part");
        assertThat(adviser.wrong()).isEmpty();
        adviser.button("Split the field").click();
        assertThat(adviser.heading("Walked Piece, low part")).isVisible();
        assertThat(page.getByText("arable, 1.7 ha")).isVisible();
    }

    private void walkRound() {
        try (Visitor walker = Visitor.onPhoneInSignal(jar).signIn("adviser@tidewrack.example")) {
            walker.stand(LAT, LON);
            walker.turnTo("/new-field");
            walker.page
                    .getByLabel("Name of the holding")
                    .or(walker.page.getByLabel("Whose land"))
                    .first()
                    .waitFor();
            walker.page
                    .getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("A new holding"))
                    .click();
            walker.page.getByLabel("Name of the holding").fill("Walked Holding");
            walker.page.getByLabel("Name of the field").fill("Walked Piece");
            walker.button("Walk the edge").click();
            // Its length is 0 m before any position came, too.
            walked(walker, "position good to 4 m");
            // 222 m north, 150 m east, back south with a stop on the straight side, and home.
            List.of(
                            new double[] {0.002, 0},
                            new double[] {0.002, 0.002},
                            new double[] {0.001, 0.002},
                            new double[] {0, 0.002},
                            new double[] {0, 0.00001})
                    .forEach(step -> {
                        String before = walker.page
                                .getByText(Pattern.compile("walked"))
                                .first()
                                .innerText();
                        walker.stand(LAT + step[0], LON + step[1]);
                        assertThat(walker.page
                                        .getByText(Pattern.compile("walked"))
                                        .first())
                                .not()
                                .hasText(before);
                    });
            walker.button("I am round: that is the edge").click();
            assertThat(walker.page
                            .getByLabel("Corners, in order round the field")
                            .inputValue()
                            .lines())
                    .as("four corners, whatever was walked between them")
                    .hasSize(4);
            walker.button("Save the field").click();
            assertThat(walker.heading("Walked Piece")).isVisible();
            assertThat(walker.page.getByText("arable, 3.3 ha")).isVisible();
            assertThat(walker.faults()).isEmpty();
        }
    }

    @Test
    void a_wet_corner_is_drawn_and_a_spot_set_in_it_belongs_to_it() {
        openField("Marl Bank");
        adviser.go("scout");
        adviser.button("Another patch or strip").click();
        page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)).fill("wet corner");
        adviser.button("Keep the zone").click();
        assertThat(adviser.button("Name and texture of wet corner")).isVisible();
        adviser.button("Its outline").click();
        adviser.button("wet corner").click();
        Locator map = page.getByLabel("Map of the field and its spots").first();
        tap(map, 0.45, 0.45);
        tap(map, 0.6, 0.45);
        tap(map, 0.6, 0.6);
        tap(map, 0.45, 0.6);
        assertThat(page.getByLabel("Corners of wet corner").inputValue().lines())
                .hasSize(4);
        assertThat(adviser.wrong()).isEmpty();
        adviser.button("Keep the outline").click();
        assertThat(adviser.button("Its outline")).isVisible();
        page.reload();
        assertThat(map.getByText("wet corner")).isVisible();
        adviser.button("Set a spot on the map").click();
        tap(map, 0.53, 0.52);
        assertThat(adviser.button("Spot P1")).isVisible();
    }

    @Test
    void a_poor_patch_asks_for_a_good_one_beside_it_and_it_is_set_at_once() {
        openField("Yard Close");
        adviser.go("scout");
        page.getByText("A poor patch", new Page.GetByTextOptions().setExact(true))
                .click();
        Locator asked = page.getByLabel("Spots this asks for");
        assertThat(asked).containsText("beside a good one");
        asked.getByRole(AriaRole.BUTTON).click();
        assertThat(adviser.button("Tap the map…")).isVisible();
        tap(page.getByLabel("Map of the field and its spots").first(), 0.5, 0.6);
        assertThat(adviser.button("Spot G1")).isVisible();
        assertThat(asked).hasCount(0);
        assertThat(adviser.wrong()).isEmpty();
    }

    private static void tap(Locator map, double right, double down) {
        var box = map.boundingBox();
        map.click(new Locator.ClickOptions().setPosition(box.width * right, box.height * down));
    }
}
