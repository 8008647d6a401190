import type { Schemas } from '../api/client'

/** What can become of an answer, as the results by box count it. */
export const COLUMNS = [
  'right',
  'follows',
  'partly',
  'undecided',
  'slipped',
  'wrong',
  'blank',
  'unreadable',
] as const

export type Column = (typeof COLUMNS)[number]

const ONLY_WHERE_ONE_IS: Column[] = ['partly', 'undecided', 'slipped']

/** Those that some box needs. */
export const columnsOf = (boxes: Schemas['BoxResults'][]): Column[] =>
  COLUMNS.filter((word) => !ONLY_WHERE_ONE_IS.includes(word) || boxes.some((box) => box[word] > 0))

/** How many sheets have a box. */
export const sheetsOf = (box: Schemas['BoxResults']) => COLUMNS.reduce((sum, word) => sum + box[word], 0)
