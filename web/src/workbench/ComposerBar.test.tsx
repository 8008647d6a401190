import { fireEvent, screen } from '@testing-library/react'
import { expect, test, vi } from 'vitest'
import { shown } from '../test/shown'
import { ComposerBar } from './ComposerBar'

function bar(inHand: string, kind: string, setting: string, early?: string) {
  const onAct = vi.fn()
  const onDone = vi.fn()
  shown(
    <ComposerBar
      inHand={inHand}
      kind={kind}
      setting={setting}
      onAct={onAct}
      onDone={onDone}
      early={early}
      onEarlyTaken={() => undefined}
    />,
    () => ({}),
  )
  return { onAct, onDone }
}

const type = (field: HTMLElement, value: string) => fireEvent.change(field, { target: { value } })
const verbs = () => screen.getAllByRole('button').map((button) => button.textContent)

test('a value is set by Enter and by leaving it, once, and Escape puts it back', () => {
  const { onAct, onDone } = bar('R1', 'resistor', '4')
  const field = screen.getByLabelText<HTMLInputElement>('Value of R1')
  type(field, '4k7')
  fireEvent.submit(field)
  expect(onAct.mock.calls).toEqual([[{ act: 'set', text: '4k7' }]])
  type(field, '9')
  fireEvent.keyDown(field, { key: 'Escape' })
  fireEvent.blur(field)
  expect(field.value).toBe('4')
  type(field, '  ')
  fireEvent.blur(field)
  expect(onAct).toHaveBeenCalledTimes(1)
  expect(onDone).toHaveBeenCalledTimes(2)
})

test('what was typed before the field stood is in it, with the focus behind it', () => {
  bar('R1', 'resistor', '4', '12')
  const field = screen.getByLabelText<HTMLInputElement>('Value of R1')
  expect(document.activeElement).toBe(field)
  expect([field.value, field.selectionStart]).toEqual(['12', 2])
})

test('each thing has the verbs that make sense of it', () => {
  bar('S1', 'switch', 'open')
  expect(verbs()[0]).toBe('Open or close')
  expect(verbs()).toContain('Remove')
})

test('the source is not removed, replaced or put beside its group', () => {
  bar('source', '', '9 V')
  expect(verbs()).toEqual(['Before', 'After', 'Beside', 'Voltmeter'])
  expect(screen.queryByRole('combobox')).toBeNull()
})

test('a voltmeter has a name and no kind', () => {
  bar('V1', '', 'V1')
  expect(screen.getByLabelText('Name of V1')).toBeTruthy()
  expect(screen.queryByRole('combobox')).toBeNull()
})

test('another kind is an act', () => {
  const { onAct } = bar('R1', 'resistor', '4')
  fireEvent.change(screen.getByLabelText('Kind of R1'), { target: { value: 'lamp' } })
  expect(onAct.mock.calls).toEqual([[{ act: 'replace', kind: 'lamp' }]])
})
