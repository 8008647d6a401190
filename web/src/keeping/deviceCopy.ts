/** Something that has not reached the server yet, as it stands on this device: what it was made from goes with it. */
export interface DeviceCopy<T = unknown> {
  value: T
  /** What the server had when it was begun, and the revision of that. */
  base: T
  revision: number
  /** What was said to the server since, and may have arrived. */
  sent?: string[]
}

/** Whose it is comes first: nobody but them is shown it. */
const keyOf = (person: string, thing: string) => `didaxis ${person.toLowerCase()} ${thing}`

/** The copies of one person on this device, each under the name of its thing. A device that keeps nothing is no error. */
export const deviceCopies = {
  read<T = unknown>(person: string, thing: string): DeviceCopy<T> | undefined {
    try {
      const text = localStorage.getItem(keyOf(person, thing))
      return text ? (JSON.parse(text) as DeviceCopy<T>) : undefined
    } catch {
      return undefined
    }
  },

  write<T>(person: string, thing: string, copy: DeviceCopy<T>) {
    try {
      localStorage.setItem(keyOf(person, thing), JSON.stringify(copy))
    } catch {
      // Full or forbidden: what is typed then stands on the page only, and leaving it asks.
    }
  },

  remove(person: string, thing: string) {
    try {
      localStorage.removeItem(keyOf(person, thing))
    } catch {
      // Then it was never kept.
    }
  },

  /** A thing that has another name now keeps its copy, if it has one. */
  move(person: string, from: string, to: string) {
    try {
      const text = localStorage.getItem(keyOf(person, from))
      if (text === null) return
      localStorage.setItem(keyOf(person, to), text)
      localStorage.removeItem(keyOf(person, from))
    } catch {
      // It stands where it stood.
    }
  },

  /** The things of a person that have a copy here and whose names begin so. */
  things(person: string, prefix: string): string[] {
    try {
      const start = keyOf(person, prefix)
      return Object.keys(localStorage)
        .filter((key) => key.startsWith(start))
        .map((key) => key.slice(keyOf(person, '').length))
    } catch {
      return []
    }
  },
}
