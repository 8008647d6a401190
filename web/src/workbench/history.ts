/** A text with what it was before and what was taken back. */
export interface History {
  past: readonly string[]
  now: string
  future: readonly string[]
  /** When a letter was last typed into it; 0 where the last change was no typing. */
  typedAt: number
}

/** Letters typed with no longer pause between them are taken back together. */
const PAUSE_MS = 1000

export const historyOf = (text: string): History => ({ past: [], now: text, future: [], typedAt: 0 })

/** The text after a change; typing without a pause counts as one change. */
export function changed(history: History, text: string, typedAt = 0): History {
  if (text === history.now) return history
  const goesOn = typedAt > 0 && history.typedAt > 0 && typedAt - history.typedAt < PAUSE_MS
  const past = goesOn ? history.past : [...history.past, history.now]
  return { past, now: text, future: [], typedAt }
}

export function undone(history: History): History {
  const before = history.past.at(-1)
  if (before === undefined) return history
  return {
    past: history.past.slice(0, -1),
    now: before,
    future: [history.now, ...history.future],
    typedAt: 0,
  }
}

export function redone(history: History): History {
  const [after, ...future] = history.future
  if (after === undefined) return history
  return { past: [...history.past, history.now], now: after, future, typedAt: 0 }
}
