package didaxis.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.extension.RegisterExtension;

/**
 * From thirty sent sheets to marks that are handed back and the list of what to teach again, with wordings to be read on the
 * way: each act of the teacher is counted, and what a person needs for it is added to what the machine took.
 */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class EveningJourney {
    /** To make up one's mind, point and press: M + P + K of the Keystroke-Level Model (Card, Moran, Newell 1980), from memory. */
    private static final double ACT_S = 1.35 + 1.1 + 0.2;

    /** To read one wording and judge it, or one line of a list; our own estimate, on the slow side. */
    private static final double READ_S = 5;

    private static final double THREE_MINUTES_S = 180;

    @RegisterExtension
    final Visit visit = new Visit();

    private int acts;
    private int read;

    /** Thirty learners of a class of their own: three amounts with usual errors, and two answers in words in seven wordings. */
    private static final String CLASS = """
            async () => {
              const token = decodeURIComponent(document.cookie.match(/XSRF-TOKEN=([^;]+)/)[1])
              const call = async (method, path, body) => {
                const headers = { 'Content-Type': 'application/json', 'X-XSRF-TOKEN': token }
                const answer = await fetch(path, { method, headers, body: body && JSON.stringify(body) })
                if (!answer.ok) throw new Error(path + ': ' + (await answer.text()))
                return answer.json()
              }
              const cell = (subject, quantity) => ({ subject, quantity })
              const given = ['R1', 'R2', 'R3'].map((part) => cell(part, 'resistance'))
              const calculate = (...one) => ({ kind: 'calculate', marks: 2, cells: [cell(...one)] })
              const question = await call('POST', '/api/questions', {
                title: 'Lamps of the evening',
                notation: '16 V : R1=5 + (R2=12 || R3=4)',
                given: [cell('total', 'voltage'), ...given],
                tasks: [
                  calculate('R23', 'resistance'),
                  calculate('total', 'current'),
                  { kind: 'words', prompt: 'Why is R3 the hottest?', phrases: [{ says: ['most power'] }] },
                  calculate('R3', 'current'),
                  { kind: 'words', prompt: 'What does R1 limit?', phrases: [{ says: ['current'] }] },
                ],
              })
              const room = await call('POST', '/api/classes', { name: 'Evening class' })
              const learners = Array.from({ length: 30 }, (_, k) => ({ displayName: `E. Learner ${k + 1}`, username: `eve${k + 1}` }))
              const added = await call('POST', `/api/classes/${room.id}/learners/list`, { learners })
              const sheet = await call('POST', `/api/classes/${room.id}/assignments`, {
                questionIds: [question.id],
                dueAt: '2999-01-01T00:00:00Z',
              })
              const resistances = ['3', '3', '16', '0.333', '']
              const currents = ['2 A', '0.762 A', '2', '3.2 A']
              const branches = ['1.5 A', '1 A', '0.5 A', '']
              const why = ['most power', 'it is smallest', 'gets most current', 'no idea']
              const limits = ['current', 'the flow', 'the lamps', '']
              for (const [k, { learner }] of added.entries()) {
                const texts = [resistances[k % 5], currents[k % 4], why[k % 4], branches[k % 4], limits[k % 4]]
                const answers = texts.map((text, place) => ({ box: `1/1.${place + 1}`, text }))
                await call('PUT', `/api/assignments/${sheet.id}/keying/${learner.id}`, { answers, right: null })
              }
              return `/results/${room.id}/${sheet.id}`
            }
            """;

    @Test
    void aClassIsMarkedInUnderThreeMinutes() {
        Page page = visit.browser().signedIn("teacher", 1280, 800, ColorScheme.LIGHT);
        assertThat(page.getByText("Needs you")).isVisible();
        page.evaluate(CLASS);
        page.reload();
        assertThat(page.getByText("All sheets are in")).isVisible();
        long began = System.nanoTime();

        act(page.getByText("Lamps of the evening").first());
        act(page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Review")));
        // The first box that waits is there at once; its groups that wait come first.
        Locator next = page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Next that waits"));
        decide(page);
        while (next.count() > 0) {
            String before = page.getByLabel("Box").locator("option:checked").textContent();
            press(page, "w");
            assertThat(page.getByLabel("Box").locator("option:checked")).not().hasText(before);
            decide(page);
        }
        assertEquals(5, read, "wordings that wait");
        act(page.getByText("Box by box"));
        act(page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Hand back to learners")));
        act(page.getByRole(AriaRole.DIALOG)
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Hand back to learners")));
        assertThat(page.getByText("was handed back.")).isVisible();
        Locator again = page.locator("ol li");
        assertThat(again.first()).containsText("marks lost");
        read += again.count();

        double machine = (System.nanoTime() - began) / 1e9;
        double person = acts * ACT_S + read * READ_S;
        System.out.printf(
                "thirty sheets: %d acts, %d things read, %.0f s of a person and %.1f s of the machine%n",
                acts, read, person, machine);
        assertTrue(person + machine < THREE_MINUTES_S, acts + " acts, " + read + " read, " + machine + " s");
    }

    /** Reads each wording that waits in this box and gives it a mark, or none. */
    private void decide(Page page) {
        Locator groups = page.locator("[data-group]");
        assertThat(groups.first()).hasAttribute("aria-expanded", "true");
        for (int k = 0; groups.nth(k).textContent().contains("for the teacher"); k++) {
            if (k > 0) press(page, "ArrowDown");
            assertThat(groups.nth(k)).hasAttribute("aria-expanded", "true");
            read++;
            press(page, String.valueOf(k % 2));
            assertThat(groups.nth(k)).containsText(k % 2 + " of 1 by");
        }
    }

    private void act(Locator what) {
        acts++;
        what.click();
    }

    private void press(Page page, String key) {
        acts++;
        page.keyboard().press(key);
    }
}
