import { useRef } from 'react'
import { body, client, ProblemError, type Schemas } from '../api/client'

/** What is done to what is named, else to what is in hand. */
export type Act = Omit<Schemas['Edit'], 'notation'>

interface Composer {
  /** The circuit as it stands. */
  notation: string
  /** What is in hand: a part, a voltmeter, a point, or the source. */
  inHand: string
  onEdited: (edited: Schemas['Edited']) => void
  onRefused: (sentence: string) => void
}

/** Sends acts to the server one after the other, each on what the one before led to. */
export function useComposer({ notation, inHand, onEdited, onRefused }: Composer) {
  const latest = useRef({ notation, inHand })
  const waiting = useRef(0)
  const queue = useRef<Promise<void>>(Promise.resolve())
  return (act: Act) => {
    if (waiting.current === 0) latest.current = { notation, inHand }
    waiting.current += 1
    queue.current = queue.current
      .then(async () => {
        const before = latest.current
        const edited = await body(
          client.POST('/api/circuits/edits', {
            body: { ...act, notation: before.notation, name: act.name ?? before.inHand },
          }),
        )
        latest.current = edited
        onEdited(edited)
      })
      .catch((error: unknown) => {
        onRefused(error instanceof ProblemError ? error.problem.detail : String(error))
      })
      .finally(() => {
        waiting.current -= 1
      })
  }
}
