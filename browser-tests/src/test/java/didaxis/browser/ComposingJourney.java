package didaxis.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static didaxis.browser.WorkbenchPage.DRYER;
import static didaxis.browser.WorkbenchPage.button;
import static didaxis.browser.WorkbenchPage.is;
import static didaxis.browser.WorkbenchPage.notation;
import static didaxis.browser.WorkbenchPage.press;
import static didaxis.browser.WorkbenchPage.set;
import static didaxis.browser.WorkbenchPage.sheet;
import static didaxis.browser.WorkbenchPage.tab;
import static didaxis.browser.WorkbenchPage.tabTo;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.extension.RegisterExtension;

/** A circuit is made by hand, key by key. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class ComposingJourney {
    @RegisterExtension
    final Visit visit = new Visit();

    @Test
    void aCircuitIsComposedFromAnEmptySheetByKeyboardAlone() {
        Page page = visit.workbench(DRYER);
        tabTo(page, button(page, "Circuit"));
        press(page, "Enter");
        assertThat(page.getByRole(AriaRole.MENU)).isVisible();
        assertThat(page.getByRole(AriaRole.MENUITEM).first()).isFocused();
        press(page, "Enter");
        assertThat(notation(page)).hasValue("");
        assertThat(page.getByText("An empty sheet.")).isVisible();
        tabTo(page, sheet(page));
        press(page, "s");
        is(page, "12 V : R1=10");
        press(page, "6");
        is(page, "12 V : A1");
        press(page, "s", "5", "s", "2");
        is(page, "12 V : A1 + S1=closed + L1=10");
        set(page, "6{6 V, 3 W}");
        is(page, "12 V : A1 + S1=closed + L1=6{6 V, 3 W}");
        press(page, "v", "o");
        is(page, "12 V : A1 + S1=closed + V1[L1=6{6 V, 3 W}] + .A");
        set(page, "B");
        is(page, "12 V : A1 + S1=closed + V1[L1=6{6 V, 3 W}] + .B");
        press(page, "s");
        is(page, "12 V : A1 + S1=closed + V1[L1=6{6 V, 3 W}] + .B + R1=10");
        set(page, "R2=4k7");
        press(page, "p");
        is(page, "12 V : A1 + S1=closed + V1[L1=6{6 V, 3 W}] + .B + (R2=4.7k || R1=10)");
        set(page, "R3=2.2k");
        press(page, "S", "6");
        is(page, "12 V : A1 + S1=closed + V1[L1=6{6 V, 3 W}] + .B + (R2=4.7k || (A2 + R3=2.2k))");
        for (int k = 0; k < 12 && !page.getByLabel("Value of the source").isVisible(); k++) press(page, "ArrowLeft");
        set(page, "9 V r=0.5");
        String whole = "9 V r=0.5 : A1 + S1=closed + V1[L1=6{6 V, 3 W}] + .B + (R2=4.7k || (A2 + R3=2.2k))";
        is(page, whole);
        for (int k = 0; k < 18; k++) press(page, "Control+z");
        is(page, DRYER);
        for (int k = 0; k < 18; k++) press(page, "Control+y");
        is(page, whole);
        press(page, "?");
        assertThat(page.getByRole(AriaRole.DIALOG)
                        .getByText("a resistor in parallel with it", new Locator.GetByTextOptions().setExact(true)))
                .isVisible();
        visit.browser().inspect(page, "keys");
    }

    @Test
    void aSwitchIsTurnedInTheDrawingAndWhatChangesIsExplained() {
        Page page = visit.workbench("24 V : S1 + R1=4 + (L1=12 || L2=6)");
        sheet(page).locator("svg [aria-label=S1]").click();
        assertThat(notation(page)).hasValue("24 V : S1=open + R1=4 + (L1=12 || L2=6)");
        assertThat(page.getByText("The circuit is open: no current flows.")).isVisible();
        sheet(page).locator("svg [aria-label=S1]").click();
        assertThat(notation(page)).hasValue("24 V : S1=closed + R1=4 + (L1=12 || L2=6)");
        tab(page, "Changes");
        page.getByLabel("If", new Page.GetByLabelOptions().setExact(true)).selectOption("L2");
        page.getByLabel("is", new Page.GetByLabelOptions().setExact(true)).selectOption("taken out");
        assertThat(page.getByText("The emf is what it was, so the total current decreases."))
                .isVisible();
        assertThat(page.getByText("L1 becomes brighter", new Page.GetByTextOptions().setExact(false))
                        .first())
                .isVisible();
        visit.browser().inspect(page, "change");
        // The reasons of one value alone: those that lead to it.
        Locator chain = page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Why, in this order"));
        assertThat(chain.getByRole(AriaRole.LISTITEM)).hasCount(10);
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^voltage of L1:")))
                .click();
        assertThat(page.getByText("Why the voltage of L1 changes:")).isVisible();
        assertThat(chain.getByRole(AriaRole.LISTITEM)).hasCount(6);
        assertThat(chain.getByRole(AriaRole.LISTITEM).last()).containsText("the voltage across L1 increases");
        button(page, "show all reasons").click();
        assertThat(chain.getByRole(AriaRole.LISTITEM)).hasCount(10);
    }

    /** In a style with a decimal comma the line is typed with it; what a meter and a point read is asked and kept. */
    @Test
    void readingsAreAskedKeptAndFoundAgain() {
        Page page = visit.workbench("12 V : V1[R1=4] + .B + R2=8");
        WorkbenchPage.style(page, "valley");
        notation(page).fill("12,5 V : V1[R1=4,5] + .B + R2=8");
        Locator meter = page.locator("[data-row=V1] button[data-use]");
        Locator point = page.locator("[data-row='.B'] button[aria-label^=potential]");
        assertThat(meter).hasText("4,50");
        assertThat(point).hasText("8,00");
        meter.press("a");
        point.press("a");
        point.press("3");
        visit.browser().inspect(page, "readings");
        button(page, "Make a question").click();
        page.getByLabel("Name of the question").fill("Readings");
        button(page, "Keep").click();
        button(page, "Not now").click();
        page.navigate(visit.application().url("/desk"));
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile("^Readings")))
                .first()
                .click();
        // As it was typed, in the style in which it was typed.
        assertThat(notation(page)).hasValue("12,5 V : V1[R1=4,5] + .B + R2=8");
        assertThat(meter).hasText("4,50");
        assertThat(meter).hasAttribute("data-use", "asked");
        assertThat(point).hasAttribute("data-use", "asked");
        assertThat(page.getByTestId("marks-sum")).hasText("2 asked · 4 marks");
    }
}
