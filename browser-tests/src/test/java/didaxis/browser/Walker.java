package didaxis.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Somebody at a page who knows only what stands on it: roles and names. Each act is counted, leaves the focus on something
 * that has a name, and what is said in passing must be expected word for word: nothing is said twice, nothing unasked.
 */
final class Walker {
    /** How things are reached: by mouse, by finger, or by the Tab key and by ear alone. */
    enum Way {
        MOUSE,
        TOUCH,
        KEYS
    }

    private static final int MOST_TABS = 30;

    /** Notes what a reader of the screen would say: whatever changes within a live region, as a whole. */
    private static final String LISTEN = """
            () => {
              const live = '[role=status], [role=alert], [role=log], [aria-live=polite], [aria-live=assertive]'
              const last = new WeakMap()
              window.heard = []
              const note = (region) => {
                if (region.closest('[aria-hidden=true], [aria-live=off]')) return
                const text = region.innerText.replace(/\\s+/g, ' ').trim()
                if (text && last.get(region) !== text) window.heard.push(text)
                last.set(region, text)
              }
              new MutationObserver((changes) => {
                const regions = new Set()
                for (const { target, addedNodes } of changes) {
                  const element = target.nodeType === 1 ? target : target.parentElement
                  const around = element?.closest(live)
                  if (around) regions.add(around)
                  for (const added of addedNodes) {
                    if (added.nodeType !== 1 || around) continue
                    if (added.matches(live)) regions.add(added)
                    added.querySelectorAll(live).forEach((inner) => regions.add(inner))
                  }
                }
                regions.forEach(note)
              }).observe(document, { childList: true, subtree: true, characterData: true })
            }
            """;

    /** A role and a name, as a reader of the screen would have them. */
    private static final Pattern ROLE_AND_NAME = Pattern.compile("- '?(\\w+ \"[^\"]+\")(?s).*");

    private final Page page;
    private final Way way;
    private final List<String> unheard = new ArrayList<>();
    private int acts;
    private int tabs;

    Walker(Page page, Way way) {
        this.page = page;
        this.way = way;
        page.evaluate(LISTEN);
    }

    Page page() {
        return page;
    }

    /** Clicks, keys other than letters, and texts written into a field. */
    int acts() {
        return acts;
    }

    /** Presses of Tab and arrow keys on the way to things. */
    int tabs() {
        return tabs;
    }

    private Locator find(AriaRole role, String name) {
        Locator found = page.getByRole(
                role, new Page.GetByRoleOptions().setName(Pattern.compile("^" + written(name) + "( |$|[.,:;…])")));
        // Of two with a name the dialog's is meant, which covers the other.
        Locator inDialog = page.getByRole(AriaRole.DIALOG).locator(found);
        assertThat(found.first()).isVisible();
        return inDialog.count() > 0 ? inDialog.first() : found.first();
    }

    /** As an expression of the browser's own, which has no quoting of a whole text. */
    private static String written(String name) {
        return name.replaceAll("([.*+?^${}()|\\[\\]\\\\])", "\\\\$1");
    }

    /** Presses a button, link, tab or whatever else has this role and a name that begins so. */
    Walker press(AriaRole role, String name) {
        act(() -> {
            Locator wanted = find(role, name);
            switch (way) {
                case MOUSE -> wanted.click();
                case TOUCH -> wanted.tap();
                case KEYS -> {
                    reach(wanted, role == AriaRole.MENUITEM ? "ArrowDown" : "Tab");
                    page.keyboard().press("Enter");
                }
            }
        });
        return this;
    }

    /** Comes to something by Tab, and does nothing there yet. */
    Walker comeTo(AriaRole role, String name) {
        reach(find(role, name), "Tab");
        return this;
    }

    /** Writes into a field that has this label. */
    Walker write(String label, String text) {
        act(() -> {
            Locator field = find(AriaRole.TEXTBOX, label);
            switch (way) {
                case MOUSE -> field.click();
                case TOUCH -> field.tap();
                case KEYS -> reach(field, "Tab");
            }
            page.keyboard().press("ControlOrMeta+a");
            page.keyboard().insertText(text);
        });
        return this;
    }

    /** Writes a password, for which there is no role. */
    Walker writePassword(String password) {
        act(() -> {
            Locator field = page.getByLabel("Password", new Page.GetByLabelOptions().setExact(true));
            if (way == Way.KEYS) reach(field, "Tab");
            else field.click();
            page.keyboard().press("ControlOrMeta+a");
            page.keyboard().insertText(password);
        });
        return this;
    }

    /** Sets a day and time, for which there is no role. */
    Walker writeMoment(String label, LocalDateTime moment) {
        act(() -> page.getByLabel(label, new Page.GetByLabelOptions().setExact(true))
                .fill(moment.truncatedTo(ChronoUnit.MINUTES).toString()));
        return this;
    }

    /** Types where the focus is. */
    Walker type(String text) {
        act(() -> page.keyboard().insertText(text));
        return this;
    }

    Walker key(String key) {
        act(() -> page.keyboard().press(key));
        return this;
    }

    private void reach(Locator wanted, String key) {
        for (int k = 0; k <= MOST_TABS; k++) {
            if ((Boolean) wanted.evaluate("element => element === document.activeElement")) return;
            page.keyboard().press(key);
            tabs++;
        }
        throw new AssertionError("%d presses of %s do not reach %s".formatted(MOST_TABS, key, wanted));
    }

    private void act(Runnable act) {
        expectNothingMore();
        act.run();
        acts++;
        page.waitForTimeout(120);
        page.waitForFunction("() => !document.querySelector('[aria-busy=true], [data-loading=true]')");
        assertTrue(comesToRest(), () -> "the focus is nowhere after act " + acts + " by " + way);
    }

    /** Whether the focus comes to something and stays there. */
    private boolean comesToRest() {
        String last = "";
        for (int k = 0; k < 50; k++) {
            String now = place();
            if (!now.isEmpty() && now.equals(last)) return true;
            last = now;
            page.waitForTimeout(60);
        }
        return false;
    }

    /** What has the focus: its role and its name; nothing where it is nowhere or on something without a name. */
    String place() {
        Locator focused = page.locator(":focus");
        if (focused.count() == 0) return "";
        Matcher place = ROLE_AND_NAME.matcher(focused.ariaSnapshot());
        return place.matches() ? place.group(1) : "";
    }

    /** The focus is on this, such as: button "Send". */
    Walker isAt(AriaRole role, String name) {
        String place = role.name().toLowerCase(Locale.ROOT) + " \"" + name + "\"";
        for (int k = 0; k < 50 && !place().equals(place); k++) page.waitForTimeout(100);
        assertEquals(place, place());
        return this;
    }

    /** This was said since the last act, and nothing else. */
    Walker hears(String... texts) {
        for (int k = 0; k < 300 && listen().size() < texts.length; k++) page.waitForTimeout(100);
        page.waitForTimeout(400);
        assertEquals(List.of(texts), listen());
        unheard.clear();
        return this;
    }

    private void expectNothingMore() {
        assertEquals(List.of(), listen(), "said, and not expected, after act " + acts);
    }

    @SuppressWarnings("unchecked")
    private List<String> listen() {
        for (String said : (List<String>) page.evaluate("() => window.heard.splice(0)")) {
            unheard.add(said.replaceAll("\\w{3} \\d+ \\w{3}, \\d\\d:\\d\\d", "(day and time)"));
        }
        return unheard;
    }
}
