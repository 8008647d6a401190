/** Something with what it was before and what was taken back. */
export interface History<T> {
  past: readonly T[]
  now: T
  future: readonly T[]
  /** When a letter was last typed into it; 0 where the last change was no typing. */
  typedAt: number
}

/** Letters typed with no longer pause between them are taken back together. */
const PAUSE_MS = 1000

export const historyOf = <T>(now: T): History<T> => ({ past: [], now, future: [], typedAt: 0 })

/** The history after a change; typing without a pause counts as one change. */
export function changed<T>(history: History<T>, now: T, typedAt = 0): History<T> {
  const goesOn = typedAt > 0 && history.typedAt > 0 && typedAt - history.typedAt < PAUSE_MS
  const past = goesOn ? history.past : [...history.past, history.now]
  return { past, now, future: [], typedAt }
}

export function undone<T>(history: History<T>): History<T> {
  const before = history.past.at(-1)
  if (before === undefined) return history
  return {
    past: history.past.slice(0, -1),
    now: before,
    future: [history.now, ...history.future],
    typedAt: 0,
  }
}

export function redone<T>(history: History<T>): History<T> {
  const [after, ...future] = history.future
  if (after === undefined) return history
  return { past: [...history.past, history.now], now: after, future, typedAt: 0 }
}
