import { expect, test } from 'vitest'
import { changed, historyOf, redone, undone, type History } from './history'

test('whatever is done, undoing all gives the start and redoing all the end', () => {
  let history: History<string> = historyOf('start')
  for (let k = 0; k < 500; k++) history = changed(history, `circuit ${k}`)
  history = undone(undone(history))
  history = changed(history, 'another way')
  const end = history.now
  while (history.past.length) history = undone(history)
  expect(history.now).toBe('start')
  while (history.future.length) history = redone(history)
  expect(history.now).toBe(end)
  expect(history.past).toHaveLength(499)
})

test('letters typed in one go are taken back together, and an act between them parts them', () => {
  let history = historyOf('')
  history = changed(history, '1', 5000)
  history = changed(history, '12', 5400)
  history = changed(history, '12 V', 7000)
  expect(undone(history).now).toBe('12')
  expect(undone(undone(history)).now).toBe('')
  history = changed(history, '12 V : R1=10')
  history = changed(history, '12 V : R1=10 ', 7100)
  expect(undone(history).now).toBe('12 V : R1=10')
})
