package morphotera.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;

/** A newcomer on a phone: from an empty product to advice for a field of their own. */
@Order(0) // Its own server is soon ready; the others wait for the demo to be laid out.
class PhoneIT {
    private static Jar jar;

    @BeforeAll
    static void start() {
        jar = Jar.empty();
    }

    @AfterAll
    static void stop() {
        jar.close();
    }

    @Test
    void a_newcomer_reaches_advice_for_a_field_of_their_own() {
        try (Visitor newcomer = Visitor.onPhoneInSignal(jar)) {
            Page page = newcomer.page;
            newcomer.open("/");
            page.getByLabel("Name of the practice").fill("Own Ground");
            page.getByLabel("Your name").fill("Newcomer");
            page.getByLabel("E-mail").fill("new@own.example");
            page.getByLabel("Password").fill("short");
            newcomer.button("Begin").click();
            assertThat(page.getByText("A password takes 10 characters or more."))
                    .isVisible();
            page.getByLabel("Password").fill("long enough to keep");
            newcomer.button("Begin").click();

            newcomer.link("Draw the first field").click();
            // Once it is known that there is none.
            assertThat(newcomer.choice("Whose land", "A new holding")).isChecked();
            newcomer.button("Save the field").click();
            assertThat(page.getByText("Name the holding.")).isVisible();
            page.getByLabel("Name of the holding").fill("Home");
            page.getByLabel("Name of the field").fill("Behind the House");
            page.reload();
            assertThat(page.getByLabel("Name of the field")).hasValue("Behind the House");
            newcomer.choice("Land use", "Garden").click();
            page.getByLabel("Texture, if known").selectOption("loam");
            newcomer.button("A square of 1 ha round me").click();
            assertThat(newcomer.wrong()).isEmpty();
            newcomer.button("Save the field").click();

            assertThat(newcomer.heading("Behind the House")).isVisible();
            newcomer.button("I stand here").click();
            assertThat(newcomer.heading("Spot 1")).isVisible();
            newcomer.button("Close").click();
            newcomer.choice("What it is to answer", "A poor patch").click();
            newcomer.choice("Soil, as a hand feels it", "Moist").click();
            assertThat(newcomer.button("Begin the visit")).isDisabled();
            for (var item : page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Start card"))
                    .getByRole(AriaRole.CHECKBOX)
                    .all()) {
                item.check();
            }
            newcomer.button("Begin the visit").click();

            page.getByLabel("pH by depth, spot 1: empty").click();
            newcomer.button("Meter").click();
            page.getByLabel("Step 5 of 6").click();
            page.getByLabel("Depth", new Page.GetByLabelOptions().setExact(true))
                    .first()
                    .fill("5");
            page.getByLabel("pH", new Page.GetByLabelOptions().setExact(true))
                    .first()
                    .fill("4.9");
            newcomer.choice("Read by", "Meter, water").first().click();
            assertThat(page.getByTestId("score")).isVisible();
            newcomer.button("Done, next step").click();
            page.getByLabel("Is each value beside its own depth?").check();
            page.getByLabel("Is it said how each was read?").check();
            assertThat(newcomer.wrong()).isEmpty();
            newcomer.button("Count this reading").click();
            newcomer.waitUntilSent();

            newcomer.go("read");
            assertThat(page.getByText("Nothing was read below the surface").or(page.getByTestId("section")))
                    .isVisible();
            newcomer.go("decide");
            assertThat(newcomer.heading("The topsoil is too acid")).isVisible();
            assertThat(newcomer.heading("Lime")).isVisible();
            assertThat(newcomer.wrong()).isEmpty();
            assertThat(newcomer.faults()).isEmpty();
        }
        assertThat(jar.log()).doesNotContain("ERROR");
    }
}
