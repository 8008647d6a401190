import { screen, within } from '@testing-library/react'
import { expect, test } from 'vitest'
import { shown } from '../test/shown'
import Boxes from './Boxes'

const assignment = {
  id: 9,
  title: 'Boot dryer',
  classroomId: 2,
  classroom: 'Workshop class',
  dueAt: '2999-01-01T08:00:00Z',
  released: false,
  open: true,
  again: 0,
  sentAgain: 0,
  learners: 3,
  sent: 2,
  working: 0,
  total: 4,
}
const box = {
  amount: true,
  symbol: '',
  expected: '1.00 A',
  right: 2,
  follows: 0,
  partly: 0,
  slipped: 0,
  wrong: 0,
  blank: 0,
  unreadable: 0,
  undecided: 0,
  inWords: false,
  lost: 0,
  mean: 3,
  spread: 0,
  marks: 3,
  wrongValues: [],
}
const alder = { id: 1, displayName: 'A. Alder', username: 'learner1' }
const total = { ...box, box: '1/1.1', number: '1.1', name: 'current' }
const lamp = {
  ...box,
  box: '1/1.2',
  number: '1.2',
  name: 'voltage',
  right: 1,
  wrong: 1,
  lost: 3,
  mean: 1.5,
  spread: 1.5,
  wrongValues: [{ shown: '6.00 V', readable: true, points: 0, learners: [alder] }],
}

const slip = {
  slip: 'voltage-shared-equally',
  name: 'Voltage shared equally by unequal parts',
  learners: 1,
  answers: [
    {
      learner: alder,
      box: '1/1.2',
      number: '1.2',
      asked: 'voltage',
      text: '6 V',
      worked: 'V₁ = E/2 = 12/2 = 6.00 V',
    },
  ],
}

const open = (again: string[], slips = [slip]) =>
  shown(<Boxes />, () => ({ assignment, learners: [], boxes: [total, lamp], slips, again }), {
    at: '/results/2/9',
    pattern: '/results/:classId/:assignmentId',
  })

test('where most marks were lost stands first, with what was written most often', async () => {
  open(['1/1.2'])
  const again = within((await screen.findAllByRole('list'))[0]!)
  expect(again.getByRole('listitem').textContent).toBe('1.2 voltage: 3 of 6 marks lost – 6.00 V (once)')
  expect(screen.getByText('1.5 of 3').closest('td')?.title).toBe('standard deviation 1.5')
  expect(screen.getByText('Findings as CSV').closest('a')?.getAttribute('href')).toBe(
    '/api/assignments/9/findings.csv',
  )
})

test('where all is right nothing has to be taught again, and no slip is told', async () => {
  open([], [])
  expect(await screen.findByText('No marks were lost.')).toBeTruthy()
  expect(screen.queryByText('Slips')).toBeNull()
})

test('a slip says how many made it, and opens the answers it was made in', async () => {
  open(['1/1.2'])
  const made = (await screen.findByText(slip.name)).closest('details')!
  expect(within(made).getByText('1 of 2 learners')).toBeTruthy()
  const answer = within(made).getByRole('listitem')
  expect(answer.textContent).toContain('1.2 voltage: 6 V')
  expect(within(answer).getByRole('link', { name: 'A. Alder' }).getAttribute('href')).toBe('/results/2/9/1')
})
