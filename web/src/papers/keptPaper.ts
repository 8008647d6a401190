import { body, client, type Schemas } from '../api/client'
import type { KeptThing } from '../keeping/kept'
import { saying } from '../keeping/saying'

export type PaperView = Schemas['PaperView']
export type Layout = Schemas['PaperLayout']

/** A paper as it is made: its questions by their ids, in order. */
export interface PaperMaking {
  title: string
  layout: Layout
  questions: number[]
}

export const makingOf = ({ title, layout, questions }: PaperView): PaperMaking => ({
  title,
  layout,
  questions: questions.map(({ id }) => id),
})

const same = (one: unknown, other: unknown) => saying(one) === saying(other)

/** Both changes, where each changed something else of title, layout and questions. */
function joined(base: PaperMaking, mine: PaperMaking, theirs: PaperMaking): PaperMaking | undefined {
  const both = { ...theirs }
  for (const part of ['title', 'layout', 'questions'] as const) {
    if (same(mine[part], base[part]) || same(mine[part], theirs[part])) continue
    if (!same(theirs[part], base[part])) return undefined
    Object.assign(both, { [part]: mine[part] })
  }
  return both
}

/** A paper as a thing to keep; what the server makes of it comes with each keeping. */
export function keptPaper(person: string, paper: PaperView): KeptThing<PaperMaking, PaperView> {
  return {
    person,
    thing: `paper ${paper.id}`,
    value: makingOf(paper),
    revision: paper.revision,
    keptAt: paper.updatedAt,
    send: async (value, revision) => {
      const kept = await body(
        client.PUT('/api/papers/{id}', {
          params: { path: { id: paper.id } },
          body: { revision, paper: value },
        }),
      )
      return { revision: kept.revision, keptAt: kept.updatedAt, said: kept }
    },
    theirs: (error) => {
      if (error.problem.reason !== 'changed-elsewhere') return undefined
      const there = error.problem.paper as PaperView
      return { value: makingOf(there), revision: there.revision, keptAt: there.updatedAt }
    },
    // The server keeps a title without what is blank around it.
    saying: (paper) => saying({ ...paper, title: paper.title.trim() }),
    join: joined,
    closes: (error) => error.problem.status === 404,
  }
}

/** Headings stay before the question they stand before, wherever it goes; one whose question goes, goes too. */
export function withQuestions(paper: PaperMaking, questions: number[]): PaperMaking {
  const sections = (paper.layout.sections ?? [])
    .map((section) => ({ ...section, before: questions.indexOf(paper.questions[section.before]!) }))
    .filter(({ before }) => before >= 0)
  return { ...paper, questions, layout: { ...paper.layout, sections } }
}

/** With a heading before the question at a place. */
export function withSection(paper: PaperMaking, place: number, title: string): PaperMaking {
  const sections = [...(paper.layout.sections ?? []), { before: place, title, text: null }]
  return { ...paper, layout: { ...paper.layout, sections } }
}
