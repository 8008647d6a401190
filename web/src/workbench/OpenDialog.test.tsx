import { fireEvent, screen, waitFor } from '@testing-library/react'
import { expect, test } from 'vitest'
import { answer, shown } from '../test/shown'
import { OpenDialog } from './OpenDialog'

function open(status: number, said: object) {
  const taken: string[] = []
  shown(<OpenDialog opened onClose={() => undefined} onTake={(one) => taken.push(one)} />, () =>
    answer(status, said),
  )
  const field = screen.getByLabelText<HTMLTextAreaElement>('Text of the circuit')
  fireEvent.change(field, { target: { value: 'E1 1 0 9 V' } })
  fireEvent.click(screen.getByRole('button', { name: 'Open' }))
  return { taken, field }
}

test('a circuit that was read is taken', async () => {
  const { taken } = open(200, { notation: '9 V : R1=3', bridge: null })
  await waitFor(() => expect(taken).toEqual(['9 V : R1=3']))
})

test('what cannot be read says why, and what was pasted stays', async () => {
  const { taken, field } = open(400, { detail: 'The list has no part beside the source.', line: 0 })
  expect(await screen.findByText('The list has no part beside the source.')).toBeTruthy()
  expect(field.value).toBe('E1 1 0 9 V')
  expect(taken).toEqual([])
})

test('a bridge is shown solved and not taken', async () => {
  const { taken } = open(200, {
    notation: null,
    bridge: {
      sentence: 'This does not fold: it is a bridge between the nodes a and b.',
      columns: [{ quantity: 'current', symbol: 'I', word: 'current', unit: 'A' }],
      rows: [
        { id: 'R5', from: 'a', to: 'b', shown: { current: '0.143' } },
        { id: 'S1', from: 'a', to: 'b', shown: {} },
      ],
      check: 'The source gives 0.714 A and 7.14 W; parts take 7.14 W.',
    },
  })
  expect((await screen.findByRole('status')).textContent).toContain('bridge between the nodes a and b')
  const cells = screen.getAllByRole('cell').map((cell) => cell.textContent)
  expect(cells).toEqual(['a to b', '0.143', 'a to b', '–'])
  expect(taken).toEqual([])
})
