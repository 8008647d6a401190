package didaxis.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.extension.RegisterExtension;

/** Thirty sheets with eight boxes each are gone through by keyboard: marks given to all who wrote the same, and back. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class ReviewJourney {
    private static final int BOXES = 8;

    /** A class of thirty whose answers are keyed in: every fifth adds 1 to what is right, every seventh leaves it empty. */
    private static final String CLASS_OF_THIRTY = """
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
              const asked = [
                ['R23', 'resistance'], ['total', 'resistance'], ['total', 'current'], ['R1', 'voltage'],
                ['R2', 'voltage'], ['R2', 'current'], ['R3', 'current'], ['R3', 'power'],
              ]
              const question = await call('POST', '/api/questions', {
                title: 'Dryer of the hut',
                notation: '16 V : R1=5 + (R2=12 || R3=4)',
                given: [cell('total', 'voltage'), ...given],
                tasks: asked.map((one) => ({ kind: 'calculate', marks: 1, cells: [cell(...one)] })),
              })
              const room = await call('POST', '/api/classes', { name: 'Night school' })
              const learners = Array.from({ length: 30 }, (_, k) => ({
                displayName: `N. Learner ${String(k + 1).padStart(2, '0')}`,
                username: `night${k + 1}`,
              }))
              const added = await call('POST', `/api/classes/${room.id}/learners/list`, { learners })
              const sheet = await call('POST', `/api/classes/${room.id}/assignments`, {
                questionIds: [question.id],
                dueAt: '2999-01-01T00:00:00Z',
              })
              const review = `/api/assignments/${sheet.id}/review`
              const { boxes } = await call('GET', review)
              const right = {}
              for (const { box } of boxes)
                right[box] = parseFloat((await call('GET', `${review}?box=${encodeURIComponent(box)}`)).expected)
              const answers = (k) =>
                boxes.map(({ box }, place) => ({
                  box,
                  text: (k + place) % 7 === 0 ? '' : String(right[box] + ((k + place) % 5 === 0 ? 1 : 0)),
                }))
              for (const [k, { learner }] of added.entries())
                await call('PUT', `/api/assignments/${sheet.id}/keying/${learner.id}`, { answers: answers(k), right: null })
              return [room.id, sheet.id, boxes.length]
            }
            """;

    @RegisterExtension
    final Visit visit = new Visit();

    @Test
    void aClassIsReviewedByKeysAndEveryActIsTakenBack() {
        Page page = visit.browser().signedIn("teacher", 1280, 800, ColorScheme.LIGHT);
        assertThat(page.getByText("Needs you")).isVisible();
        List<?> made = (List<?>) page.evaluate(CLASS_OF_THIRTY);
        assertEquals(BOXES, ((Number) made.get(2)).intValue());
        page.navigate(visit.address("/results/" + made.get(0) + "/" + made.get(1)));
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Review"))
                .click();
        for (int box = 0; box < BOXES; box++) {
            Locator first = row(page, 0);
            assertThat(first).hasAttribute("aria-expanded", "true");
            assertThat(first).containsText("0 of 1");
            page.keyboard().press("1");
            assertThat(first).containsText("1 of 1 by");
            if (box == 0) {
                assertThat(first).containsText("5 learners");
                visit.browser().inspect(page, "review");
            }
            page.keyboard().press("u");
            assertThat(first).containsText("0 of 1");
            assertThat(first).not().containsText("by");
            if (box < BOXES - 1) {
                String name = page.locator("select option:checked").textContent();
                page.keyboard().press("n");
                assertThat(page.locator("select option:checked")).not().hasText(name);
            }
        }
        page.keyboard().press("ArrowDown");
        assertThat(row(page, 1)).hasAttribute("aria-expanded", "true");
        page.keyboard().press("ArrowUp");
        page.keyboard().press("1");
        assertThat(row(page, 0)).containsText("1 of 1 by");
        page.keyboard().press("r");
        page.keyboard().type("the wording was not clear");
        page.keyboard().press("Enter");
        Locator names = page.locator("li")
                .filter(new Locator.FilterOptions().setHas(row(page, 0)))
                .getByRole(AriaRole.LINK);
        int wrote = names.count();
        assertThat(row(page, 0)).containsText(wrote + (wrote == 1 ? " learner" : " learners"));
        names.first().click();
        assertThat(page.getByText("gave 1 of 1 marks: the wording was not clear"))
                .isVisible();
    }

    private static Locator row(Page page, int place) {
        return page.locator("[data-group]").nth(place);
    }
}
