import { KINDS } from './partKinds'
import type { Act } from './useComposer'

/** What a key does to the thing in hand; nothing where it has no meaning. */
export function actOf(key: string): Act | undefined {
  const kind = KINDS[Number(key) - 1]
  if (kind) return { act: 'replace', kind }
  switch (key) {
    case 's':
      return { act: 'put', kind: 'resistor', place: 'after' }
    case 'S':
      return { act: 'put', kind: 'resistor', place: 'before' }
    case 'p':
      return { act: 'put', kind: 'resistor', place: 'beside' }
    case 'P':
      return { act: 'put', kind: 'resistor', place: 'beside-group' }
    case 'v':
      return { act: 'voltmeter' }
    case 'o':
      return { act: 'point', place: 'after' }
    case 'O':
      return { act: 'point', place: 'before' }
    case 't':
      return { act: 'toggle' }
    case 'Delete':
    case 'Backspace':
      return { act: 'remove' }
    default:
      return undefined
  }
}
