import { VisuallyHidden } from '@mantine/core'
import type { Schemas } from '../api/client'

type Line = Schemas['Line']

/** A circuit as a nested list, for those who do not see its drawing. */
export function CircuitWords({ lines }: { lines: Line[] }) {
  return (
    <VisuallyHidden component="div">
      <Level lines={lines} depth={0} />
    </VisuallyHidden>
  )
}

/** The lines of one depth, each with those that follow it and lie deeper. */
function Level({ lines, depth }: { lines: Line[]; depth: number }) {
  const starts = lines.flatMap((line, place) => (line.depth === depth ? [place] : []))
  return (
    <ul>
      {starts.map((start, place) => {
        const below = lines.slice(start + 1, starts[place + 1])
        return (
          <li key={lines[start]?.text}>
            {lines[start]?.text}
            {below.length > 0 && <Level lines={below} depth={depth + 1} />}
          </li>
        )
      })}
    </ul>
  )
}
