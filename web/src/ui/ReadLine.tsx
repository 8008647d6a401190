import { Formula } from './Formula'
import classes from './ReadLine.module.css'

/** A line of working as it was read, broken before an equals sign where there is no room; statements stand apart. */
export function ReadLine({ sides }: { sides: string[] }) {
  return sides.map((side, at) => (
    <span key={at} className={at > 0 && !side.startsWith('<mo>=') ? classes.statement : undefined}>
      <Formula markup={side} />
    </span>
  ))
}
