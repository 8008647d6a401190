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
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.extension.RegisterExtension;

/** Meters, limits, breakers, times and words: made by a teacher, answered by touch and by keyboard, decided where none knows. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class LimitsJourney {
    private static final String BREAKER = "24 V : F1=1.5A + (H1=24{30 W} || H2=24{30 W} || H3=24{30 W} || R4=4.7k)";
    private static final String LIMITS = "Limits and bands";

    @RegisterExtension
    final Visit visit = new Visit();

    @Test
    void metersLimitsBreakersAndTimesAreAskedAndAnswered() {
        Page page = visit.workbench(BREAKER);
        tab(page, "Chart");
        AskingPage.withhold(page, "resistance of R4");
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
        Locator sheet = AskingPage.panel(page);
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
        AskingPage.handOut(page, LIMITS);
        Page phone = SheetPage.open(visit.browser().signedInOnPhone("learner3", ColorScheme.LIGHT), LIMITS, 12);
        for (int k = 0; k < typed.size(); k++) fields(phone).nth(k).fill(typed.get(k));
        tapIn(phone, "places", "H2", "H3", "R4");
        tapIn(phone, "part that sets it", "F1");
        tapIn(phone, "largest current", "H1", "H2", "H3");
        phone.getByText("they are in branches side by side").tap();
        SheetPage.send(phone, 12);
        Page keys = SheetPage.open(visit.browser().signedIn("learner4", 1280, 800, ColorScheme.DARK), LIMITS, 12);
        WorkbenchPage.tabTo(keys, fields(keys).first());
        for (String text : List.of("4.7 kohm", "5", "14.4 kJ")) SheetPage.type(keys, text, "Enter");
        SheetPage.type(keys, "", "Space", "Enter");
        for (String text : List.of("26.8", "26.8", "26.8", "12")) SheetPage.type(keys, text, "Enter");
        SheetPage.type(keys, "", "Space", "Enter");
        SheetPage.type(keys, "1", "Enter");
        SheetPage.type(keys, "", "Space", "Enter", "Space", "Enter");
        SheetPage.send(keys, 12);
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

    /** Terms and texts: asked, answered on a phone, and decided by the teacher where it is not known what they earn. */
    @Test
    void wordsAreAskedAnsweredAndDecidedOnceForAllWhoWroteThem() {
        Page page = visit.workbench(WorkbenchPage.DRYER);
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
        AskingPage.handOut(page, "Words of the hut");
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
