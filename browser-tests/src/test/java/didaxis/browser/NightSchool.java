package didaxis.browser;

import com.microsoft.playwright.Page;
import java.util.List;

/**
 * A class whose answers to eight boxes are keyed in: every fifth adds 1 to what is right, every seventh leaves it empty.
 *
 * @param classroom its id
 * @param assignment the id of what it answered
 */
record NightSchool(int classroom, int assignment) {
    static final int BOXES = 8;

    private static final String MADE = """
            async (count) => {
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
              const learners = Array.from({ length: count }, (_, k) => ({
                displayName: `N. Learner ${String(k + 1).padStart(3, '0')}`,
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
              return [room.id, sheet.id]
            }
            """;

    /** Made with the session of a teacher. */
    static NightSchool of(Page teacher, int learners) {
        List<?> ids = (List<?>) teacher.evaluate(MADE, learners);
        return new NightSchool(((Number) ids.get(0)).intValue(), ((Number) ids.get(1)).intValue());
    }

    /** Where its results are. */
    String address() {
        return "/results/" + classroom + "/" + assignment;
    }
}
