import { fireEvent, screen, waitFor } from '@testing-library/react'
import { useState } from 'react'
import { expect, test, vi } from 'vitest'
import type { Schemas } from '../api/client'
import { shown } from '../test/shown'
import { FoldStrip } from './FoldStrip'

const scene = { width: 10, height: 10, lines: [], circles: [], texts: [], areas: [] }
const stage = (kind: string, group: string, members: string) => ({ kind, group, members, scene, reason: '' })
const stages = [
  stage('given', '', ''),
  stage('fold', 'R23', 'R2 and R3'),
  stage('fold', 'total', 'R1 and R23'),
] as unknown as Schemas['StageView'][]

const request = { notation: '9 V : R1=1' }

function Strip({ stale = false }) {
  const [place, setPlace] = useState(0)
  return <FoldStrip request={request} stages={stages} stale={stale} stage={place} onStage={setPlace} />
}

const inHand = () => screen.getAllByRole('button').findIndex((one) => one.getAttribute('aria-current'))
const press = (key: string) => {
  const button = screen.getAllByRole('button')[inHand()]
  if (button) fireEvent.keyDown(button, { key })
}

test('keys walk along the stages with the focus, and stop at both ends', () => {
  shown(<Strip />, () => [])
  press('ArrowLeft')
  expect(inHand()).toBe(0)
  press('ArrowRight')
  expect(inHand()).toBe(1)
  expect(document.activeElement?.getAttribute('aria-current')).toBe('step')
  press('End')
  press('ArrowRight')
  expect(inHand()).toBe(2)
  press('Home')
  expect(inHand()).toBe(0)
  // One stop for the whole strip on the way through the page.
  expect(screen.getAllByRole('button').map((one) => one.tabIndex)).toEqual([0, -1, -1])
})

test('stages of the circuit before are shown as busy and not taken', () => {
  shown(<Strip stale />, () => [])
  expect(screen.getByRole('list').getAttribute('aria-busy')).toBe('true')
  press('ArrowRight')
  fireEvent.click(screen.getAllByRole('button')[2] as HTMLElement)
  expect(inHand()).toBe(0)
})

test('the redraws of a long folding are asked for once, a block at a time, when they come into sight', async () => {
  vi.stubGlobal(
    'IntersectionObserver',
    class {
      constructor(private readonly seen: (entries: { isIntersecting: boolean }[]) => void) {}
      observe() {
        this.seen([{ isIntersecting: true }])
      }
      disconnect() {}
    },
  )
  const named = (text: string) => ({
    ...scene,
    texts: [],
    lines: [{ points: text, closed: false, role: 'wire', part: '' }],
  })
  const long = ['a', 'b', 'c', 'd', 'e'].map((group, place) => ({
    ...stage('fold', group, group),
    scene: place < 2 ? named(group) : null,
  })) as unknown as Schemas['StageView'][]
  const { asked } = shown(
    <FoldStrip request={request} stages={long} stale={false} stage={0} onStage={() => undefined} />,
    ({ body }) => {
      const { from } = body as { from: number }
      return { from, scenes: ['a', 'b', 'c', 'd', 'e'].slice(from, from + 2).map(named) }
    },
  )
  await waitFor(() => expect(document.querySelectorAll('polyline')).toHaveLength(5))
  const lines = [...document.querySelectorAll('polyline')].map((line) => line.getAttribute('points'))
  expect(lines).toEqual(['a', 'b', 'c', 'd', 'e'])
  expect(asked.map(({ body }) => (body as { from: number }).from)).toEqual([2, 4])
})
