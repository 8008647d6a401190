import { body, client, type ProblemError, type Schemas } from '../api/client'
import { deviceCopies } from '../keeping/deviceCopy'
import type { KeptThing } from '../keeping/kept'
import { saying } from '../keeping/saying'
import { placesOf } from './places'

type Sheet = Schemas['SheetView']

/** What stands in the boxes of a sheet, by their ids. */
export type Texts = Record<string, string>

const PREFIX = 'sheet '

/** What a sheet is called on the device: each attempt has its own copy. */
const thingOf = ({ id, attempt }: Pick<Sheet, 'id' | 'attempt'>) =>
  PREFIX + (attempt > 1 ? `${id} ${attempt}` : id)

const FINAL = ['sent', 'released']

export const textsOf = (sheet: Pick<Sheet, 'questions'>): Texts =>
  Object.fromEntries(placesOf(sheet).map(({ box }) => [box.id, box.text]))

export const answersOf = (texts: Texts) => Object.entries(texts).map(([box, text]) => ({ box, text }))

const draftOf = (id: number, texts: Texts, revision: number, leaving = false) =>
  body(
    client.PUT('/api/my/work/{id}/draft', {
      params: { path: { id } },
      body: { revision, answers: answersOf(texts) },
      keepalive: leaving,
    }),
  )

/** What stands at the server, from a refusal because it was changed elsewhere; boxes it does not name are empty. */
function theirs(error: ProblemError, boxes: Iterable<string>) {
  const { reason, revision, keptAt, answers } = error.problem
  if (reason !== 'changed-elsewhere') return undefined
  const texts = Object.fromEntries([...boxes].map((key) => [key, '']))
  for (const one of answers as Schemas['Answer'][]) texts[one.box] = one.text
  return { value: texts, revision: revision as number, keptAt: keptAt as string }
}

/** The boxes that both have changed, each otherwise. */
export const disputed = (base: Texts, mine: Texts, other: Texts) =>
  Object.keys(mine).filter(
    (key) => mine[key] !== other[key] && mine[key] !== base[key] && other[key] !== base[key],
  )

/** Box by box what was changed, here or there; where both have changed one, what was chosen: there or else here. */
export const chosen = (base: Texts, mine: Texts, other: Texts, there: ReadonlySet<string>): Texts =>
  Object.fromEntries(
    Object.keys(mine).map((key) => [
      key,
      (there.has(key) || mine[key] === base[key] ? other[key] : mine[key]) ?? '',
    ]),
  )

/** Both together; undefined where there is something to choose. */
const joined = (base: Texts, mine: Texts, other: Texts) =>
  disputed(base, mine, other).length > 0 ? undefined : chosen(base, mine, other, new Set())

/** A copy of a sheet as the device has it; one of an earlier version knows its cells by "R1 current". */
export const textsOnDevice = (sheet: Pick<Sheet, 'questions'>, copy: Texts): Texts =>
  Object.fromEntries(
    placesOf(sheet).map(({ box }) => {
      const [quantity, subject] = box.name.split(' of ')
      return [box.id, copy[box.id] ?? copy[`${subject} ${quantity}`] ?? box.text]
    }),
  )

/** A learner's sheet as a thing to keep. */
export function keptSheet(sheet: Sheet, person: string): KeptThing<Texts, Schemas['ReadingView'][]> {
  const boxes = placesOf(sheet).map(({ box }) => box.id)
  return {
    person,
    thing: thingOf(sheet),
    value: textsOf(sheet),
    revision: sheet.revision,
    keptAt: sheet.keptAt ?? null,
    send: async (texts, revision, leaving) => {
      const kept = await draftOf(sheet.id, texts, revision, leaving)
      return { revision: kept.revision, keptAt: kept.keptAt, said: kept.readings }
    },
    theirs: (error) => theirs(error, boxes),
    saying,
    join: joined,
    unpack: (packed) => textsOnDevice(sheet, packed as Texts),
    closes: (error) => FINAL.includes(String(error.problem.reason)) || error.problem.status === 404,
  }
}

/** What a person typed on this device into a sheet and the server does not have. */
export const onDeviceOnly = (person: string, sheet: Pick<Sheet, 'id' | 'attempt'>) =>
  deviceCopies.read<Texts>(person, thingOf(sheet))

export const forgetOnDevice = (person: string, sheet: Pick<Sheet, 'id' | 'attempt'>) =>
  deviceCopies.remove(person, thingOf(sheet))

/** Sends what of a person's sheets stands on this device only; the sheets of which it still does. */
export async function sendFromDevice(person: string): Promise<number[]> {
  const left: number[] = []
  for (const thing of deviceCopies.things(person, PREFIX)) {
    const [id = 0, attempt = 1] = thing.slice(PREFIX.length).split(' ').map(Number)
    const copy = onDeviceOnly(person, { id, attempt })
    if (!copy) continue
    try {
      await draftOf(id, copy.value, copy.revision)
      forgetOnDevice(person, { id, attempt })
    } catch {
      // It waits on the device until the sheet is opened, where there is a way to choose or to be told.
      left.push(id)
    }
  }
  return left
}
