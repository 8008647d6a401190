import { fireEvent, screen, within } from '@testing-library/react'
import { useState } from 'react'
import { expect, test, vi } from 'vitest'
import type { Schemas } from '../api/client'
import { shown } from '../test/shown'
import type { Asking, TaskBody } from './asking'
import { QuestionPanel } from './QuestionPanel'
import type { Checked } from './useChecked'

const things = [
  { name: 'source', kind: '', setting: '9 V' },
  { name: 'R1', kind: 'resistor', setting: '3' },
]
const analysis = { rows: [], readings: [], columns: [], things } as unknown as Schemas['AnalysisView']
const joint: TaskBody = { kind: 'joint', state: 0, parts: ['R1', 'R2'], marks: 1 }
const safe: TaskBody = { kind: 'safe-supply', state: 0, marks: 3 }
const offers = {
  offers: [
    { task: safe, prompt: 'What is the highest emf?', about: [] },
    { task: joint, prompt: 'Are R1 and R2 in series?', about: ['R1', 'R2'] },
  ],
  usual: [joint, safe],
}
const states = { state: 0, choose: vi.fn(), notation: '', acts: [], problem: undefined }
const onAsking = vi.fn<(asking: Asking) => void>()

function Panel({ checked, inHand }: { checked: Partial<Checked>; inHand: string }) {
  const [now, set] = useState<Asking>({
    given: new Set(),
    known: [],
    stem: '',
    states: [],
    tasks: [joint, safe],
  })
  return (
    <QuestionPanel
      analysis={analysis}
      checked={
        { settled: { body: { notation: '9 V : R1=3', tasks: [] } }, upToDate: true, ...checked } as Checked
      }
      states={states}
      asking={now}
      onAsking={(next) => {
        onAsking(next)
        set(next)
      }}
      inHand={inHand}
      onInHand={vi.fn()}
      values={{ data: undefined, problem: undefined, spread: [] }}
      onNice={vi.fn()}
      onTry={vi.fn()}
      onMemo={vi.fn()}
    />
  )
}

const checked = {
  data: {
    flaws: [{ task: '1.2', sentence: 'R9 has no rating.' }],
    prompts: [{ task: '1.1', state: 0, text: 'Are R1 and R2 in series, in parallel, or neither?' }],
    boxes: [
      { id: '1.1', task: '1.1', form: 'joint', unit: '', marks: 1 },
      { id: '1.2-1', task: '1.2', form: 'value', unit: 'V', marks: 3 },
      { id: '1.2-2', task: '1.2', form: 'things', unit: '', marks: 1 },
    ],
    model: [{ box: '1.1', answer: 'in series', marks: 1 }],
    total: 5,
  },
} as unknown as Partial<Checked>

const open = (props: { checked?: Partial<Checked>; inHand?: string } = {}) =>
  shown(<Panel checked={props.checked ?? checked} inHand={props.inHand ?? ''} />, () => offers)
const kinds = () => onAsking.mock.lastCall?.[0].tasks.map(({ kind }) => kind)
const lines = () => screen.getAllByRole('listitem')

test('each task stands as the learner reads it, with its marks, its flaws and its model answer', async () => {
  open()
  await screen.findByText('Are R1 and R2 in series, in parallel, or neither?')
  expect(within(lines()[0]!).getByText('1 mark')).toBeTruthy()
  expect(within(lines()[1]!).getByText('4 marks')).toBeTruthy()
  expect(within(lines()[1]!).getByText('R9 has no rating.')).toBeTruthy()
  expect(screen.queryByText('in series')).toBeNull()
  fireEvent.click(within(lines()[0]!).getByRole('button', { expanded: false }))
  expect(screen.getByText('in series')).toBeTruthy()
  expect(screen.getByRole<HTMLButtonElement>('button', { name: 'See as learner' }).disabled).toBe(true)
})

test('tasks are moved, copied and removed', async () => {
  open()
  await screen.findByText(/Are R1 and R2 in series, in parallel/)
  fireEvent.click(within(lines()[0]!).getByRole('button', { expanded: false }))
  fireEvent.click(screen.getByRole('button', { name: 'Down: 1.1' }))
  expect(kinds()).toEqual(['safe-supply', 'joint'])
  fireEvent.click(screen.getByRole('button', { name: 'Deeper: 1.2' }))
  expect(onAsking.mock.lastCall?.[0].tasks[1]?.deeper).toBe(true)
  fireEvent.click(screen.getByRole('button', { name: 'Less deep: 1.2' }))
  fireEvent.click(screen.getByRole('button', { name: 'Copy 1.2' }))
  expect(kinds()).toEqual(['safe-supply', 'joint', 'joint'])
  fireEvent.click(screen.getByRole('button', { name: 'Remove 1.3' }))
  expect(kinds()).toEqual(['safe-supply', 'joint'])
  fireEvent.dragStart(lines()[1]!)
  fireEvent.drop(lines()[0]!)
  expect(kinds()).toEqual(['joint', 'safe-supply'])
})

test('what is about the thing in hand is offered first, and one press asks it', async () => {
  open({ inHand: 'R2' })
  const first = await screen.findByRole('button', { name: 'Are R1 and R2 in series?' })
  const other = screen.getByRole('button', { name: 'What is the highest emf?' })
  expect(first.compareDocumentPosition(other)).toBe(Node.DOCUMENT_POSITION_FOLLOWING)
  fireEvent.click(first)
  expect(kinds()).toEqual(['joint', 'safe-supply', 'joint'])
  fireEvent.click(screen.getByRole('button', { name: /^ask the usual/ }))
  expect(kinds()).toEqual(['joint', 'safe-supply', 'joint', 'joint', 'safe-supply'])
})

test('what cannot be read is said at its task', async () => {
  const problem = { status: 400, detail: 'This circuit has no “R9”.', task: '1.1' }
  open({ checked: { data: undefined, problem: problem as unknown as Checked['problem'] } })
  expect(await within(lines()[0]!).findByText('This circuit has no “R9”.')).toBeTruthy()
  expect(screen.queryByRole('alert')).toBeNull()
})

test('a part gets another name for the learner, and loses it again', () => {
  open()
  fireEvent.click(screen.getByText('Drawing and time …'))
  const name = screen.getByLabelText('R1 for the learner')
  fireEvent.change(name, { target: { value: ' X ' } })
  expect(onAsking).toHaveBeenLastCalledWith(expect.objectContaining({ names: { R1: 'X' } }))
  fireEvent.change(name, { target: { value: '' } })
  expect(onAsking).toHaveBeenLastCalledWith(expect.objectContaining({ names: { R1: '' } }))
})

test('what else could be asked is not asked for until the question is the one that stands', async () => {
  const { asked } = open({ checked: { ...checked, upToDate: false } })
  await screen.findByText(/Are R1 and R2 in series, in parallel/)
  expect(asked).toEqual([])
})
