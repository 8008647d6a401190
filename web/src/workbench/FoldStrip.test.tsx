import { fireEvent, render, screen } from '@testing-library/react'
import { useState } from 'react'
import { expect, test, vi } from 'vitest'
import type { Schemas } from '../api/client'
import { FoldStrip } from './FoldStrip'

const scene = { width: 10, height: 10, lines: [], circles: [], texts: [], areas: [] }
const stage = (kind: string, group: string, members: string) => ({ kind, group, members, scene, reason: '' })
const stages = [
  stage('given', '', ''),
  stage('fold', 'R23', 'R2 and R3'),
  stage('fold', 'total', 'R1 and R23'),
] as unknown as Schemas['StageView'][]

function Strip({ stale = false }) {
  const [place, setPlace] = useState(0)
  return <FoldStrip stages={stages} onSeen={() => undefined} stale={stale} stage={place} onStage={setPlace} />
}

const inHand = () => screen.getAllByRole('button').findIndex((one) => one.getAttribute('aria-current'))
const press = (key: string) => {
  const button = screen.getAllByRole('button')[inHand()]
  if (button) fireEvent.keyDown(button, { key })
}

test('keys walk along the stages with the focus, and stop at both ends', () => {
  render(<Strip />)
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
  render(<Strip stale />)
  expect(screen.getByRole('list').getAttribute('aria-busy')).toBe('true')
  press('ArrowRight')
  fireEvent.click(screen.getAllByRole('button')[2] as HTMLElement)
  expect(inHand()).toBe(0)
})

test('a stage that is not there yet is asked for when it comes into sight', () => {
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
  const seen: number[] = []
  const onSeen = (place: number) => seen.push(place)
  const long = [...stages, undefined, undefined]
  render(<FoldStrip stages={long} onSeen={onSeen} stale={false} stage={0} onStage={() => undefined} />)
  expect([...new Set(seen)]).toEqual([3, 4])
  expect(screen.getAllByRole('button').at(-1)?.textContent).toBe('stage 4')
})
