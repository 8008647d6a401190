package didaxis.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.extension.RegisterExtension;

/** A sheet that went wrong is tried again on a phone, with hints and without what is right; both attempts are there in the end. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class AttemptJourney {
    private static final String SHEET = "Boot dryer";

    @RegisterExtension
    final Visit visit = new Visit();

    @Test
    void aSheetIsTriedAgainWithHintsAndTheBestCounts() {
        Page teacher = visit.browser().signedIn("teacher", 1280, 800, ColorScheme.LIGHT);
        assertThat(teacher.getByText("Needs you")).isVisible();
        Page learner = visit.browser().signedInOnPhone("learner6", ColorScheme.DARK);
        learner.getByText(SHEET).first().click();
        assertThat(learner.getByText("You will see what came of it")).isVisible();

        allow(teacher);
        // The sheet that is open on the phone can be written on at once.
        Locator boxes = learner.locator("[data-box]");
        assertThat(learner.getByText("attempt 2")).isVisible();
        visit.browser().inspect(learner, "tried-again");
        learner.getByText("what came of attempt 1").click();
        assertThat(learner.getByText("5 of 8 marks")).isVisible();
        Locator wrong = learner.locator("[data-finding]:not([data-finding=right])");
        assertThat(wrong.first()).isVisible();
        assertThat(learner.getByText("; right is")).hasCount(0);
        assertThat(learner.getByText("How it is worked")).hasCount(0);
        visit.browser().inspect(learner, "hints");
        learner.getByText("To the sheet").click();
        assertThat(boxes.first()).isVisible();
        assertThat(boxes.first()).not().hasValue("");
        for (int box = 0; box < boxes.count(); box++) boxes.nth(box).fill("");
        boxes.first().fill("3 ohm");
        press(learner, "Send");
        learner.getByRole(AriaRole.DIALOG)
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Send"))
                .click();
        assertThat(learner.locator("#screen").getByText("You will see what came of it"))
                .isVisible();

        handBack(teacher);
        learner.navigate(visit.address("/work"));
        assertThat(learner.getByText("5 of 8")).isVisible();
        learner.getByText(SHEET).first().click();
        assertThat(learner.getByText("attempt 1: 5 of 8, which counts")).isVisible();
        learner.getByText("attempt 2: 1 of 8").click();
        assertThat(learner.locator("[data-finding=blank]").first()).isVisible();
        learner.getByText("How it is worked").first().click();
        visit.browser().inspect(learner, "second-attempt");
    }

    private void allow(Page teacher) {
        teacher.navigate(visit.address("/results/1/1"));
        menu(teacher, "Another attempt…");
        teacher.getByLabel("F. Fir").check();
        visit.browser().inspect(teacher, "another-attempt");
        press(teacher, "Let 1 try again");
        assertThat(teacher.getByText("1 learner may try again.")).isVisible();
    }

    private void handBack(Page teacher) {
        teacher.navigate(visit.address("/results/1"));
        assertThat(teacher.getByText("new attempt sent")).isVisible();
        teacher.navigate(visit.address("/results/1/1/7?attempt=2"));
        assertThat(teacher.getByLabel("Attempt").locator("option")).hasCount(2);
        visit.browser().inspect(teacher, "sheet-of-two-attempts");
        teacher.navigate(visit.address("/results/1/1"));
        press(teacher, "Hand back to learners");
        teacher.getByText("Collect 1 sheet and hand back").click();
        assertThat(teacher.getByText("was handed back.")).isVisible();
    }

    private static void menu(Page page, String item) {
        page.getByLabel("More about " + SHEET).click();
        page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName(item))
                .click();
    }

    private static void press(Page page, String button) {
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(button))
                .first()
                .click();
    }
}
