import { useKeeper } from '../keeping/useKeeper'
import type { BenchProps } from './Bench'
import { changed, type History } from './history'
import { keptMaking, type Making } from './making'
import type { useBenchView } from './useBenchView'

interface MakingInHand extends Omit<BenchProps, 'history'> {
  first: History<Making>
  view: ReturnType<typeof useBenchView>
}

/** What is on the bench: kept as it changes, and changed by a whole or by another line of text. */
export function useMaking({ person, first, draft, question, onBegun, view }: MakingInHand) {
  const { keeper, keeping } = useKeeper(() =>
    keptMaking(person, first, draft, question?.id, (id) => {
      onBegun?.(id)
      if (!question) view.set({ draft: String(id) })
    }),
  )
  const history = keeping.value
  const change = (next: (now: History<Making>) => History<Making>) => {
    const now = keeper.snapshot().value
    const after = next(now)
    if (after !== now) keeper.change(after)
  }
  const take = (taken: string, typedAt = 0) =>
    change((now) =>
      taken === now.now.notation
        ? now
        : changed(now, { ...now.now, notation: taken, style: view.style }, typedAt),
    )
  return { keeper, keeping, history, change, take }
}
