import { act, fireEvent, screen, waitFor } from '@testing-library/react'
import { useCallback, useRef, useState } from 'react'
import { expect, test } from 'vitest'
import { shown } from '../test/shown'
import { useFocusKept } from './useFocusKept'

function Lists() {
  const main = useRef<HTMLElement>(null)
  useFocusKept(useCallback(() => main.current, []))
  const [things, setThings] = useState(['one', 'two'])
  const [busy, setBusy] = useState(false)
  return (
    <main ref={main} tabIndex={-1}>
      <ul>
        {things.map((thing) => (
          <li key={thing}>
            <button onClick={() => setThings(things.filter((other) => other !== thing))}>
              Remove {thing}
            </button>
          </li>
        ))}
      </ul>
      <button disabled={busy} onClick={() => setBusy(true)}>
        Work
      </button>
    </main>
  )
}

test('what has the focus and goes away leaves it to what stands nearest, and at last to the screen', async () => {
  shown(<Lists />, () => ({}))
  for (const [gone, next] of [
    ['Remove one', 'Remove two'],
    ['Remove two', 'main'],
  ]) {
    const button = screen.getByRole('button', { name: gone })
    act(() => button.focus())
    fireEvent.click(button)
    await waitFor(() =>
      expect(
        next === 'main' ? document.activeElement?.tagName.toLowerCase() : document.activeElement?.textContent,
      ).toBe(next),
    )
  }
})
