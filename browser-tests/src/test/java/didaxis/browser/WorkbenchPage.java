package didaxis.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;

/** Where things are on the workbench. */
final class WorkbenchPage {
    private WorkbenchPage() {}

    static final String DRYER = "16 V : R1=5 + (R2=12 || R3=4)";

    static Locator notation(Page page) {
        return page.getByLabel("Circuit", new Page.GetByLabelOptions().setExact(true))
                .and(page.locator("textarea"));
    }

    static Locator sheet(Page page) {
        return page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName(Pattern.compile("^The circuit; ")));
    }

    static Locator strip(Page page) {
        return page.getByRole(AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName("Stages of folding"));
    }

    static Locator band(Page page) {
        return page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("The stage in hand"));
    }

    static Locator stage(Page page, String title) {
        return strip(page).getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile(title)));
    }

    static Locator exactly(Page page, AriaRole role, String name) {
        return page.getByRole(role, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    static Locator button(Page page, String name) {
        return exactly(page, AriaRole.BUTTON, name);
    }

    /** Opens a menu and takes what stands in it. */
    static void choose(Page page, String menu, String item) {
        button(page, menu).click();
        exactly(page, AriaRole.MENUITEM, item).click();
    }

    static void tab(Page page, String name) {
        page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName(name)).click();
    }

    static void style(Page page, String name) {
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Style: ")))
                .click();
        page.getByRole(AriaRole.MENUITEMRADIO, new Page.GetByRoleOptions().setName(Pattern.compile("^" + name)))
                .click();
    }

    static void tabTo(Page page, Locator wanted) {
        page.locator("body").press("Tab");
        for (int k = 0; k < 60; k++) {
            if ((Boolean) wanted.evaluate("element => element === document.activeElement")) return;
            page.keyboard().press("Tab");
        }
        throw new AssertionError("Tab does not reach " + wanted);
    }

    static void press(Page page, String... keys) {
        for (String key : keys) page.keyboard().press(key);
    }

    static void set(Page page, String text) {
        press(page, "e");
        page.keyboard().type(text);
        press(page, "Enter");
    }

    /** The line, and what is drawn from it, are this circuit. */
    static void is(Page page, String circuit) {
        assertThat(notation(page)).hasValue(circuit);
        page.waitForTimeout(150);
    }
}
