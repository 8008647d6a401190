import { cleanup, screen } from '@testing-library/react'
import { expect, test } from 'vitest'
import { shown } from '../test/shown'
import { FIRST_CIRCUIT } from './benchAddress'
import type { Making } from './making'
import { ownStyle } from './ownStyle'
import { useBenchView } from './useBenchView'
import { useStyleTypedIn } from './useStyleTypedIn'

function Bench({ making }: { making: Making }) {
  const view = useBenchView()
  useStyleTypedIn(view, making)
  return <output>{view.style ?? 'none'}</output>
}
const opened = (making: Making, at = '/workbench') => {
  shown(<Bench making={making} />, () => ({}), { at, pattern: '/workbench' })
  const style = screen.getByRole('status').textContent
  cleanup()
  return style
}

test('a fresh circuit opens in the style chosen last, any other in the one it was typed in', () => {
  expect(opened({ notation: FIRST_CIRCUIT })).toBe('none')
  ownStyle.set('valley')
  expect(opened({ notation: FIRST_CIRCUIT })).toBe('valley')
  expect(opened({ notation: '9 V : R1=1.250' })).toBe('none')
  expect(opened({ notation: '9 V : R1=4', style: 'forge' })).toBe('forge')
  expect(opened({ notation: FIRST_CIRCUIT }, '/workbench?style=spring')).toBe('spring')
})
