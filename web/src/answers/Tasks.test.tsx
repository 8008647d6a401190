import { fireEvent, screen, within } from '@testing-library/react'
import { useState } from 'react'
import { expect, test, vi } from 'vitest'
import type { Schemas } from '../api/client'
import { shown } from '../test/shown'
import { Tasks } from './Tasks'

const box = (subject: string, quantity: string) => ({
  id: `1/${subject}-${quantity}`,
  form: 'amount',
  quantity,
  symbol: '<mi>x</mi>',
  name: `${quantity} of ${subject}`,
  unit: '',
  marks: 1,
  things: [],
  text: '',
  reading: { box: '', shown: '', expected: '', lines: [] },
})
const slot = (told: string, at = '') => ({ told, box: at })
const questions = [
  {
    stem: '',
    states: [{ act: '', wordList: [], scene: null, given: [] }],
    tasks: [
      {
        number: '1.1',
        state: 0,
        prompt: 'Fill in the chart.',
        marks: 2,
        boxes: [box('R1', 'voltage'), box('R2', 'current')],
        chart: {
          wholeWord: 'total',
          columns: [
            { quantity: 'voltage', symbol: 'V', word: 'voltage' },
            { quantity: 'current', symbol: 'I', word: 'current' },
          ],
          rows: [
            { kind: 'part', id: 'R2', slots: [slot('4 V'), slot('', '1/R2-current')] },
            { kind: 'part', id: 'R1', slots: [slot('', '1/R1-voltage'), slot('')] },
          ],
        },
      },
    ],
  },
] as unknown as Schemas['QuestionSheet'][]

const put = (onWrite?: (box: string, text: string) => void) =>
  shown(<Tasks questions={questions} texts={{}} readings={{}} onWrite={onWrite} />, () => ({}))

test('a chart is a table where there is room: what is told stands in it, and Enter goes through it row by row', () => {
  const narrow = window.matchMedia
  window.matchMedia = (query) => ({ ...narrow(query), matches: query.includes('1000px') })
  const written = vi.fn()
  put(written)
  window.matchMedia = narrow
  const row = within(screen.getByRole('table')).getAllByRole('row')[1]!
  expect(row.textContent).toContain('4 V')
  const first = screen.getByLabelText('current of R2')
  expect(row.contains(first)).toBe(true)
  first.focus()
  fireEvent.change(first, { target: { value: '2 A' } })
  expect(written).toHaveBeenCalledWith('1/R2-current', '2 A')
  fireEvent.keyDown(first, { key: 'Enter' })
  expect(document.activeElement).toBe(screen.getByLabelText('voltage of R1'))
})

test('on a narrow screen its boxes stand one under another', () => {
  put()
  expect(screen.queryByRole('table')).toBeNull()
  expect(screen.getByLabelText('voltage of R1')).toBeTruthy()
})

test('a box that is about no quantity is there beside those that are, behind them', () => {
  const bands = { ...questions[0]!.tasks[0]!, chart: null }
  const tolerance = { ...box('', ''), id: '1/tolerance', form: 'percent', symbol: '', name: 'tolerance' }
  const tasks = [{ ...bands, boxes: [tolerance, box('R4', 'resistance')] }]
  const both = [{ ...questions[0], tasks }] as unknown as typeof questions
  shown(<Tasks questions={both} texts={{}} readings={{}} onWrite={vi.fn()} />, () => ({}))
  const fields = screen.getAllByRole('textbox')
  expect(fields.map((field) => field.dataset.box)).toEqual(['1/R4-resistance', '1/tolerance'])
})

/** A calculation with what was written and how it was read, its value following what is typed. */
function Calculated({ first, lines = [] }: { first: string; lines?: object[] }) {
  const [text, write] = useState(first)
  const own = { ...box('R1', 'current'), lines: true, things: ['R1', 'R2'], marks: 3 }
  const after = box('R2', 'current')
  const tasks = [{ ...questions[0]!.tasks[0]!, chart: null, boxes: [own, after] }]
  const sheet = [{ ...questions[0], tasks }] as unknown as typeof questions
  const readings = { [own.id]: { box: own.id, shown: '', expected: '', lines } }
  return (
    <Tasks
      questions={sheet}
      texts={{ [own.id]: text }}
      readings={readings as unknown as Record<string, Schemas['ReadingView']>}
      onWrite={(_, typed) => write(typed)}
    />
  )
}

test('a working goes on in the next line and ends with an empty one; an amount alone ends with Enter', () => {
  shown(<Calculated first="I = 6/3" />, () => ({}))
  const field = screen.getAllByRole<HTMLTextAreaElement>('textbox')[0]!
  field.focus()
  fireEvent.keyDown(field, { key: 'Enter' })
  expect(document.activeElement).toBe(field)
  fireEvent.change(field, { target: { value: 'I = 6/3\n= 2 A\n' } })
  field.setSelectionRange(field.value.length, field.value.length)
  fireEvent.keyDown(field, { key: 'Enter' })
  expect(field.value).toBe('I = 6/3\n= 2 A')
  expect(document.activeElement).toBe(screen.getAllByRole('textbox')[1])
  fireEvent.change(field, { target: { value: '2 A' } })
  field.focus()
  fireEvent.keyDown(field, { key: 'Enter' })
  expect(document.activeElement).toBe(screen.getAllByRole('textbox')[1])
})

test('signs and names are put in where the caret is, and what each line was read as stands under it', () => {
  const lines = [
    { read: ['<mi>x</mi>'], text: 'x', unread: '' },
    { read: [], text: '', unread: 'Could not be read from “§” on.' },
  ]
  shown(<Calculated first="I = " lines={lines} />, () => ({}))
  const field = screen.getAllByRole<HTMLTextAreaElement>('textbox')[0]!
  field.setSelectionRange(4, 4)
  fireEvent.click(screen.getByLabelText('a/b, a fraction'))
  expect(field.value).toBe('I = ()/()')
  expect(field.selectionStart).toBe(5)
  fireEvent.click(screen.getByText('R2'))
  expect(field.value).toBe('I = (R2)/()')
  const read = within(screen.getByLabelText('Read as'))
  expect(read.getAllByRole('listitem')).toHaveLength(2)
  expect(read.getByText('Could not be read from “§” on.')).toBeTruthy()
})
