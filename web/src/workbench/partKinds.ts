import type { Schemas } from '../api/client'

export type PartKind = NonNullable<Schemas['Edit']['kind']>

/** The kinds of part in the order of their keys, 1 to 8; the compiler misses one that the server has more. */
const PLACES: Record<PartKind, number> = {
  resistor: 1,
  lamp: 2,
  heater: 3,
  'variable-resistor': 4,
  switch: 5,
  ammeter: 6,
  fuse: 7,
  link: 8,
}
export const KINDS = (Object.keys(PLACES) as PartKind[]).sort((one, other) => PLACES[one] - PLACES[other])
