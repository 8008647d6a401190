package didaxis.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static didaxis.browser.WorkbenchPage.DRYER;
import static didaxis.browser.WorkbenchPage.band;
import static didaxis.browser.WorkbenchPage.button;
import static didaxis.browser.WorkbenchPage.notation;
import static didaxis.browser.WorkbenchPage.press;
import static didaxis.browser.WorkbenchPage.sheet;
import static didaxis.browser.WorkbenchPage.stage;
import static didaxis.browser.WorkbenchPage.tab;
import static org.junit.jupiter.api.Assertions.assertEquals;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.Media;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.extension.RegisterExtension;

/** One circuit, worked in every way. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class WorkbenchJourney {
    private static final String SIX_PARTS = "24 V r=0.4 : R1=3.6 + (R2=24 || (R3=6 + (R4=20 || R5=5))) + S1";
    /** Counts what changes in the page, and the frames it asks for. */
    private static final String CHANGES_IN_HALF_A_SECOND = """
            () => new Promise((resolve) => {
                let changes = 0
                const ask = window.requestAnimationFrame
                window.requestAnimationFrame = (frame) => (changes++, ask(frame))
                const watch = new MutationObserver((list) => { changes += list.length })
                watch.observe(document, { subtree: true, childList: true, attributes: true, characterData: true })
                setTimeout(() => {
                    watch.disconnect()
                    window.requestAnimationFrame = ask
                    resolve(changes)
                }, 500)
            })
            """;

    @RegisterExtension
    final Visit visit = new Visit();

    @Test
    void theCircuitFoldsAndUnfoldsByMouseKeysAndTouch() {
        Page page = visit.workbench(DRYER);
        assertThat(stage(page, "R2 and R3")).isVisible();
        page.waitForTimeout(1000);
        assertEquals(0, page.evaluate(CHANGES_IN_HALF_A_SECOND), "a page at rest does nothing");
        stage(page, "R2 and R3").click();
        assertThat(band(page)).containsText("R2 and R3 folded · both ends on a and b");
        assertThat(page.locator("tr[data-lit=true]")).hasCount(3);
        assertThat(page.locator("[data-row=R23][data-lit=true]")).isVisible();
        assertThat(sheet(page).locator("svg [aria-label=R23]")).isVisible();
        assertThat(sheet(page).locator("svg [aria-label=R3]")).hasCount(0);
        press(page, "ArrowRight");
        assertThat(band(page)).containsText("R1 and R23 folded · the same current must pass");
        press(page, "Home");
        assertThat(band(page)).containsText("R2 and R3 unfolded: what each has");
        assertThat(band(page).getByRole(AriaRole.LISTITEM).getByText("1.50").first())
                .isVisible();
        sheet(page).focus();
        press(page, "]", "]", "[");
        assertThat(band(page)).containsText("R1 and R23 unfolded: what each has");
        visit.browser().inspect(page, "folding");
        press(page, "[");
        button(page, "Which two fold?").click();
        sheet(page).locator("svg [aria-label=R1]").click();
        sheet(page).locator("svg [aria-label=R2]").click();
        assertThat(band(page)).containsText("junction a");

        Page phone = visit.workbench(DRYER, visit.browser().signedInOnPhone("teacher", ColorScheme.LIGHT));
        stage(phone, "R1 and R23").tap();
        assertThat(band(phone)).containsText("R1 and R23 folded");
        button(phone, "‹ Unfold").tap();
        assertThat(band(phone)).containsText("R1 and R23 unfolded");
        visit.browser().inspect(phone, "workbench-phone");
    }

    @Test
    void whatIsAskedOfOneCircuitIsNotAskedOfTheNext() {
        Page page = visit.workbench(DRYER);
        tab(page, "Question");
        List<String> refused = new ArrayList<>();
        page.onResponse(response -> {
            if (response.status() >= 400) refused.add(response.url());
        });
        notation(page).fill("12 V : R4=3 + (R5=2 || R8=4)");
        assertThat(button(page, "Calculate the current through R5.")).isVisible();
        notation(page).fill("9 V r=1 : R6=3 || R7=6");
        assertThat(button(page, "Calculate the current through R7.")).isVisible();
        assertEquals(List.of(), refused);
    }

    private static Locator known(Page page, String cell) {
        return page.getByLabel("Known " + cell, new Page.GetByLabelOptions().setExact(true));
    }

    @Test
    void theRestFollowsFromWhatIsKnown() {
        Page page = visit.workbench("16 V : R1=5 + (R2=12 || R3=4)");
        tab(page, "Backwards");
        Locator outcome = page.getByRole(AriaRole.STATUS).and(page.locator("[data-outcome]"));
        // What is cleared is there first.
        assertThat(outcome).hasText("Everything follows.");
        button(page, "Clear all").click();
        assertThat(outcome).containsText("Not enough is given.");
        known(page, "current of R2").fill("0,5 A");
        known(page, "resistance of R2").fill("12");
        known(page, "resistance of R3").fill("4");
        known(page, "resistance of R1").fill("5 ohm");
        assertThat(outcome).hasText("Everything follows.");
        assertThat(known(page, "voltage of total")).hasAttribute("placeholder", "16.0");
        visit.browser().inspect(page, "backwards");
        known(page, "voltage of R1").fill("11");
        assertThat(outcome).containsText("Contradictory:");
        known(page, "voltage of R1").fill("");
        known(page, "resistance of R1").fill("3");
        button(page, "Take these values over").click();
        assertThat(notation(page)).hasValue("12 V : R1=3 + (R2=12 || R3=4)");
    }

    @Test
    void aCircuitGoesToFilesToTheShelfAndToPaper() throws Exception {
        Page page = visit.workbench(SIX_PARTS);
        Download download = page.waitForDownload(() -> {
            button(page, "Circuit").click();
            page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("List of parts and nodes"))
                    .click();
        });
        String list = Files.readString(download.path());
        notation(page).fill("9 V : R1=1");
        button(page, "Circuit").click();
        page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName(Pattern.compile("^Open a file")))
                .click();
        page.getByLabel("Text of the circuit").fill(list);
        button(page, "Open").click();
        assertThat(notation(page)).hasValue(SIX_PARTS + "=closed");

        button(page, "Shelf").click();
        page.getByLabel("Name for this circuit").fill("Station");
        button(page, "Keep").click();
        button(page, "Remove Station").click();
        assertThat(button(page, "Remove Station")).hasCount(0);
        page.getByRole(AriaRole.ALERT)
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Undo"))
                .click();
        page.getByLabel("Find").fill("beacons");
        assertThat(page.getByRole(AriaRole.DIALOG).getByRole(AriaRole.LISTITEM)).hasCount(1);
        visit.browser().inspect(page, "shelf");
        page.getByText("Four beacons on the bank").click();
        assertThat(notation(page)).hasValue("12 V : L1=6 || L2=12 || L3=12 || L4=4");

        String twelve = "R1=4700 + R2=3300 + R3=1 + R4=1 + R5=1 + R6=1 + R7=1 + R8=1 + R9=1 + R10=1 + R11=1 + R12=1";
        page.navigate(visit.application()
                .url("/workbench/solution?circuit="
                        + URLEncoder.encode("12 V : L1=6 || L2=12 || (" + twelve + ")", StandardCharsets.UTF_8)));
        assertThat(page.getByText("What is left to find")).isVisible();
        visit.browser().inspect(page, "solution");
        // As wide as what a printed A4 page leaves between its margins.
        page.setViewportSize(688, 1000);
        page.emulateMedia(new Page.EmulateMediaOptions().setMedia(Media.PRINT));
        assertEquals(List.of(), page.evaluate("""
                        [...document.querySelectorAll('main *')]
                            .filter((one) => one.getBoundingClientRect().right > window.innerWidth + 0.5)
                            .map((one) => one.outerHTML)
                        """));
        assertThat(button(page, "Print")).isHidden();
    }

    @Test
    void everyViewHoldsInLightAndDarkAndIsReadAloud() {
        Page page = visit.workbench(SIX_PARTS, visit.browser().signedIn("teacher", 1280, 800, ColorScheme.DARK));
        String words = "R1, (R2 and (R3 and (R4 and R5 in parallel) in series) in parallel) and S1 in series";
        assertThat(page.getByRole(
                        AriaRole.GROUP,
                        new Page.GetByRoleOptions().setName("Circuit; described in the list that follows")))
                .isVisible();
        // Read aloud as a nested list, since brackets are not spoken.
        assertThat(page.getByText("R45: R4 and R5, in parallel, between ")).hasCount(1);
        assertThat(page.locator("#notation-says")).hasText(words);
        Locator table = page.getByRole(
                AriaRole.TABLE,
                new Page.GetByRoleOptions().setName(Pattern.compile("^Chart: resistance, voltage, current, power")));
        assertThat(table.getByRole(AriaRole.ROWHEADER)).hasCount(12);
        assertEquals(List.of(), page.evaluate("""
                        [document.documentElement, ...document.querySelectorAll('main section')]
                            .filter((one) => one.scrollHeight > one.clientHeight + 1)
                            .map((one) => one.ariaLabel + ' ' + one.scrollHeight + ' > ' + one.clientHeight)
                        """), "scrolls at 1280×800");
        visit.browser().inspect(page, "workbench-dark");
        tab(page, "Working");
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions()
                                .setName("A working of your own")
                                .setExact(true))
                .click();
        page.keyboard().type("R45 = R4 R5/(R4 + R5)");
        page.keyboard().press("Enter");
        page.keyboard().type("R45 = R4 + R5");
        assertThat(page.getByText("R45 = R4 + R5 is no law of this circuit.")).isVisible();
        assertThat(page.getByText("Lines: 2. Not right: 1. Not read: 0.")).isVisible();
        // What was written is still there after a look at something else.
        tab(page, "Chart");
        tab(page, "Working");
        assertThat(page.getByText("R45 = R4 + R5 is no law of this circuit.")).isVisible();
        visit.browser().inspect(page, "working-dark");
        tab(page, "Changes");
        visit.browser().inspect(page, "change-dark");
        tab(page, "Backwards");
        visit.browser().inspect(page, "backwards-dark");
        stage(page, "R4 and R5").click();
        visit.browser().inspect(page, "folding-dark");
        for (String style : List.of("valley", "forge", "spring")) {
            WorkbenchPage.style(page, style);
            tab(page, "Chart");
            visit.browser().inspect(page, style + "-dark");
        }
        page.navigate(visit.application()
                .url("/workbench/solution?circuit=" + URLEncoder.encode(SIX_PARTS, StandardCharsets.UTF_8)));
        assertThat(page.getByText("What is left to find")).isVisible();
        visit.browser().inspect(page, "solution-dark");
    }
}
