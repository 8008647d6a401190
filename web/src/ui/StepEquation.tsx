import type { Schemas } from '../api/client'
import { Formula } from './Formula'
import classes from './StepEquation.module.css'

/** A side of more letters than this is written as running text, which breaks where MathML does not. */
const LONGEST = 56

/** A step in as many lines as it needs: where there is no room it breaks before an equals sign. */
export function StepEquation({ step }: { step: Schemas['StepView'] }) {
  const sides = step.text.split(' = ')
  if (sides.some((side) => side.length > LONGEST)) return <p className={classes.text}>{step.text}</p>
  const equal = (side: string) => `<mrow><mo form="infix">=</mo>${side}</mrow>`
  const result = `<mn>${step.result}</mn>`
  return (
    <div role="math" aria-label={step.text} className={classes.lines}>
      <Formula markup={step.symbol + equal(step.formula || result)} />
      {step.substitution && <Formula markup={equal(step.substitution)} />}
      {step.formula && <Formula markup={equal(result)} />}
    </div>
  )
}
