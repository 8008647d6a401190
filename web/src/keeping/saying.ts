/** Keys in one order, and nothing for what is null: the server says null where nothing was said. */
const plain = (_: string, value: unknown): unknown => {
  if (value === null) return undefined
  if (typeof value !== 'object' || Array.isArray(value)) return value
  return Object.fromEntries(Object.entries(value as object).sort(([one], [other]) => (one < other ? -1 : 1)))
}

/** What a value says, as text: one text for all that say the same, wherever each has been. */
export const saying = (value: unknown): string => JSON.stringify(value, plain) ?? ''
