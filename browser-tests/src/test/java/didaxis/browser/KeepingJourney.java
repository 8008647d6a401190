package didaxis.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.extension.RegisterExtension;

/** What a learner types is never lost, and nothing is sent that was not meant to be. Each test has a learner of its own. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class KeepingJourney {
    private static final Pattern KEPT = Pattern.compile("^kept \\d\\d:\\d\\d$");

    @RegisterExtension
    final Visit visit = new Visit();

    private Page sheet(String learner) {
        Page page = visit.browser().signedIn(learner, 1280, 800, ColorScheme.LIGHT);
        return open(page);
    }

    private static Page open(Page page) {
        page.getByText("Sensor de-icer and radio").click();
        assertThat(boxes(page)).hasCount(5);
        return page;
    }

    private static Locator boxes(Page page) {
        return page.locator(":is(input,textarea)[data-box]");
    }

    private static Locator kept(Page page) {
        return page.getByTestId("kept");
    }

    private static Locator button(Page page, String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private static Locator dialog(Page page) {
        return page.getByRole(AriaRole.DIALOG);
    }

    private static Locator inDialog(Page page, String name) {
        return dialog(page)
                .getByRole(
                        AriaRole.BUTTON,
                        new Locator.GetByRoleOptions().setName(name).setExact(true));
    }

    private static void stillOpen(Page page) {
        page.reload();
        assertThat(boxes(page)).hasCount(5);
        assertThat(boxes(page).first()).isEditable();
    }

    @Test
    void whatIsSentWithoutANetworkAndCalledOffIsNotSentWhenTheNetworkIsBack() {
        Page page = sheet("learner1");
        page.context().setOffline(true);
        button(page, "Send").click();
        inDialog(page, "Send").click();
        assertThat(dialog(page).getByRole(AriaRole.ALERT)).containsText("The server cannot be reached");
        inDialog(page, "Cancel").click();
        boxes(page).first().fill("20 ohm");
        assertThat(kept(page)).containsText("Not kept yet. The server cannot be reached");
        page.context().setOffline(false);
        assertThat(kept(page)).hasText(KEPT);
        stillOpen(page);
        assertThat(boxes(page).first()).hasValue("20 ohm");
    }

    @Test
    void enterFromBoxToBoxNeverSends() {
        Page page = sheet("learner2");
        boxes(page).first().focus();
        for (int k = 0; k < 12; k++) page.keyboard().press("Enter");
        stillOpen(page);
        for (int k = 0; k < 4; k++) boxes(page).nth(k).fill("1");
        boxes(page).nth(4).fill("about two");
        assertThat(page.getByText("4 of 5 answered")).isVisible();
        button(page, "Send").click();
        assertThat(dialog(page)).containsText("1 answer cannot be read: current of total");
        assertThat(inDialog(page, "Cancel")).isFocused();
        inDialog(page, "current of total").click();
        assertThat(boxes(page).nth(4)).isFocused();
    }

    @Test
    void aSheetIsKeptWhenItIsLeftAtOnceAndAsksWhereItCannotBe() {
        Page page = sheet("learner3");
        boxes(page).first().fill("21 ohm");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("My work"))
                .click();
        open(page);
        assertThat(boxes(page).first()).hasValue("21 ohm");

        page.context().setOffline(true);
        boxes(page).first().fill("22 ohm");
        assertThat(kept(page)).containsText("Not kept yet");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("My work"))
                .click();
        assertThat(dialog(page)).containsText("It stays on this device");
        inDialog(page, "Leave").click();
        assertThat(page.getByText("Not all of it has reached the server")).isVisible();

        // Somebody else on the same device sees nothing of it; she finds it again, and then it is gone from the device.
        page.context().setOffline(false);
        page.context().clearCookies();
        page.reload();
        Browser.signIn("learner8", page);
        open(page);
        assertThat(boxes(page).first()).hasValue("");
        page.context().clearCookies();
        page.navigate(visit.application().url("/"));
        Browser.signIn("learner3", page);
        open(page);
        assertThat(boxes(page).first()).hasValue("22 ohm");
        assertThat(kept(page)).hasText(KEPT);
        assertEquals(0, page.evaluate("Object.keys(localStorage).filter(key => key.startsWith('didaxis')).length"));
    }

    @Test
    void aTabThatIsClosedAndAServerThatDiesInTheMiddleLoseNothing() throws Exception {
        Page page = sheet("learner4");
        boxes(page).first().fill("23 ohm");
        page.close();
        Page again = page.context().newPage();
        again.navigate(visit.application().url("/work"));
        open(again);
        assertThat(boxes(again).first()).hasValue("23 ohm");
        visit.application().kill();
        boxes(again).nth(1).fill("0.5 A");
        assertThat(kept(again)).containsText("Not kept yet");
        visit.application().start();
        assertThat(kept(again)).hasText(KEPT);
        again.reload();
        assertThat(boxes(again).nth(1)).hasValue("0.5 A");
    }

    @Test
    void whoWasSignedOutGoesOnWhereTheyWere() {
        Page page = sheet("learner5");
        page.context().clearCookies();
        boxes(page).first().fill("24 ohm");
        assertThat(dialog(page)).containsText("You have been signed out, E. Elm.");
        page.getByLabel("Password of learner5").fill("didaxis-demo");
        inDialog(page, "Sign in").click();
        assertThat(dialog(page)).isHidden();
        assertThat(kept(page)).hasText(KEPT);
        boxes(page).nth(1).fill("0.6 A");
        assertThat(kept(page)).hasText(KEPT);
        // Another tab of the browser signs somebody else in: what stands here is not taken for theirs.
        Page other = page.context().newPage();
        other.navigate(visit.application().url("/"));
        button(other, "You: E. Elm, EE").click();
        other.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("Sign out"))
                .click();
        Browser.signIn("learner6", other);
        assertThat(other.getByText("Sensor de-icer and radio")).isVisible();
        boxes(page).nth(2).fill("0.7 A");
        assertThat(dialog(page)).containsText("Somebody else has signed in in this browser.");
        open(other);
        assertThat(boxes(other).nth(2)).hasValue("");
    }

    @Test
    void twoTabsAreJoinedBoxByBoxAndWhereBothWroteTheLearnerChooses() {
        Page one = sheet("learner6");
        Page other = one.context().newPage();
        other.navigate(one.url());
        assertThat(boxes(other)).hasCount(5);
        boxes(one).first().fill("25 ohm");
        assertThat(kept(one)).hasText(KEPT);
        boxes(other).nth(1).fill("0.8 A");
        assertThat(kept(other)).hasText(KEPT);
        assertThat(boxes(other).first()).hasValue("25 ohm");
        boxes(one).nth(1).fill("0.9 A");
        assertThat(dialog(one)).containsText("This sheet was changed here and elsewhere.");
        visit.browser().inspect(one, "conflict");
        one.getByLabel(Pattern.compile("^elsewhere at .*: 0\\.8 A$")).check();
        inDialog(one, "Go on with these").click();
        assertThat(kept(one)).hasText(KEPT);
        one.reload();
        assertThat(boxes(one).first()).hasValue("25 ohm");
        assertThat(boxes(one).nth(1)).hasValue("0.8 A");
    }

    @Test
    void whoIsWorkingWhenTheTeacherHandsBackIsToldAndLosesNothing() {
        Page learner = visit.browser().signedIn("learner7", 390, 844, ColorScheme.LIGHT);
        learner.getByText("Boot dryer").click();
        boxes(learner).nth(2).fill("0.5 A");
        assertThat(kept(learner)).hasText(KEPT);
        Page teacher = visit.browser().signedIn("teacher", 1280, 800, ColorScheme.LIGHT);
        teacher.getByRole(
                        AriaRole.LINK,
                        new Page.GetByRoleOptions().setName("Results").setExact(true))
                .click();
        teacher.getByRole(AriaRole.COLUMNHEADER, new Page.GetByRoleOptions().setName("Boot dryer"))
                .getByRole(AriaRole.BUTTON)
                .first()
                .click();
        assertThat(dialog(teacher)).containsText(Pattern.compile("H\\. Hazel: 3 of 8 boxes, kept \\d\\d:\\d\\d"));
        assertThat(dialog(teacher)).containsText("1 learner has not begun");
        visit.browser().inspect(teacher, "hand-back");
        inDialog(teacher, "Collect 1 sheet and hand back").click();
        assertThat(learner.getByRole(AriaRole.ALERT)).containsText("has collected this sheet as it stood");
        assertThat(boxes(learner).first()).not().isEditable();
        visit.browser().inspect(learner, "collected-phone");
        learner.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("See what came of it"))
                .click();
        assertThat(learner.getByText("3 of 8 marks")).isVisible();
        button(teacher, "Take it back").click();
        assertThat(teacher.getByText("It is the learners’ again")).isVisible();
        learner.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("My work"))
                .click();
        learner.getByText("Boot dryer").click();
        assertThat(boxes(learner).nth(2)).hasValue("0.5 A");
        assertThat(boxes(learner).nth(2)).isEditable();
    }
}
