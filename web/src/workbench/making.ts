import { body, client, type Schemas } from '../api/client'
import { deviceCopies } from '../keeping/deviceCopy'
import type { KeptThing } from '../keeping/kept'
import { saying } from '../keeping/saying'
import type { Asking } from './asking'
import { cellOf, keyOf } from './cells'
import type { History } from './history'

/** A question at one moment of its making. */
export interface Making {
  notation: string
  /** The style in whose decimal sign it was typed; the first where there is none. */
  style?: string
  /** What is told and asked; missing until something was decided. */
  asking?: Asking
}

type Body = Schemas['Body']
type Moment = Schemas['Making']

/** So much of a history is kept on the server: the newest of it. */
const MOST_MOMENTS = 200
const MOST_LETTERS = 90_000

const momentOf = ({ notation, style, asking }: Making): Moment => ({
  notation,
  style,
  asking: asking && {
    ...asking,
    given: [...asking.given].map(cellOf),
    known: [...asking.known],
    states: [...asking.states],
    tasks: [...asking.tasks],
  },
})

const makingOf = ({ notation, style, asking }: Moment): Making => ({
  notation,
  style: style ?? undefined,
  asking: asking ? { ...asking, given: new Set(asking.given.map(keyOf)) } : undefined,
})

/** A history as the server keeps it; of a very long one the oldest moments go first, then those taken back last. */
export function bodyOf(history: History<Making>): Body {
  const now = momentOf(history.now)
  let left = MOST_LETTERS - JSON.stringify(now).length
  let places = MOST_MOMENTS
  const near = (moments: readonly Making[]) => {
    const taken: Moment[] = []
    for (const one of moments) {
      const moment = momentOf(one)
      left -= JSON.stringify(moment).length
      places -= 1
      if (left < 0 || places < 0) break
      taken.push(moment)
    }
    return taken
  }
  const past = near([...history.past].reverse()).reverse()
  return { now, past, future: near(history.future) }
}

export const historyFrom = (body: Body): History<Making> => ({
  past: body.past.map(makingOf),
  now: makingOf(body.now),
  future: body.future.map(makingOf),
  typedAt: 0,
})

/** A kept question as it stands before anything of it is changed. */
export const makingOfBody = (kept: Schemas['QuestionBody']): Making => ({
  notation: kept.notation ?? '',
  asking: {
    given: new Set((kept.given ?? []).map(keyOf)),
    known: [],
    stem: kept.stem ?? '',
    states: kept.states ?? [],
    tasks: kept.tasks,
    drawing: kept.drawing,
    plan: kept.plan,
    names: kept.names,
    running: kept.running,
    tariff: kept.tariff,
    vary: kept.vary,
    conditions: kept.conditions,
  },
})

/** What both were: one of them now, the other taken back to by undoing. */
export const onTopOf = (under: History<Making>, now: Making, before: Making): History<Making> => ({
  past: [...under.past, before],
  now,
  future: [],
  typedAt: 0,
})

/** How it stands now, whatever led there: of a very long history less is kept. */
const sayingNow = (history: History<Making>) => saying(momentOf(history.now))

/** What a page calls what it begins: no secret, and made where the address is no secure one, too. */
const newName = () =>
  Array.from(crypto.getRandomValues(new Uint32Array(3)), (part) => part.toString(36)).join('-')

/** What the device has of a question in the making, with the name that it is begun as. */
type Packed = Body & { begunAs?: string }

const nameOnDevice = (person: string, thing: string) =>
  deviceCopies.read<Packed>(person, thing)?.value.begunAs

/** What a page began and did not hear of again goes on as the draft that it became. */
function adopt(person: string, { begunAs }: Schemas['DraftView'], thing: string) {
  if (!begunAs || deviceCopies.read(person, thing)) return
  const orphan = deviceCopies.things(person, 'making ').find((one) => nameOnDevice(person, one) === begunAs)
  if (orphan) deviceCopies.move(person, orphan, thing)
}

/**
 * A question in the making as a thing to keep. It becomes a draft on the server with the first change; until then it is
 * told by the question it changes, or by the circuit it begins with. It is begun once, whatever becomes of the answer.
 */
export function keptMaking(
  person: string,
  history: History<Making>,
  draft: Schemas['DraftView'] | undefined,
  questionId: number | undefined,
  onBegun: (id: number) => void,
): KeptThing<History<Making>, number> {
  let id = draft?.id
  const first = questionId === undefined ? `new ${history.now.notation}` : `question ${questionId}`
  const thing = () => `making ${id ?? first}`
  if (draft) adopt(person, draft, thing())
  const begunAs = draft?.begunAs ?? nameOnDevice(person, thing()) ?? newName()
  const begun = (there: Schemas['DraftView']) => {
    if (id !== undefined) return there
    const before = thing()
    id = there.id
    if (nameOnDevice(person, before) === begunAs) deviceCopies.move(person, before, thing())
    onBegun(id)
    return there
  }
  const send = (packed: Body, revision: number) =>
    id === undefined
      ? client.POST('/api/question-drafts', { body: { questionId, begunAs, body: packed } })
      : client.PUT('/api/question-drafts/{id}', {
          params: { path: { id } },
          body: { revision, body: packed },
        })
  return {
    person,
    get thing() {
      return thing()
    },
    value: history,
    revision: draft?.revision ?? 0,
    keptAt: draft?.keptAt ?? null,
    send: async (value, revision) => {
      const kept = begun(await body<Schemas['DraftView']>(send(bodyOf(value), revision)))
      return { revision: kept.revision, keptAt: kept.keptAt, said: kept.id }
    },
    theirs: (error) => {
      if (error.problem.reason !== 'changed-elsewhere') return undefined
      const there = begun(error.problem.draft as Schemas['DraftView'])
      return { value: historyFrom(there.body), revision: there.revision, keptAt: there.keptAt }
    },
    saying: sayingNow,
    join: (_, mine, other) => (sayingNow(mine) === sayingNow(other) ? other : undefined),
    closes: (error) => error.problem.status === 404,
    pack: (value): Packed => ({ ...bodyOf(value), begunAs }),
    unpack: (packed) => historyFrom(packed as Packed),
  }
}
