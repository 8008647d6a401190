import { useLayoutEffect, useRef } from 'react'
import { body, client, ProblemError, type Schemas } from '../api/client'

/** What is done to what is named, else to what is in hand. */
export type Act = Omit<Schemas['Edit'], 'notation' | 'style'>

interface Composer {
  /** The circuit as it stands. */
  notation: string
  /** In whose decimal sign values are typed. */
  style?: string
  /** What is in hand: a part, a voltmeter, a point, or the source. */
  inHand: string
  onEdited: (edited: Schemas['Edited'], act: Act) => void
  onRefused: (sentence: string) => void
}

/** Sends acts to the server one after the other, each on what the one before led to. */
export function useComposer(composer: Composer) {
  const now = useRef(composer)
  const latest = useRef({ notation: composer.notation, inHand: composer.inHand })
  useLayoutEffect(() => {
    now.current = composer
  })
  const waiting = useRef(0)
  const queue = useRef<Promise<void>>(Promise.resolve())
  return (act: Act) => {
    if (waiting.current === 0) latest.current = now.current
    waiting.current += 1
    queue.current = queue.current
      .then(async () => {
        const before = latest.current
        const edited = await body(
          client.POST('/api/circuits/edits', {
            body: {
              ...act,
              notation: before.notation,
              name: act.name ?? before.inHand,
              style: now.current.style,
            },
          }),
        )
        latest.current = edited
        now.current.onEdited(edited, act)
      })
      .catch((error: unknown) => {
        now.current.onRefused(error instanceof ProblemError ? error.problem.detail : String(error))
      })
      .finally(() => {
        waiting.current -= 1
      })
  }
}
