package didaxis.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static didaxis.browser.AskingPage.ask;
import static didaxis.browser.WorkbenchPage.button;
import static didaxis.browser.WorkbenchPage.exactly;
import static didaxis.browser.WorkbenchPage.tab;

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

/** What is combined, connected, named and explained: made by a teacher, answered by touch and by keyboard. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class FormsJourney {
    private static final String TITLE = "Dryer and wire";
    private static final String DRYER = "12 V r=1 : V1[.P + R1=12 + .Q + (R2=6 || R3=6)]";

    @RegisterExtension
    final Visit visit = new Visit();

    @Test
    @Order(1)
    void aTeacherAsksToCombineConnectNameAndExplain() {
        Page page = visit.workbench(DRYER);
        tab(page, "Question");
        ask(page, "stage what it comes", "Combine the resistances stage by stage");
        ask(page, "nested", "Name how the combinations are nested");
        ask(page, "draw", "Draw the circuit again");
        ask(page, "connect", "Connect R1, R2 and R3");
        page.getByLabel("Resistance wanted").fill("15");
        ask(page, "bands", "Which bands does a resistor of");
        ask(page, "name current source", "Name the current of the source and of each part");
        ask(page, "R2 R3 series parallel", "Are R2 and R3 in series");
        page.getByLabel("and how one knows").check();
        button(page, "+ then …").click();
        page.getByLabel("What happens").selectOption("a wire between two places");
        exactly(page, AriaRole.COMBOBOX, "From").fill("P");
        exactly(page, AriaRole.COMBOBOX, "To").fill("P");
        button(page, "Add").click();
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("must be two places");
        exactly(page, AriaRole.COMBOBOX, "To").fill("Q");
        button(page, "Add").click();
        assertThat(button(page, "A wire without resistance joins P and Q")).hasAttribute("aria-pressed", "true");
        ask(page, "V1 increase", "Does the reading of V1 increase");
        ask(page, "why V1", "Why does the reading of V1 change");
        assertThat(page.getByTestId("marks-sum")).hasText("10 asked · 23 marks");
        visit.browser().inspect(page, "forms-made");
        AskingPage.handOut(page, TITLE);
    }

    private static Locator field(Page page, int place) {
        return page.locator(":is(input,textarea)[data-box]:not([type=radio])").nth(place);
    }

    /** Taps keys that stand with a field, by what they show. */
    private static void tap(Page page, int place, String... words) {
        Locator row = page.locator("div:has(> :is(input,textarea)[data-box])").nth(place);
        for (String word : words)
            row.getByRole(AriaRole.BUTTON)
                    .filter(new Locator.FilterOptions()
                            .setHasText(Pattern.compile("^" + word.replaceAll("[^A-Za-z0-9 ]", "\\\\$0") + "$")))
                    .tap();
    }

    @Test
    @Order(2)
    void aLearnerPicksAllOfItByTouch() {
        Page page = visit.browser().signedInOnPhone("learner1", ColorScheme.LIGHT);
        SheetPage.open(page, TITLE, 10);
        tap(page, 0, "R2", "R3", "in parallel");
        page.keyboard().type("3");
        tap(page, 0, "R1", "R23", "in series");
        page.keyboard().type("15 ohm");
        assertThat(field(page, 0)).hasValue("R2 || R3 = 3; R1 + R23 = 15 ohm");
        tap(page, 1, "parallel", "within series");
        tap(page, 2, "R1", "R3", "in series with all of it", "R2", "R3", "in parallel with R3");
        // What was put together is drawn, and more is put beside what is picked there.
        Locator board =
                page.locator("div:has(> :is(input,textarea)[data-box])").nth(2).locator("svg");
        board.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("R2"))
                .tap();
        tap(page, 2, "V1", "all of it", "across all of it");
        assertThat(field(page, 2)).hasValue("V1[R1 + (R3 || R2)]");
        tap(page, 3, "R1", "R2", "in series with all of it", "R3", "R2", "in parallel with R2");
        tap(page, 4, "brown", "red", "black", "gold");
        assertThat(field(page, 4)).hasValue("brown, red, black, gold");
        List.of("total I1", "R1 I1", "R2 I2", "R3 I3")
                .forEach(name -> page.getByLabel("Name of the current of " + name.split(" ")[0])
                        .selectOption(name.split(" ")[1]));
        // What was named stands on the drawing.
        assertThat(page.locator("svg").first()).containsText("I3");
        field(page, 5).press("End");
        page.keyboard().type("; I1 = I2 + I3");
        assertThat(field(page, 5)).hasValue(Pattern.compile(".*I3.*; I1 = I2 \\+ I3"));
        page.getByText("in parallel", new Page.GetByTextOptions().setExact(true))
                .last()
                .tap();
        page.getByText("both ends are on the same two junctions").tap();
        page.getByText("decreases", new Page.GetByTextOptions().setExact(true)).tap();
        for (String link : List.of(
                "the resistance of the network decreases",
                "the total current increases",
                "the voltage across r increases",
                "the reading of V1 decreases"))
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile(link)))
                    .tap();
        visit.browser().inspect(page, "forms-answered");
        SheetPage.send(page, 10);
    }

    @Test
    @Order(3)
    void aLearnerTypesAllOfItByKeyboardAlone() {
        Page page = visit.browser().signedIn("learner2", 1280, 800, ColorScheme.DARK);
        SheetPage.open(page, TITLE, 10);
        WorkbenchPage.tabTo(page, field(page, 0));
        List<String> typed = List.of(
                "R2 // R3 = 4; R1 + R23 = 16",
                "parallel in series",
                "V1[R1 + R2 || R3]",
                "R1 || R2 || R3",
                "brown red black gold",
                "total a, R1 a, R2 b, R3 c, a = b + c");
        for (String text : typed) {
            page.keyboard().type(text);
            page.keyboard().press("Enter");
        }
        for (String key :
                List.of("Space", "ArrowRight", "Enter", "Space", "ArrowDown", "Enter", "Space", "ArrowRight", "Enter"))
            page.keyboard().press(key);
        page.keyboard().type("a");
        page.keyboard().press("Enter");
        visit.browser().inspect(page, "forms-typed");
        SheetPage.send(page, 10);
    }

    @Test
    @Order(4)
    void theTeacherSeesWhatCameOfIt() {
        Page page = visit.browser().signedIn("teacher", 1280, 800, ColorScheme.LIGHT);
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Results"))
                .click();
        exactly(page, AriaRole.LINK, TITLE).click();
        exactly(page, AriaRole.LINK, "A. Alder").click();
        assertThat(page.locator("[data-finding]")).hasCount(10);
        assertThat(page.locator("[data-finding]:not([data-finding=right])")).hasText(new String[0]);
        assertThat(page.getByText(Pattern.compile("of 23 marks"))).containsText("23 of 23 marks");
        exactly(page, AriaRole.LINK, TITLE).click();
        exactly(page, AriaRole.LINK, "B. Birch").click();
        // A wrong first stage costs itself, and what follows from it nothing.
        assertThat(page.locator("[data-finding=partly]").first()).containsText("R2 // R3 = 4");
        visit.browser().inspect(page, "forms-results");
    }
}
