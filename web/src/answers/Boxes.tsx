import type { KeyboardEvent } from 'react'
import { useTranslation } from 'react-i18next'
import type { Schemas } from '../api/client'
import { Formula } from '../ui/Formula'
import { keyOf } from '../workbench/cells'
import classes from './Boxes.module.css'

type Box = Schemas['BoxView']

interface BoxesProps {
  boxes: Box[]
  texts: Record<string, string>
  readings: Record<string, Schemas['ReadingView']>
  /** Without it the boxes can only be read. */
  onWrite?: (key: string, text: string) => void
  /** Enter in the last box. */
  onEnd?: () => void
}

/** The boxes to fill, by quantity; Enter goes on to the next, and what was read stands beside each. */
export function Boxes({ boxes, texts, readings, onWrite, onEnd }: BoxesProps) {
  const { t } = useTranslation()
  const quantities = [...new Set(boxes.map((box) => box.cell.quantity))]
  const goOn = (event: KeyboardEvent<HTMLInputElement>) => {
    if (event.key !== 'Enter') return
    event.preventDefault()
    // A key that is held down is no going on.
    if (event.repeat) return
    const all = [...document.querySelectorAll<HTMLInputElement>('input[data-box]')]
    const next = all[all.indexOf(event.currentTarget) + 1]
    if (next) next.focus()
    else onEnd?.()
  }
  return (
    <div className={classes.boxes}>
      {quantities.map((quantity) => (
        <fieldset key={quantity} className={classes.group}>
          <legend>{t(`group.${quantity}`)}</legend>
          {boxes
            .filter((box) => box.cell.quantity === quantity)
            .map((box) => (
              <BoxRow
                key={keyOf(box.cell)}
                box={box}
                id={`box-${boxes.indexOf(box)}`}
                text={texts[keyOf(box.cell)] ?? ''}
                reading={readings[keyOf(box.cell)]}
                onWrite={onWrite && ((text) => onWrite(keyOf(box.cell), text))}
                onKeyDown={goOn}
              />
            ))}
        </fieldset>
      ))}
    </div>
  )
}

interface BoxRowProps {
  box: Box
  id: string
  text: string
  reading?: Schemas['ReadingView']
  onWrite?: (text: string) => void
  onKeyDown: (event: KeyboardEvent<HTMLInputElement>) => void
}

/** One box: its symbol, what is typed, and what that was read as or what would be expected. */
function BoxRow({ box, id, text, reading, onWrite, onKeyDown }: BoxRowProps) {
  const { t } = useTranslation()
  const says = `${id}-says`
  return (
    <div className={classes.row}>
      <label htmlFor={id} className={classes.symbol}>
        <Formula
          markup={box.symbol}
          label={t('work.boxOf', {
            quantity: t(`quantity.${box.cell.quantity}`),
            subject: box.cell.subject,
            unit: box.unit,
          })}
        />
      </label>
      <input
        id={id}
        data-box={keyOf(box.cell)}
        className={classes.input}
        value={text}
        readOnly={!onWrite}
        onChange={(event) => onWrite?.(event.currentTarget.value)}
        onKeyDown={onKeyDown}
        autoComplete="off"
        autoCapitalize="off"
        spellCheck={false}
        enterKeyHint="next"
        maxLength={200}
        aria-invalid={!!reading?.expected}
        aria-describedby={says}
      />
      <span id={says} className={reading?.expected ? classes.expected : classes.read}>
        {reading?.expected
          ? t('work.expected', { expected: reading.expected })
          : reading?.shown || (box.marks > 1 && t('work.marksHint', { count: box.marks }))}
      </span>
    </div>
  )
}
