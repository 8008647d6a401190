import { fireEvent, screen, waitFor } from '@testing-library/react'
import { expect, test, vi } from 'vitest'
import { answer, shown, type Asked } from '../test/shown'
import { PaperPages } from './PaperPages'
import PrintScreen from './PrintScreen'

const job = (state: string) => ({ id: 3, name: 'Term test, memo', state, done: 0, total: 1 })

function open(says: (asked: Asked) => object) {
  const replace = vi.fn()
  vi.stubGlobal('location', { ...window.location, replace })
  return { replace, ...shown(<PrintScreen />, says, { at: '/prints/3', pattern: '/prints/:printId' }) }
}

test('a long print is waited for, and the file comes in its place', async () => {
  let asks = 0
  const { replace } = open(() => job(['waiting', 'running', 'done'][Math.min(asks++, 2)]!))
  expect(await screen.findByText(/Another print comes first/)).toBeTruthy()
  expect(await screen.findByText('Term test, memo', { selector: 'h1' })).toBeTruthy()
  expect(await screen.findByText(/they are being set/, {}, { timeout: 4000 })).toBeTruthy()
  await waitFor(() => expect(replace).toHaveBeenCalledWith('/api/prints/3/file.pdf'), { timeout: 4000 })
  expect(screen.getByText('Open the file').closest('a')?.getAttribute('href')).toBe('/api/prints/3/file.pdf')
})

test('a long print can be stopped', async () => {
  const { sent } = open(({ method }) => (method === 'DELETE' ? {} : job('running')))
  fireEvent.click(await screen.findByText('Stop'))
  expect(await screen.findByText('Stopped; nothing was printed.')).toBeTruthy()
  await waitFor(() => expect(sent()).toEqual(['DELETE /api/prints/3']))
})

test('of a print that failed it is said', async () => {
  open(() => job('failed'))
  expect((await screen.findByRole('alert')).textContent).toContain('could not be printed')
})

test('of a print that is gone what the server says', async () => {
  open(() => answer(404, { status: 404, detail: 'There is no such print.' }))
  expect((await screen.findByRole('alert')).textContent).toContain('There is no such print.')
})

test('many pages are looked at when they are set', async () => {
  let asks = 0
  const pages = (print: object | null, texts: string[]) => ({
    key: 'k',
    variants: 1,
    letter: '',
    texts,
    print,
  })
  shown(
    <PaperPages id={4} revision={1} some wanted={{ what: 'memo', variant: 0 }} onWanted={() => {}} />,
    ({ path }) =>
      path === '/api/prints/3'
        ? job(++asks > 1 ? 'done' : 'running')
        : asks > 1
          ? pages(null, ['Memo: Term test', 'Question 2'])
          : pages(job('waiting'), []),
  )
  expect(await screen.findByText(/they are being set/)).toBeTruthy()
  const shownPages = await screen.findAllByRole('img', {}, { timeout: 4000 })
  expect(shownPages.map((page) => page.getAttribute('src'))).toEqual([
    '/api/papers/4/pages/0.png?what=memo&variant=0&key=k',
    '/api/papers/4/pages/1.png?what=memo&variant=0&key=k',
  ])
  expect(screen.queryByText(/they are being set/)).toBeNull()
})
