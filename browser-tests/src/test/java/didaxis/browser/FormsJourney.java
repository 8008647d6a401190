package didaxis.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static didaxis.browser.WorkbenchPage.button;
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

    private static Locator exactly(Page page, AriaRole role, String name) {
        return page.getByRole(role, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    /** What is typed is looked for among all that can be asked; the prompt that is taken stands as the last task. */
    private static void ask(Page page, String words, String prompt) {
        Locator field = page.getByLabel("Ask", new Page.GetByLabelOptions().setExact(true))
                .and(page.locator("input"));
        field.click();
        field.fill(words);
        page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName(prompt))
                .first()
                .click();
        assertThat(page.locator("[data-task]").last()).containsText(prompt);
    }

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
        button(page, "Make a question").click();
        page.getByLabel("Name of the question").fill(TITLE);
        button(page, "Keep").click();
        button(page, "Hand out").click();
        assertThat(page.getByText("“" + TITLE + "” was handed to Workshop class."))
                .isVisible();
    }

    private static void openSheet(Page page) {
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile(TITLE)))
                .click();
        assertThat(page.getByText("0 of 10 answered")).isVisible();
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
        openSheet(page);
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
        openSheet(page);
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

    private static final String BREAKER = "24 V : F1=1.5A + (H1=24{30 W} || H2=24{30 W} || H3=24{30 W} || R4=4.7k)";

    @Test
    @Order(5)
    void metersLimitsBreakersAndTimesAreAskedAndAnswered() {
        Page page = visit.workbench(BREAKER);
        tab(page, "Chart");
        Locator bands = page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^resistance of R4:")));
        bands.focus();
        page.keyboard().press("w");
        assertThat(bands).hasAttribute("data-use", "withheld");
        tab(page, "Question");
        ask(page, "R4 bands", "R4 has the bands yellow, violet, red, gold.");
        page.getByText("Drawing and time …").click();
        button(page, "Something runs for a time").click();
        page.getByLabel("What runs").selectOption("H1");
        page.getByLabel("Time", new Page.GetByLabelOptions().setExact(true)).fill("10 min");
        page.getByLabel("Cost of a kilowatt hour").fill("0.50");
        ask(page, "energy H1", "Calculate the energy taken by H1");
        page.getByLabel("In the unit").selectOption("kJ");
        ask(page, "voltmeter", "A voltmeter across which of");
        ask(page, "can stand", "Calculate the highest voltage that");
        ask(page, "highest emf", "What is the highest emf");
        ask(page, "switched on", "are switched on one after the other");
        page.getByLabel("how many can run").check();
        ask(page, "rank current", "Rank H1, H2, H3 and R4 by current");
        page.getByLabel("Only the largest").check();
        page.getByLabel("and why").check();
        button(page, "See as learner").click();
        Locator sheet = page.getByRole(AriaRole.TABPANEL, new Page.GetByRoleOptions().setName("Question"));
        Locator boxes = sheet.locator(":is(input,textarea)[data-box]:not([type=checkbox]):not([type=radio])");
        assertThat(boxes).hasCount(8);
        List<String> typed = List.of("4.7k", "5 %", "14.4", "26.8 V", "26.8 V", "26.8 V", "12 V", "1");
        for (int k = 0; k < typed.size(); k++) boxes.nth(k).fill(typed.get(k));
        for (String name : List.of("H2", "H3", "R4"))
            sheet.getByRole(AriaRole.GROUP, new Locator.GetByRoleOptions().setName("places"))
                    .getByText(name, new Locator.GetByTextOptions().setExact(true))
                    .click();
        sheet.getByRole(AriaRole.GROUP, new Locator.GetByRoleOptions().setName("part that sets it"))
                .getByText("F1", new Locator.GetByTextOptions().setExact(true))
                .click();
        for (String name : List.of("H1", "H2", "H3"))
            sheet.getByRole(AriaRole.GROUP, new Locator.GetByRoleOptions().setName("largest current"))
                    .getByText(name, new Locator.GetByTextOptions().setExact(true))
                    .click();
        sheet.getByText("they are in branches side by side").click();
        button(page, "Mark it").click();
        visit.browser().inspect(page, "forms-limits");
        assertThat(sheet.getByRole(AriaRole.STATUS)).containsText("24 of 24 marks");
        button(page, "Back to the tasks").click();
        button(page, "Make a question").click();
        page.getByLabel("Name of the question").fill(LIMITS);
        button(page, "Keep").click();
        button(page, "Hand out").click();
        assertThat(page.getByText("“" + LIMITS + "” was handed to Workshop class."))
                .isVisible();
        Page phone = openLimits(visit.browser().signedInOnPhone("learner3", ColorScheme.LIGHT));
        for (int k = 0; k < typed.size(); k++) fields(phone).nth(k).fill(typed.get(k));
        tapIn(phone, "places", "H2", "H3", "R4");
        tapIn(phone, "part that sets it", "F1");
        tapIn(phone, "largest current", "H1", "H2", "H3");
        phone.getByText("they are in branches side by side").tap();
        SheetPage.send(phone, 12);
        Page keys = openLimits(visit.browser().signedIn("learner4", 1280, 800, ColorScheme.DARK));
        WorkbenchPage.tabTo(keys, fields(keys).first());
        for (String text : List.of("4.7 kohm", "5", "14.4 kJ")) typeOn(keys, text, "Enter");
        typeOn(keys, "", "Space", "Enter");
        for (String text : List.of("26.8", "26.8", "26.8", "12")) typeOn(keys, text, "Enter");
        typeOn(keys, "", "Space", "Enter");
        typeOn(keys, "1", "Enter");
        typeOn(keys, "", "Space", "Enter", "Space", "Enter");
        SheetPage.send(keys, 12);
    }

    private static final String LIMITS = "Limits and bands";

    private static Page openLimits(Page page) {
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile(LIMITS)))
                .click();
        assertThat(page.getByText("0 of 12 answered")).isVisible();
        return page;
    }

    private static Locator fields(Page page) {
        return page.locator(":is(input,textarea)[data-box]:not([type=checkbox]):not([type=radio])");
    }

    private static void tapIn(Page page, String group, String... names) {
        for (String name : names)
            page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName(group))
                    .getByText(name, new Locator.GetByTextOptions().setExact(true))
                    .tap();
    }

    private static void typeOn(Page page, String text, String... keys) {
        page.keyboard().type(text);
        for (String key : keys) page.keyboard().press(key);
    }

    /** Terms and texts: asked, answered on a phone, and decided by the teacher where it is not known what they earn. */
    @Test
    @Order(6)
    void wordsAreAskedAnsweredAndDecidedOnceForAllWhoWroteThem() {
        Page page = visit.workbench(DRYER);
        tab(page, "Question");
        ask(page, "define resistance", "Define resistance.");
        button(page, "In your own words …").click();
        page.getByLabel("What is asked").fill("Why do R2 and R3 share equally?");
        button(page, "One more mark").click();
        page.getByLabel("Earns a mark (1)").fill("same resistance / equal resistances");
        button(page, "A text with gaps …").click();
        page.getByLabel("Text with gaps").fill("A voltmeter is in ___, an ammeter in ___.");
        page.getByLabel("Right in gap 1").fill("parallel");
        page.getByLabel("Right in gap 2").fill("series");
        assertThat(page.getByTestId("marks-sum")).hasText("4 asked · 5 marks");
        button(page, "Make a question").click();
        page.getByLabel("Name of the question").fill("Words of the hut");
        button(page, "Keep").click();
        button(page, "Hand out").click();
        assertThat(page.getByText("“Words of the hut” was handed to Workshop class."))
                .isVisible();
        List<List<String>> written = List.of(
                List.of(
                        "The ratio of the voltage across it to the curent in it",
                        "equal resistance",
                        "parallel",
                        "series"),
                List.of("It opposes the flow of charge", "they are alike", "series", "parallel"),
                List.of("it opposes the flow of charges.", "the same resistances", "parallel", "series"));
        for (int k = 0; k < written.size(); k++) {
            Page learner = visit.browser().signedInOnPhone("learner" + (k + 1), ColorScheme.LIGHT);
            learner.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile("Words of the hut")))
                    .click();
            Locator boxes = learner.locator("[data-box]");
            assertThat(boxes).hasCount(4);
            for (int box = 0; box < 4; box++) boxes.nth(box).fill(written.get(k).get(box));
            if (k == 0) visit.browser().inspect(learner, "words-answered");
            SheetPage.send(learner, 4);
        }
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Results"))
                .click();
        exactly(page, AriaRole.LINK, "Words of the hut").click();
        Locator definition = page.locator("tbody tr").first();
        assertThat(definition.locator("td[data-none]")).hasText(new String[] {"1", "0", "2", "0", "0", "0"});
        definition.getByText("It opposes the flow of charge").click();
        visit.browser().inspect(page, "words-decided");
        definition
                .getByRole(AriaRole.RADIOGROUP)
                .getByText("2", new Locator.GetByTextOptions().setExact(true))
                .click();
        assertThat(page.getByText("2 of 2 for all 2 who wrote it.")).isVisible();
        assertThat(definition.locator("td[data-none]")).hasText(new String[] {"3", "0", "0", "0", "0", "0"});
        exactly(page, AriaRole.LINK, "C. Cedar").click();
        assertThat(page.getByText(Pattern.compile("5 of 5 marks"))).isVisible();
    }
}
