import type { ProblemError } from '../api/client'

/** How it stands with the keeping of one thing. */
export type KeepingState =
  | { is: 'kept' }
  | { is: 'keeping' }
  /** The server cannot be reached or cannot keep it now; it is tried again. */
  | { is: 'waiting'; reason: string }
  /** It was changed elsewhere in a way that somebody has to choose from. */
  | { is: 'conflict' }
  /** The server says no, in a sentence; the next change is tried again. */
  | { is: 'refused'; reason: string }
  /** Nothing more can ever be kept: sent, handed back, withdrawn. */
  | { is: 'closed'; reason: string }

/** What was kept from elsewhere. */
export interface Theirs<T> {
  value: T
  revision: number
  keptAt: string
}

export interface Keeping<T, R> {
  state: KeepingState
  value: T
  /** When the server kept it last. */
  keptAt: string | null
  /** What the server said of it last. */
  said: R | undefined
  /** What stands at the server instead, while there is a conflict. */
  theirs: Theirs<T> | undefined
  /** What the server had before either was changed. */
  base: T
  /** Counts the times when changes from elsewhere were taken in. */
  joined: number
}

export interface KeptThing<T, R> {
  /** Whose it is, and what it is called among theirs: another name than before, once the server has one for it. */
  person: string
  readonly thing: string
  value: T
  revision: number
  keptAt: string | null
  /** Keeps a value on top of a revision. A page that is left lets the request live on. */
  send: (
    value: T,
    revision: number,
    leaving: boolean,
  ) => Promise<{ revision: number; keptAt: string; said: R }>
  /** What stands at the server, from a refusal that tells it. */
  theirs: (error: ProblemError) => Theirs<T> | undefined
  /** What a value says, as text: one text for all that say the same. */
  saying: (value: T) => string
  /** Both changes together, where they are not about the same. */
  join: (base: T, mine: T, theirs: T) => T | undefined
  /** Whether nothing can be kept any more after this refusal. */
  closes: (error: ProblemError) => boolean
  /** As it stands on the device, where that is something else. */
  pack?: (value: T) => unknown
  unpack?: (packed: unknown) => T
}
