import { cleanup, fireEvent, screen } from '@testing-library/react'
import { beforeEach, expect, test } from 'vitest'
import { deviceCopies } from '../keeping/deviceCopy'
import { ID, kept, open, served, server, sheet, soon, state, WREN } from '../test/openSheet'
import { answer } from '../test/shown'

beforeEach(served)

test('what is typed is kept once typing pauses, on top of the revision it was begun from', async () => {
  const { boxes, sent } = await open()
  expect(boxes[0]!.value).toBe('2')
  fireEvent.change(boxes[1]!, { target: { value: '0.' } })
  fireEvent.change(boxes[1]!, { target: { value: '0.5' } })
  expect(state()).toBe('keeping…')
  await soon(() => expect(state()).toMatch(/^kept /))
  expect(sent().map((one) => one.method)).toEqual(['PUT'])
  expect(sent()[0]!.body.revision).toBe(3)
  expect(sent()[0]!.body.answers.map(({ text }) => text)).toEqual(['2', '0.5'])
  fireEvent.change(boxes[1]!, { target: { value: '0.6' } })
  await soon(() => expect(sent()[1]?.body.revision).toBe(4))
})

test('a broken line loses nothing: it is said, and what was typed is kept when the line is back', async () => {
  const { boxes } = await open()
  server.says = () => new TypeError('broken line')
  fireEvent.change(boxes[1]!, { target: { value: '0.5' } })
  await soon(() => expect(state()).toContain('Not kept yet'))
  expect(boxes[1]!.value).toBe('0.5')
  server.says = () => kept
  await soon(() => expect(state()).toMatch(/^kept /))
})

const elsewhere = (answers: object[]) =>
  answer(409, {
    detail: 'This sheet was changed in another tab.',
    reason: 'changed-elsewhere',
    revision: 9,
    keptAt: '2026-01-01T09:00:00Z',
    answers,
  })

test('what another tab wrote into other boxes is joined, and both are kept', async () => {
  const { boxes, sent } = await open()
  let told = false
  server.says = () => {
    if (told) return kept
    told = true
    return elsewhere([
      { box: ID.R1, text: '2' },
      { box: ID.R2, text: '7' },
    ])
  }
  fireEvent.change(boxes[0]!, { target: { value: '9' } })
  await soon(() => expect(sent()).toHaveLength(2))
  expect(sent()[1]!.body.revision).toBe(9)
  expect(sent()[1]!.body.answers.map(({ text }) => text)).toEqual(['9', '7'])
  expect(boxes[1]!.value).toBe('7')
})

test('where both wrote into one box the learner chooses, and nothing is sent before', async () => {
  const { boxes, sent } = await open()
  server.says = () => elsewhere([{ box: ID.R1, text: '5' }])
  fireEvent.change(boxes[0]!, { target: { value: '9' } })
  fireEvent.change(boxes[1]!, { target: { value: '8' } })
  const there = await screen.findByLabelText(/^elsewhere at .*: 5$/)
  expect(sent()).toHaveLength(1)
  server.says = () => kept
  fireEvent.click(there)
  fireEvent.click(screen.getByRole('button', { name: 'Go on with these' }))
  await soon(() => expect(sent()).toHaveLength(2))
  expect(sent()[1]!.body.answers.map(({ text }) => text)).toEqual(['5', '8'])
})

test('what did not reach the server is on the device for who wrote it, and goes on from there', async () => {
  const { boxes } = await open()
  server.says = () => new TypeError('broken line')
  fireEvent.change(boxes[1]!, { target: { value: '0.5' } })
  await soon(() => expect(state()).toContain('Not kept yet'))
  cleanup()
  const broken = new TypeError('broken line')
  server.says = (asked) =>
    asked.path === '/api/session' ? { username: 'rook' } : asked.method === 'GET' ? sheet : broken
  expect((await open()).boxes[1]!.value).toBe('')
  cleanup()
  server.says = (asked) => (asked.path === '/api/session' ? WREN : asked.method === 'GET' ? sheet : kept)
  const again = await open()
  expect(again.boxes[1]!.value).toBe('0.5')
  await soon(() => expect(again.sent()).toHaveLength(1))
  await soon(() => expect(localStorage).toHaveLength(0))
})

test('what an earlier version left on the device, by cell, is on its boxes', async () => {
  const copy = { value: { 'R1 current': '2', 'R2 current': '0.7' }, base: { 'R1 current': '2' }, revision: 3 }
  deviceCopies.write('wren', 'sheet 7', copy)
  const { boxes, sent } = await open()
  expect([...boxes].map(({ value }) => value)).toEqual(['2', '0.7'])
  await soon(() => expect(sent()).toHaveLength(1))
  expect(sent()[0]!.body.answers).toEqual([
    { box: ID.R1, text: '2' },
    { box: ID.R2, text: '0.7' },
  ])
})
