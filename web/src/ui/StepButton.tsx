import type { ReactNode } from 'react'
import classes from './StepButton.module.css'

interface StepButtonProps {
  /** Whether it is this one that is looked at. */
  pressed: boolean
  onPress: () => void
  children: ReactNode
}

/** One of several states of a circuit, of which one is looked at. */
export function StepButton({ pressed, onPress, children }: StepButtonProps) {
  return (
    <button type="button" className={classes.step} aria-pressed={pressed} onClick={onPress}>
      {children}
    </button>
  )
}
