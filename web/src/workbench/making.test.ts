import { afterEach, beforeEach, expect, test, vi } from 'vitest'
import { ProblemError, type Schemas } from '../api/client'
import { Keeper } from '../keeping/keeper'
import { chance } from '../test/chance'
import { answer } from '../test/shown'
import { historyOf } from './history'
import { bodyOf, historyFrom, keptMaking, type Making } from './making'

const making = (stem: string): Making => ({
  notation: '12 V : R1=4',
  asking: {
    given: new Set(['R1 resistance']),
    known: ['R1'],
    stem,
    states: [],
    tasks: [{ kind: 'define', state: 0, term: 'resistance' } as Schemas['TaskBody']],
  },
})

/** As the server tells it: null where nothing was said, and its own order of keys. */
function told(body: Schemas['Body']) {
  const whole = (one: Schemas['Making']) => ({
    style: null,
    asking: one.asking && {
      plan: null,
      names: null,
      ...one.asking,
    },
    notation: one.notation,
  })
  const asked = whole(body.now)
  asked.asking!.tasks = body.now.asking!.tasks.map((task) => ({ id: null, marks: null, ...task }))
  return { ...body, now: asked }
}

test('what the server tells of one’s own is one’s own, and of somebody else’s is not', () => {
  const mine = historyOf(making('In the hut'))
  const kept = keptMaking('teacher', mine, undefined, undefined, () => undefined)
  const refused = new ProblemError({
    status: 409,
    detail: '',
    reason: 'changed-elsewhere',
    draft: { id: 3, revision: 2, keptAt: '2030-01-01T10:00:00Z', body: told(bodyOf(mine)) },
  })
  const theirs = kept.theirs(refused)!
  expect(kept.saying(theirs.value)).toBe(kept.saying(mine))
  expect(kept.join(mine, mine, theirs.value)).toEqual(theirs.value)
  expect(kept.saying(theirs.value)).not.toBe(kept.saying(historyOf(making('In the station'))))
  expect(kept.join(mine, historyOf(making('In the station')), theirs.value)).toBeUndefined()
})

/** The line that the next requests meet: cut before or behind the server, or what sends once more or gives up by itself. */
const FAULTS = ['none', 'unreachable', 'lost', 'given up', 'twice'] as const

/** A server's drafts of one teacher, on a line that fails as it is told. */
class Drafts {
  all: Schemas['DraftView'][] = []
  faults: (typeof FAULTS)[number][] = []

  readonly fetch = async (request: Request) => {
    const sent = (await request.json()) as { revision: number; begunAs: string; body: Schemas['Body'] }
    const fault = this.faults.shift() ?? 'none'
    if (fault === 'unreachable') throw new TypeError('no line')
    const answered = this.answer(request, sent)
    if (fault === 'lost') throw new TypeError('no answer')
    if (fault === 'given up') return answer(504, { status: 504, detail: 'Timed out.' })
    return fault === 'twice' ? this.answer(request, sent) : answered
  }

  private answer(request: Request, sent: { revision: number; begunAs: string; body: Schemas['Body'] }) {
    const { begunAs, body } = sent
    const begins = request.method === 'POST'
    const there = this.all.find((one) =>
      begins ? one.begunAs === begunAs : request.url.endsWith(`/${one.id}`),
    )
    if (there && (begins || there.revision !== sent.revision))
      return answer(409, { status: 409, detail: '', reason: 'changed-elsewhere', draft: { ...there } })
    const now = there ?? {
      id: this.all.length + 1,
      begunAs,
      revision: 0,
      keptAt: '2030-01-01T10:00:00Z',
      body,
    }
    if (!there) this.all.push(now)
    Object.assign(now, { revision: now.revision + 1, body: { ...body, now: told(body).now } })
    return answer(200, { ...now })
  }
}

let detach: () => void = () => undefined
beforeEach(() => void vi.useFakeTimers())
afterEach(() => {
  detach()
  vi.useRealTimers()
  vi.unstubAllGlobals()
})

test.each(Array.from({ length: 40 }, (_, seed) => seed + 1))(
  'whatever fails on the way, and however often it is left and opened, it is one draft as it was left (seed %i)',
  async (seed) => {
    const random = chance(seed)
    const server = new Drafts()
    vi.stubGlobal('fetch', server.fetch)
    let known = false
    const open = () => {
      const [there] = server.all
      // A page that was not told of its draft is opened again by its circuit, or by the list of drafts.
      const draft = known || random() < 0.5 ? there : undefined
      known = draft !== undefined
      const history = draft ? historyFrom(draft.body) : historyOf(making(''))
      const keeper = new Keeper(keptMaking('teacher', history, draft, undefined, () => (known = true)))
      detach = keeper.attach()
      return keeper
    }
    let keeper = open()
    for (let k = 1; k < 10; k++) {
      server.faults.push(FAULTS[Math.floor(random() * FAULTS.length)] ?? 'none')
      keeper.change(historyOf(making(`${k}`)))
      await vi.advanceTimersByTimeAsync(random() * 6_000)
      if (keeper.snapshot().state.is !== 'kept' && random() < 0.6) {
        detach()
        keeper = open()
        expect(keeper.snapshot().value.now.asking?.stem).toBe(`${k}`)
      }
    }
    server.faults = []
    await vi.advanceTimersByTimeAsync(30_000)
    expect(server.all.map((one) => one.body.now.asking?.stem)).toEqual(['9'])
    expect(keeper.snapshot().theirs).toBeUndefined()
    expect(localStorage).toHaveLength(0)
  },
)
