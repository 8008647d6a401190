import { useLayoutEffect, useRef } from 'react'
import { useSearchParams } from 'react-router'
import type { Schemas } from '../api/client'

export const ARRANGEMENTS = ['loop', 'line', 'disguised'] as const
export const MARKS = ['arrows', 'polarity', 'names'] as const
type Mark = (typeof MARKS)[number]

type Plan = Schemas['PlanView']

const marksOf = (plan?: Plan | null) =>
  [plan?.arrows && 'arrows', plan?.polarity && 'polarity', plan?.junctionNames !== false && 'names']
    .filter(Boolean)
    .join(' ')

/** What a drawing has that the usual one has not: a plain loop with its junctions named; undefined where it is that. */
export const ownPlan = ({ arrangement, degree, seed, arrows, polarity, junctionNames }: Plan) => {
  const own: Plan = {
    ...(arrangement === 'line' && { arrangement }),
    ...(arrangement === 'disguised' && { arrangement, degree, seed }),
    ...(arrows && { arrows }),
    ...(polarity && { polarity }),
    ...(junctionNames === false && { junctionNames }),
  }
  return Object.keys(own).length > 0 ? own : undefined
}

/**
 * How the workbench is looked at, kept in the address so that it can be shared and come back to.
 *
 * @param first how a question is drawn, as long as nothing else is said
 */
export function useBenchView(first?: Plan | null) {
  const [search, setSearch] = useSearchParams()
  const drawn = search.get('drawn') ?? first?.arrangement
  const arrangement = ARRANGEMENTS.find((one) => one === drawn) ?? 'loop'
  const marks = (search.get('marks') ?? marksOf(first)).split(' ')
  const degree = Number(search.get('degree') ?? first?.degree ?? 2)
  const seed = Number(search.get('seed') ?? first?.seed ?? 1)
  const has = (mark: Mark) => marks.includes(mark)
  const plan: Plan = {
    arrangement,
    degree: [1, 2, 3].includes(degree) ? degree : 2,
    seed: Number.isSafeInteger(seed) ? seed : 1,
    arrows: has('arrows'),
    polarity: has('polarity'),
    junctionNames: has('names'),
  }
  // Several may change it before it is rendered anew, and from what began long before: each builds on the last.
  const latest = useRef(search)
  useLayoutEffect(() => {
    latest.current = search
  }, [search])
  const set = (changes: Record<string, string>) => {
    latest.current = new URLSearchParams({ ...Object.fromEntries(latest.current), ...changes })
    setSearch(latest.current, { replace: true })
  }
  return {
    search,
    set,
    view: search.get('view') ?? 'chart',
    style: search.get('style') ?? undefined,
    plan,
    has,
    toggle: (mark: Mark) =>
      set({ marks: (has(mark) ? marks.filter((one) => one !== mark) : [...marks, mark]).join(' ') }),
  }
}

export type BenchView = ReturnType<typeof useBenchView>
