import { useEffect, useState, useSyncExternalStore } from 'react'
import { Keeper } from './keeper'
import type { KeptThing } from './kept'

/** A keeper for as long as a screen stands, and how it stands with it. */
export function useKeeper<T, R>(thing: () => KeptThing<T, R>) {
  const [keeper] = useState(() => new Keeper(thing()))
  const keeping = useSyncExternalStore(keeper.subscribe, keeper.snapshot)
  useEffect(() => keeper.attach(), [keeper])
  return { keeper, keeping }
}
