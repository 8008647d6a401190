import { fireEvent, render, screen } from '@testing-library/react'
import { expect, test, vi } from 'vitest'
import type { Schemas } from '../api/client'
import { Drawing } from './Drawing'
import { FindingRow } from './FindingRow'

const scene: Schemas['SceneView'] = {
  width: 200,
  height: 100,
  lines: [{ points: '0,0 50,0', closed: true, role: 'symbol', part: 'R12' }],
  circles: [],
  texts: [{ x: 5, y: 5, anchor: 'middle', size: 16, text: 'R12', role: 'label', part: 'R12' }],
  areas: [{ part: 'R12', x: 0, y: 0, width: 50, height: 20 }],
}

test('a drawing is named in words, and its parts are reached and chosen by key', () => {
  const onSelect = vi.fn()
  render(<Drawing scene={scene} words="R12 alone" selected={new Set(['R12'])} onSelect={onSelect} />)
  expect(screen.getByRole('group', { name: 'R12 alone' })).toBeTruthy()
  const part = screen.getByRole('button', { name: 'R12' })
  expect(part.getAttribute('aria-pressed')).toBe('true')
  fireEvent.keyDown(part, { key: ' ' })
  fireEvent.keyDown(part, { key: 'x' })
  expect(onSelect.mock.calls).toEqual([['R12']])
  expect(document.querySelector('text')?.textContent).toBe('R12')
  expect(document.querySelectorAll('tspan')[1]?.textContent).toBe('12')
})

test('a drawing that is only looked at is a picture', () => {
  render(<Drawing scene={scene} words="R12 alone" />)
  expect(screen.getByRole('img', { name: 'R12 alone' })).toBeTruthy()
  expect(screen.queryByRole('button')).toBeNull()
})

const finding = (kind: string, origin = false) =>
  ({
    box: '1/1.1',
    finding: kind,
    shown: '2 A',
    points: kind === 'right' ? 1 : 0,
    of: 1,
    origin,
    sentence: 'Why it is so.',
    chain: [] as object[],
  }) as Schemas['BoxFindingView']
const box = { id: '1/1.1', symbol: '', name: 'current of R1', text: '2' } as Schemas['BoxView']

test('a right answer has no sign and no sentence; all others say in words what they are', () => {
  render(
    <ul>
      <FindingRow finding={finding('right')} box={box} />
      <FindingRow finding={finding('wrong', true)} box={box} />
      <FindingRow finding={finding('follow-through')} box={box} />
    </ul>,
  )
  const [right, wrong, followed] = screen.getAllByRole('listitem')
  expect(right?.textContent).toBe('current of R12 Aright')
  expect(wrong?.textContent).toBe('current of R12 A✗wrong, an error starts hereWhy it is so.')
  expect(followed?.textContent).toBe('current of R12 A↳followsWhy it is so.')
})
