import type { Schemas } from '../api/client'

/** A step as one line of MathML: symbol = formula = numbers = result. */
export function equation(step: Schemas['StepView']): string {
  const sides = [step.symbol, step.formula, step.substitution].filter((side) => side !== '')
  return `<mrow>${sides.join('<mo>=</mo>')}<mo>=</mo><mtext>${step.result}</mtext></mrow>`
}
