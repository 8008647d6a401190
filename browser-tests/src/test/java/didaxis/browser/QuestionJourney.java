package didaxis.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static didaxis.browser.AskingPage.ask;
import static didaxis.browser.AskingPage.give;
import static didaxis.browser.AskingPage.panel;
import static didaxis.browser.WorkbenchPage.button;
import static didaxis.browser.WorkbenchPage.exactly;
import static didaxis.browser.WorkbenchPage.tab;
import static org.junit.jupiter.api.Assertions.assertEquals;

import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.TestMethodOrder;
import org.junit.jupiter.api.extension.RegisterExtension;

/** A question in states, from the sheet of paper in front of the teacher to what the class made of it. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class QuestionJourney {
    private static final String BANK =
            "12 V r=0.8 : V1[S1=open + A1 + .P + H1=2.2 + .Q + ((V2[L2=6] + R4=3) || L3=4.5)]";

    @RegisterExtension
    final Visit visit = new Visit();

    private static void then(Page page, String part, String act) {
        button(page, "+ then …").click();
        page.getByLabel("Part", new Page.GetByLabelOptions().setExact(true)).selectOption(part);
        page.getByLabel("What happens").selectOption(act);
        button(page, "Add").click();
    }

    @Test
    @Order(1)
    void aTeacherMakesAQuestionInStatesSeesItMarkedAndHandsItOut() {
        Page page = visit.workbench(BANK);
        give(page, "voltage of V1");
        for (String cell : List.of("voltage of total", "resistance of internal", "resistance of H1"))
            AskingPage.withhold(page, cell);
        tab(page, "Question");
        page.getByLabel("Stem").fill("The battery bank feeds a dryer and two lamps.");
        ask(page, "the emf calculate", "Calculate the emf.");
        ask(page, "A1", "Write down the current through A1.");
        then(page, "S1", "closed");
        assertThat(button(page, "S1 is closed")).hasAttribute("aria-pressed", "true");
        give(page, "current of A1");
        give(page, "voltage of V1");
        tab(page, "Question");
        ask(page, "internal", "Calculate the internal resistance.");
        ask(page, "resistance of H1", "Calculate the resistance of H1.");
        ask(page, "V2", "Write down the reading of V2.");
        ask(page, "rank", "Rank L2 and L3 by brightness");
        then(page, "L2", "taken out");
        ask(page, "reading of V1", "Does the reading of V1 increase, decrease or stay the same?");
        button(page, "+ then …").click();
        page.getByLabel("What happens").selectOption("a wire between two places");
        for (String[] end : new String[][] {{"From", "P"}, {"To", "Q"}})
            exactly(page, AriaRole.COMBOBOX, end[0]).fill(end[1]);
        button(page, "Add").click();
        assertThat(button(page, "A wire without resistance joins P and Q")).isVisible();
        ask(page, "V1 increase", "Does the reading of V1 increase, decrease or stay the same?");
        ask(page, "why V1", "Why does the reading of V1 change as it does?");
        assertThat(page.getByTestId("marks-sum")).hasText("9 asked · 18 marks");
        page.getByText("Drawing and time …").click();
        page.getByLabel("H1 for the learner").fill("X");
        assertThat(page.getByText("Calculate the resistance of X.")).isVisible();
        visit.browser().inspect(page, "question");

        button(page, "See as learner").click();
        Locator boxes = panel(page).locator(":is(input,textarea)[data-box]");
        List<String> wrongEmf = List.of("10 V", "0 A", "-0.2", "4.4", "4 V");
        for (int k = 0; k < wrongEmf.size(); k++) boxes.nth(k).fill(wrongEmf.get(k));
        panel(page)
                .getByText("increases", new Locator.GetByTextOptions().setExact(true))
                .first()
                .click();
        for (String link : List.of(
                "the resistance of the network decreases",
                "the total current increases",
                "the voltage across r increases",
                "the reading of V1 decreases"))
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile(link)))
                    .click();
        button(page, "Mark it").click();
        assertThat(panel(page).getByRole(AriaRole.STATUS)).containsText("of 18 marks");
        // The wrong emf costs its own points; the internal resistance that follows from it does not.
        assertThat(panel(page).locator("[data-finding=wrong]").first()).containsText("10 V");
        assertThat(panel(page).locator("[data-finding=follow-through]").first()).containsText("−0.2 Ω");
        assertThat(panel(page).locator("[data-finding=right]").nth(1)).containsText("4 V");
        assertThat(panel(page).locator("[data-finding=right]").last()).containsText("the total current increases →");
        button(page, "Back to the tasks").click();
        button(page, "Memo").click();
        // As many ticks as there are marks, and the emf that V1 reads is a way to it.
        Locator ticks = panel(page).getByRole(AriaRole.IMG);
        assertThat(ticks.first()).isVisible();
        assertEquals(18, String.join("", ticks.allInnerTexts()).length());
        visit.browser().inspect(page, "memo");
        button(page, "Back to the tasks").click();

        AskingPage.handOut(page, "Battery in three states");
    }

    private static Locator field(Page page, int place) {
        return page.locator(":is(input,textarea)[data-box]:not([type=radio]):not([type=checkbox])")
                .nth(place);
    }

    private static Locator group(Page page, AriaRole role, String name, int place) {
        return page.getByRole(role, new Page.GetByRoleOptions().setName(name).setExact(true))
                .nth(place);
    }

    private static void tap(Locator group, String... words) {
        for (String word : words)
            group.getByText(word, new Locator.GetByTextOptions().setExact(true)).tap();
    }

    private static final List<String> VALUES = List.of("12 V", "0 A", "0.8 ohm", "3", "2.2");
    private static final String TOGETHER = "1.71 ohm; 3.2 ohm; 4.8 ohm; 7 ohm; 14 ohm; 20 ohm";

    @Test
    @Order(2)
    void aLearnerAnswersEveryFormByTouch() {
        Page page = visit.browser().signedInOnPhone("learner1", ColorScheme.LIGHT);
        SheetPage.open(page, "Battery and beacons", 16);
        for (int k = 0; k < VALUES.size(); k++) field(page, k).fill(VALUES.get(k));
        assertThat(button(page, "1 S1 is closed")).hasAttribute("aria-pressed", "true");
        button(page, "first: L3").first().tap();
        button(page, "next, smaller: L2").tap();
        tap(group(page, AriaRole.RADIOGROUP, "voltage of V1", 0), "increases");
        tap(group(page, AriaRole.RADIOGROUP, "power of L3", 0), "increases");
        tap(group(page, AriaRole.RADIOGROUP, "how they are joined", 0), "in series");
        tap(group(page, AriaRole.RADIOGROUP, "how they are joined", 1), "neither");
        button(page, "first: L1").tap();
        button(page, "next, smaller: L4").tap();
        button(page, "next, smaller: L3").tap();
        button(page, "equal to the last: L2").tap();
        assertThat(field(page, 6)).hasValue("L1 > L4 > L3 = L2");
        tap(group(page, AriaRole.GROUP, "with L1 out", 0), "L2", "L3", "L4");
        tap(group(page, AriaRole.GROUP, "with L2 out", 0), "L3");
        tap(group(page, AriaRole.RADIOGROUP, "comparison", 0), "less");
        field(page, 7).fill("3/4");
        field(page, 8).fill(TOGETHER);
        visit.browser().inspect(page, "answer-forms");
        SheetPage.send(page, 16);
    }

    /** Enter goes on to the next box, arrows and the space bar choose; the pointer is never used. */
    @Test
    @Order(3)
    void aLearnerAnswersEveryFormByKeyboardAlone() {
        Page page = visit.browser().signedIn("learner2", 1280, 800, ColorScheme.DARK);
        SheetPage.open(page, "Battery and beacons", 16);
        WorkbenchPage.tabTo(page, field(page, 0));
        List<String> typed = List.of("10 V", "0 A", "-0.2 ohm", "3", "2.2", "L3 > L2");
        for (String text : typed) SheetPage.type(page, text, "Enter");
        SheetPage.type(page, "", "Space", "Enter");
        SheetPage.type(page, "", "Space", "ArrowRight", "Enter");
        SheetPage.type(page, "", "Space", "Enter");
        SheetPage.type(page, "", "Space", "ArrowRight", "ArrowRight", "Enter");
        SheetPage.type(page, "L1 > L4 > L2 = L3", "Enter");
        SheetPage.type(page, "", "Tab", "Space", "Tab", "Space", "Tab", "Space", "Enter");
        SheetPage.type(page, "", "Tab", "Tab", "Space", "Enter");
        SheetPage.type(page, "", "Space", "Enter");
        SheetPage.type(page, "0.75", "Enter");
        SheetPage.type(page, "7 ohm; 14 ohm", "Enter");
        assertThat(button(page, "Send")).isFocused();
        assertThat(page.getByText("16 of 16 answered")).isVisible();
        page.keyboard().press("Enter");
        assertThat(page.getByRole(AriaRole.DIALOG)
                        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Send")))
                .isFocused();
        page.keyboard().press("Enter");
        assertThat(page.locator("main").getByText(Pattern.compile("^Sent "))).isVisible();
    }

    @Test
    @Order(4)
    void theTeacherSeesWhatCameOfEachFormAndTheLearnersReadIt() {
        Page page = visit.browser().signedIn("teacher", 1280, 800, ColorScheme.LIGHT);
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Results"))
                .click();
        exactly(page, AriaRole.LINK, "Battery and beacons").click();
        Locator rows = page.locator("tbody tr");
        assertThat(rows).hasCount(16);
        assertThat(rows.nth(10)).containsText("2.3 order: L1 > L4 > L2 = L3");
        // The wrong emf is one mistake; what follows from it is none.
        assertThat(rows.nth(0).locator("td[data-none]")).hasText(new String[] {"1", "0", "0", "1", "0", "0"});
        assertThat(rows.nth(2).locator("td[data-none]")).hasText(new String[] {"1", "1", "0", "0", "0", "0"});
        assertThat(rows.nth(15).locator("td[data-none]").nth(2)).hasText("1");
        visit.browser().inspect(page, "boxes");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("A. Alder"))
                .click();
        assertThat(page.getByText(Pattern.compile("27 of 27 marks"))).isVisible();
        page.getByLabel("Circuit", new Page.GetByLabelOptions().setExact(true))
                .selectOption("Question 1: L2 burns out.");
        assertThat(page.locator("[data-row=L3] td").first()).hasText("4.50");
        visit.browser().inspect(page, "learner-sheet-states");
        exactly(page, AriaRole.LINK, "Battery and beacons").click();
        WorkbenchPage.choose(page, "More about Battery and beacons", "Print…");
        for (String printed : List.of("Paper", "Memo of each variant")) {
            Locator link = exactly(page, AriaRole.LINK, printed);
            APIResponse pdf = page.request().get(visit.address(link.getAttribute("href")));
            assertEquals("application/pdf", pdf.headers().get("content-type"));
        }
        page.keyboard().press("Escape");
        button(page, "Hand back to learners").click();
        page.getByRole(AriaRole.DIALOG)
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Hand back"))
                .first()
                .click();
        Page learner = visit.browser().signedInOnPhone("learner2", ColorScheme.LIGHT);
        learner.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile("Battery and beacons")))
                .click();
        assertThat(learner.getByText(Pattern.compile("^22 of 27 marks"))).isVisible();
        assertThat(learner.getByText("Not right; right is: increases.")).isVisible();
        visit.browser().inspect(learner, "feedback-states");
    }
}
