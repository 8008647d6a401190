import type { BoxFieldProps } from './BoxField'
import classes from './Tasks.module.css'

interface BoxInputProps extends BoxFieldProps {
  /** Of what says how the text was read. */
  says: string
  id?: string
  /** Its name where no label names it. */
  label?: string
}

/** What is typed into a box, whatever stands around it. */
export function BoxInput({ box, text, reading, onWrite, onKeyDown, says, id, label }: BoxInputProps) {
  if (box.form === 'words')
    return (
      <textarea
        id={id}
        aria-label={label}
        data-box={box.id}
        className={`${classes.input} ${classes.lines}`}
        rows={3}
        value={text}
        readOnly={!onWrite}
        onChange={(event) => onWrite?.(event.currentTarget.value)}
        // Enter goes on to the next box; a new line is made with Shift.
        onKeyDown={(event) => !event.shiftKey && onKeyDown(event)}
        maxLength={4000}
        aria-describedby={says}
      />
    )
  return (
    <input
      id={id}
      aria-label={label}
      data-box={box.id}
      className={classes.input}
      value={text}
      readOnly={!onWrite}
      onChange={(event) => onWrite?.(event.currentTarget.value)}
      onKeyDown={onKeyDown}
      autoComplete="off"
      autoCapitalize="off"
      spellCheck={false}
      enterKeyHint="next"
      maxLength={4000}
      aria-invalid={!!reading?.expected}
      aria-describedby={says}
    />
  )
}
