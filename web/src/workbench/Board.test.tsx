import { fireEvent, screen, waitFor } from '@testing-library/react'
import { useState } from 'react'
import { expect, test, vi } from 'vitest'
import type { Schemas } from '../api/client'
import { shown } from '../test/shown'
import { Board } from './Board'
import { useBenchView } from './useBenchView'

const area = (part: string) => ({ part, x: 0, y: 0, width: 10, height: 10 })
const scene = {
  width: 10,
  height: 10,
  lines: [],
  circles: [],
  texts: [],
  areas: ['source', 'S1', 'R1'].map(area),
}
const analysis = {
  notation: '9 V : S1=closed + R1=4',
  words: 'S1 in series with R1',
  scene,
  things: [
    { name: 'source', kind: '', setting: '9 V' },
    { name: 'S1', kind: 'switch', setting: 'closed' },
    { name: 'R1', kind: 'resistor', setting: '4' },
  ],
  wordList: [],
  rows: [
    { id: 'R1', kind: 'part', members: ['R1'] },
    { id: 'external', kind: 'group', members: ['S1', 'R1'] },
  ],
} as unknown as Schemas['AnalysisView']
const stages = [
  { kind: 'given', group: '', members: '', scene, words: '', reason: '' },
] as unknown as Schemas['StageView'][]

const acts = vi.fn()

function Bench() {
  const view = useBenchView()
  const [inHand, setInHand] = useState('')
  return (
    <Board
      circuit={null}
      view={view}
      analysis={analysis}
      stale={false}
      stages={stages}
      onSeen={() => undefined}
      staleStages={false}
      stage={0}
      direction="folding"
      onStage={() => undefined}
      inHand={inHand}
      onInHand={setInHand}
      onAct={acts}
      onNice={() => undefined}
      history={{ canUndo: false, canRedo: false, onUndo: () => undefined, onRedo: () => undefined }}
      empty={false}
      roomRef={() => undefined}
    />
  )
}

const pair = { kind: 'series', sentence: 'S1 and R1 are in series.', members: [] }

function board() {
  acts.mockReset()
  const { asked } = shown(<Bench />, ({ path }) => (path.endsWith('/pair') ? pair : []))
  return asked
}

const sheet = () => screen.getByRole('group', { name: /^The circuit/ })
const press = (...keys: string[]) => keys.forEach((key) => fireEvent.keyDown(sheet(), { key }))
const inHand = () => screen.queryByRole('toolbar')?.getAttribute('aria-label')

test('arrow keys take one thing after the other in hand, round and round, and Escape lets go', () => {
  board()
  press('ArrowRight')
  expect(inHand()).toBe('Change the source')
  press('ArrowLeft')
  expect(inHand()).toBe('Change R1')
  press('ArrowRight', 'ArrowRight')
  expect(inHand()).toBe('Change S1')
  press('Escape')
  expect(inHand()).toBeUndefined()
})

test('a letter is an act on what is in hand, unless a control key is held or a value typed', () => {
  board()
  press('ArrowLeft', 's', '2')
  fireEvent.keyDown(sheet(), { key: 's', ctrlKey: true })
  fireEvent.keyDown(screen.getByLabelText('Value of R1'), { key: 'p' })
  expect(acts.mock.calls).toEqual([
    [{ act: 'put', kind: 'resistor', place: 'after' }],
    [{ act: 'replace', kind: 'lamp' }],
  ])
})

test('e leads to the value, whole and marked', () => {
  board()
  press('ArrowLeft', 'e')
  const field = screen.getByLabelText<HTMLInputElement>('Value of R1')
  expect(document.activeElement).toBe(field)
  expect([field.value, field.selectionStart, field.selectionEnd]).toEqual(['4', 0, 1])
})

test('a click on a switch is a turn of it; on anything else it takes that in hand and lets it go', () => {
  board()
  fireEvent.click(screen.getByRole('button', { name: 'S1' }))
  expect(acts.mock.calls).toEqual([[{ act: 'toggle', name: 'S1' }]])
  fireEvent.click(screen.getByRole('button', { name: 'R1' }))
  expect(inHand()).toBe('Change R1')
  fireEvent.click(screen.getByRole('button', { name: 'R1' }))
  expect(inHand()).toBeUndefined()
})

test('while two are picked nothing is turned or changed, and the server says whether they fold', async () => {
  const asked = board()
  fireEvent.click(screen.getByRole('button', { name: 'Which two fold?' }))
  fireEvent.click(screen.getByRole('button', { name: 'S1' }))
  press('s')
  fireEvent.click(screen.getByRole('button', { name: 'R1' }))
  await waitFor(() => expect(screen.getByText(pair.sentence)).toBeTruthy())
  expect(acts.mock.calls).toEqual([])
  expect(asked.at(-1)?.body).toMatchObject({ notation: analysis.notation, one: 'S1', other: 'R1' })
})
