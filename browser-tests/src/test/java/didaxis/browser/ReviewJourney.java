package didaxis.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.extension.RegisterExtension;

/** Thirty sheets with eight boxes each are gone through by keyboard: marks given to all who wrote the same, and back. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class ReviewJourney {
    @RegisterExtension
    final Visit visit = new Visit();

    @Test
    void aClassIsReviewedByKeysAndEveryActIsTakenBack() {
        Page page = visit.browser().signedIn("teacher", 1280, 800, ColorScheme.LIGHT);
        assertThat(page.getByText("Needs you")).isVisible();
        page.navigate(visit.address(NightSchool.of(page, 30).address()));
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Review"))
                .click();
        for (int box = 0; box < NightSchool.BOXES; box++) {
            Locator first = row(page, 0);
            assertThat(first).hasAttribute("aria-expanded", "true");
            assertThat(first).containsText("0 of 1");
            page.keyboard().press("1");
            assertThat(first).containsText("1 of 1 by");
            if (box == 0) {
                assertThat(first).containsText("5 learners");
                visit.browser().inspect(page, "review");
            }
            page.keyboard().press("u");
            assertThat(first).containsText("0 of 1");
            assertThat(first).not().containsText("by");
            if (box < NightSchool.BOXES - 1) {
                String name = page.locator("select option:checked").textContent();
                page.keyboard().press("n");
                assertThat(page.locator("select option:checked")).not().hasText(name);
            }
        }
        page.keyboard().press("ArrowDown");
        assertThat(row(page, 1)).hasAttribute("aria-expanded", "true");
        page.keyboard().press("ArrowUp");
        page.keyboard().press("1");
        assertThat(row(page, 0)).containsText("1 of 1 by");
        page.keyboard().press("r");
        page.keyboard().type("the wording was not clear");
        page.keyboard().press("Enter");
        Locator names = page.locator("li")
                .filter(new Locator.FilterOptions().setHas(row(page, 0)))
                .getByRole(AriaRole.LINK);
        int wrote = names.count();
        assertThat(row(page, 0)).containsText(wrote + (wrote == 1 ? " learner" : " learners"));
        names.first().click();
        assertThat(page.getByText("gave 1 of 1 marks: the wording was not clear"))
                .isVisible();
    }

    private static Locator row(Page page, int place) {
        return page.locator("[data-group]").nth(place);
    }
}
