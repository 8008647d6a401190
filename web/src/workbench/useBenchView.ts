import { useLayoutEffect, useRef } from 'react'
import { useSearchParams } from 'react-router'
import type { Schemas } from '../api/client'

export const ARRANGEMENTS = ['loop', 'line', 'disguised'] as const
export const MARKS = ['arrows', 'polarity', 'names'] as const
type Mark = (typeof MARKS)[number]

/** How the workbench is looked at, kept in the address so that it can be shared and come back to. */
export function useBenchView() {
  const [search, setSearch] = useSearchParams()
  const arrangement = ARRANGEMENTS.find((one) => one === search.get('drawn')) ?? 'loop'
  const marks = (search.get('marks') ?? 'names').split(' ')
  const degree = Number(search.get('degree') ?? 2)
  const seed = Number(search.get('seed') ?? 1)
  const has = (mark: Mark) => marks.includes(mark)
  const plan: Schemas['PlanView'] = {
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
