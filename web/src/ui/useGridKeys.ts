import { useEffect, useRef, type KeyboardEvent } from 'react'

const WAYS: Record<string, [number, number]> = {
  ArrowUp: [-1, 0],
  ArrowDown: [1, 0],
  ArrowLeft: [0, -1],
  ArrowRight: [0, 1],
}

const buttonsOf = (table: HTMLTableElement) => [...table.querySelectorAll<HTMLElement>('tbody button')]

/**
 * Arrow keys walk from button to button of a table, and to the fields above and below; Tab comes to one of its buttons
 * only, the last that was used, and then leaves the table.
 */
export function useGridKeys() {
  const table = useRef<HTMLTableElement>(null)
  const last = useRef<HTMLElement>(null)
  // After every render: cells come and go with the circuit.
  useEffect(() => {
    if (!table.current) return
    const buttons = buttonsOf(table.current)
    const reached = buttons.find((one) => one === last.current) ?? buttons[0]
    for (const one of buttons) one.tabIndex = one === reached ? 0 : -1
  })
  const onFocus = (event: { target: EventTarget }) => {
    if (!(event.target instanceof HTMLButtonElement)) return
    if (last.current) last.current.tabIndex = -1
    last.current = event.target
    event.target.tabIndex = 0
  }
  const onKeyDown = (event: KeyboardEvent<HTMLTableElement>) => {
    const way = WAYS[event.key]
    const cell = (event.target as Element).closest<HTMLTableCellElement>('td, th')
    // In a field left and right are the letters'.
    if (!way || !cell || (event.target instanceof HTMLInputElement && way[1] !== 0)) return
    const rows = [...(table.current?.tBodies[0]?.rows ?? [])]
    let row = rows.indexOf(cell.parentElement as HTMLTableRowElement)
    let column = cell.cellIndex
    for (;;) {
      row += way[0]
      column += way[1]
      const next = rows[row]?.cells[column]
      if (!next) return
      const stop = next.querySelector<HTMLElement>('button, input')
      if (!stop) continue
      event.preventDefault()
      stop.focus()
      return
    }
  }
  return { ref: table, onFocus, onKeyDown }
}
