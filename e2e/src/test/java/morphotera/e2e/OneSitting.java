package morphotera.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.TestInstance;

/** One adviser stays at one browser through the tests of a class, as through a day; each begins at the season. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
abstract class OneSitting {
    final Jar jar = Jar.demo();
    Visitor adviser;
    Page page;

    Visitor sitDown() {
        return Visitor.atDeskInSignal(jar);
    }

    String person() {
        return "adviser@tidewrack.example";
    }

    /** Where the next test begins, with the page open that the last one left. */
    void next() {
        adviser.season();
    }

    @BeforeEach
    void atTheSeason() {
        if (adviser == null) {
            adviser = sitDown().signIn(person());
            page = adviser.page;
        } else {
            next();
        }
    }

    /** By its name on the season. */
    void openField(String name) {
        if (!page.url().equals(jar.url("/"))) {
            adviser.season();
        }
        page.getByRole(AriaRole.LIST)
                .getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName(name))
                .last()
                .click();
        page.waitForURL(Pattern.compile(".*/fields/.*"));
    }

    @AfterEach
    void nothingWentWrong() {
        List<String> faults = List.copyOf(adviser.faults());
        adviser.faults().clear();
        if (adviser.hasOwnClock()) {
            leave();
        }
        assertThat(faults).isEmpty();
    }

    @AfterAll
    void leave() {
        if (adviser != null) {
            adviser.close();
            adviser = null;
        }
    }
}
