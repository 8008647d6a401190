package didaxis.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ColorScheme;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.extension.RegisterExtension;

/**
 * From a learner's draft to marks that were handed back the server is killed over every act, at any moment. What was
 * answered is there afterwards, what was not is there whole or not at all, and nothing is there twice.
 */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class KillsJourney {
    /** Two for each run; the whole of it with -Dkills=50. */
    private static final int KILLS = Integer.getInteger("kills", 2);

    private static final int LATEST_MS = 60;

    @RegisterExtension
    final Visit visit = new Visit();

    /** Asks the server, and tells what it answered; nothing where it was not there any more. */
    private static final String CALL = """
            window.call = async (method, path, body) => {
              const token = decodeURIComponent(document.cookie.match(/XSRF-TOKEN=([^;]+)/)[1])
              const headers = { 'Content-Type': 'application/json', 'X-XSRF-TOKEN': token }
              try {
                const answer = await fetch(path, { method, headers, body: body && JSON.stringify(body) })
                const text = await answer.text()
                return answer.ok ? JSON.parse(text || 'null') : { status: answer.status, text }
              } catch { return undefined }
            }
            """;

    /** A question with a calculation and one in words, handed to the class of the demo. */
    private static final String HAND_OUT = """
            async () => {
              const cell = (subject, quantity) => ({ subject, quantity })
              const question = await call('POST', '/api/questions', {
                title: 'Radio and lamp',
                notation: '12 V : R1=4 + R2=2',
                given: [cell('total', 'voltage'), cell('R1', 'resistance'), cell('R2', 'resistance')],
                tasks: [
                  { kind: 'calculate', marks: 3, cells: [cell('total', 'current')] },
                  { kind: 'words', prompt: 'Why?', phrases: [{ says: ['same current'] }] },
                ],
              })
              const dueAt = '2999-01-01T00:00:00Z'
              const sheet = await call('POST', '/api/classes/1/assignments', { questionIds: [question.id], dueAt, again: true })
              return sheet.id
            }
            """;

    /**
     * Something that is done, and how often it is seen to have been.
     *
     * @param of whose page does it
     */
    private record Act(String name, Page of, String done, String seen) {}

    private static List<Act> acts(Page teacher, Page learner, int id) {
        String work = "`/api/my/work/" + id;
        String own = "`/api/assignments/" + id;
        String answers = "[{ box: '1/1.1', text: '1.5 A' }, { box: '1/1.2', text: 'series' }]";
        String givenTo = "(await call('GET', " + own + "/review?box=1/1.1&attempt=1`)).groups";
        String sent = "(await call('GET', " + work + "`)).state === 'sent'";
        return List.of(
                new Act(
                        "draft",
                        learner,
                        "call('PUT', " + work + "/draft`, { revision: 0, answers: " + answers + " })",
                        "(await call('GET', " + work + "`)).questions[0].tasks[0].boxes[0].text === '1.5 A' ? 1 : 0"),
                new Act(
                        "sheet",
                        learner,
                        "call('POST', " + work + "/submission`, { answers: " + answers + " })",
                        "(await call('GET', " + work + "`)).attempt > 1 || " + sent + " ? 1 : 0"),
                new Act(
                        "points",
                        teacher,
                        "call('POST', " + own
                                + "/overrides`, { box: '1/1.1', attempt: 1, points: 2, reason: 'nearly', revision: "
                                + "(await call('GET', " + own + "/review?box=1/1.1`)).revision, learners: "
                                + givenTo + "[0].learners.map((one) => one.id) })",
                        givenTo + ".filter((one) => one.given?.reason === 'nearly' && one.points === 2).length"),
                new Act(
                        "wording",
                        teacher,
                        "call('POST', " + own + "/wordings`, { box: '1/1.2', text: 'series', points: 1 })",
                        "(await call('GET', " + own
                                + "/review?box=1/1.2`)).groups.filter((one) => one.own === 1).length"),
                new Act(
                        "correction",
                        teacher,
                        "call('POST', " + own
                                + "/corrections`, { correction: { kind: 'accept', boxes: ['1/1.1'], text: "
                                + "'1.4 to 1.6 A' }, reason: 'the meter', revision: 0 })",
                        "(await call('GET', " + own + "/corrections`)).history.length"),
                new Act(
                        "another attempt",
                        teacher,
                        "call('POST', " + own + "/attempts`, { learners: (await call('GET', " + own
                                + "/attempts`)).learners.map((one) => one.learner.id), dueAt: '2999-01-01T00:00:00Z', "
                                + "shown: true, otherValues: false, counts: 'best' })",
                        "(await call('GET', " + own + "/attempts`)).learners[0].number - 1"),
                new Act(
                        "second sheet",
                        learner,
                        "call('POST', " + work + "/submission`, { answers: " + answers + ", attempt: 2 })",
                        "(await call('GET', " + work + "`)).attempt === 2 && " + sent + " ? 1 : 0"),
                new Act(
                        "release",
                        teacher,
                        "call('POST', " + own + "/release`, { collect: true })",
                        "(await call('GET', " + own + "`)).assignment.released ? 1 : 0"));
    }

    @Test
    void nothingIsLostAndNothingIsThereTwice() throws Exception {
        Page teacher = signedIn("teacher");
        Page learner = signedIn("learner1");
        Random random = new Random(7);
        int kills = 0;
        for (int round = 0; kills < KILLS; round++) {
            int id = ((Number) teacher.evaluate(HAND_OUT)).intValue();
            List<Act> done = new ArrayList<>();
            for (Act act : acts(teacher, learner, id)) {
                // In a short run others are killed over than are not; in the long one all are.
                boolean killed = kills < KILLS && (KILLS > 10 || act.name().matches("sheet|correction"));
                if (killed) {
                    kills++;
                    over(act, random);
                } else act.of().evaluate("async () => " + act.done());
                done.add(act);
                for (Act before : done) assertEquals(1, seen(before), before.name() + " after " + act.name());
            }
            String marks = "async () => (await call('GET', '/api/my/work/" + id + "/feedback?attempt=";
            assertEquals(3, learner.evaluate(marks + "1')).marks"), "2 of 3 as given, and 1 for the wording");
            assertEquals(4, learner.evaluate(marks + "2')).marks"), "3 as accepted, and 1 for the wording");
        }
    }

    /** Kills the server over an act; where it was not done then, it is done again. */
    private void over(Act act, Random random) throws Exception {
        boolean answered = random.nextInt(3) == 0;
        act.of().evaluate("async () => { window.answer = " + act.done() + " }");
        if (answered) act.of().evaluate("async () => await window.answer");
        else Thread.sleep(random.nextInt(LATEST_MS));
        visit.application().kill();
        boolean told = (Boolean) act.of()
                .evaluate(
                        "async () => { const said = await window.answer; return said !== undefined && !said?.status }");
        visit.application().start();
        int seen = seen(act);
        assertTrue(seen == 1 || seen == 0 && !told, () -> act.name() + " seen " + seen + ", answered " + told);
        if (seen == 0) act.of().evaluate("async () => " + act.done());
    }

    private static int seen(Act act) {
        return ((Number) act.of().evaluate("async () => " + act.seen())).intValue();
    }

    private Page signedIn(String username) {
        Page page = visit.browser().signedIn(username, 1280, 800, ColorScheme.LIGHT);
        assertThat(page.getByText(username.equals("teacher") ? "Needs you" : "Boot dryer")
                        .first())
                .isVisible();
        page.evaluate(CALL);
        return page;
    }
}
