import { fireEvent, screen, waitFor } from '@testing-library/react'
import { expect, test } from 'vitest'
import { answer, shown, type Asked } from '../test/shown'
import Papers from './Papers'

const paper = {
  id: 4,
  title: 'Term test',
  questions: 3,
  marks: 25,
  minutes: 30,
  updatedAt: '2030-01-01T08:00:00Z',
}

const open = (papers: object[], changes: (asked: Asked) => object = () => ({})) =>
  shown(<Papers />, (asked) =>
    asked.method !== 'GET'
      ? changes(asked)
      : asked.path === '/api/papers'
        ? papers
        : asked.path === '/api/classes'
          ? [{ id: 2, name: 'Ridge class' }]
          : [],
  )

const takeIn = (text: string) => {
  const field = document.querySelector('input[type=file]')!
  fireEvent.change(field, { target: { files: [new File([text], 'school.json')] } })
}

test('an empty shelf of papers says what a paper is, and making one goes to it', async () => {
  const { router } = open([], () => ({ id: 7 }))
  expect(await screen.findByText(/A paper is made of questions/)).toBeTruthy()
  fireEvent.click(screen.getByText('New paper'))
  await waitFor(() => expect(router.state.location.pathname).toBe('/papers/7'))
})

test('a paper is copied with new values, and removed with a way back', async () => {
  const { sent } = open([paper], () => ({ title: 'Term test (copy)' }))
  expect(await screen.findByText('3 questions · 25 marks · 30 min')).toBeTruthy()
  fireEvent.click(screen.getByLabelText('More of Term test'))
  fireEvent.click(await screen.findByText('Copy it with new values'))
  await screen.findByText('“Term test (copy)” is there.')
  fireEvent.click(screen.getByLabelText('Remove Term test'))
  fireEvent.click(await screen.findByText('Undo'))
  await waitFor(() =>
    expect(sent()).toEqual([
      'POST /api/papers/4/copies {"newValues":true}',
      'DELETE /api/papers/4',
      'POST /api/papers/4/restoration',
    ]),
  )
})

test('a package is taken in, and what is none is said and changes nothing', async () => {
  const { sent } = open([], () => ({ questions: 2, papers: 1, styles: 0 }))
  await screen.findByText('New paper')
  takeIn('no package')
  await screen.findByText(/“school.json” is no package/)
  takeIn('{"didaxis":"package","version":1}')
  await screen.findByText('Taken in: 2 questions and 1 paper.')
  expect(sent()).toEqual(['POST /api/packages {"didaxis":"package","version":1}'])
})

test('a style that came in a package goes to the class that is chosen', async () => {
  const { sent } = open([], () => ({ questions: 0, papers: 0, styles: 0 }))
  await screen.findByText('New paper')
  takeIn('{"styles":[{"name":"Workshop class","style":{"voltage":"E"}}]}')
  const select = await screen.findByLabelText('The style of “Workshop class” goes to')
  await screen.findByText('Ridge class')
  fireEvent.change(select, { target: { value: '2' } })
  fireEvent.click(screen.getByText('Give it'))
  await screen.findByText('The class has its style.')
  expect(sent()[1]).toBe('PUT /api/classes/2/style {"voltage":"E"}')
})

test('why the server takes a package not in is said', async () => {
  open([], () =>
    answer(400, { status: 400, detail: 'There is nothing in this package. Nothing was taken in.' }),
  )
  await screen.findByText('New paper')
  takeIn('{}')
  expect(await screen.findByText(/There is nothing in this package/)).toBeTruthy()
})
