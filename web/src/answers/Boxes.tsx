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
            .map((box) => {
              const key = keyOf(box.cell)
              const reading = readings[key]
              return (
                <div key={key} className={classes.row}>
                  <label htmlFor={key} className={classes.symbol}>
                    <Formula
                      markup={box.symbol}
                      label={t('work.boxOf', {
                        quantity: t(`quantity.${quantity}`),
                        subject: box.cell.subject,
                        unit: box.unit,
                      })}
                    />
                  </label>
                  <input
                    id={key}
                    data-box
                    className={classes.input}
                    value={texts[key] ?? ''}
                    readOnly={!onWrite}
                    onChange={(event) => onWrite?.(key, event.currentTarget.value)}
                    onKeyDown={goOn}
                    autoComplete="off"
                    autoCapitalize="off"
                    spellCheck={false}
                    enterKeyHint="next"
                    maxLength={200}
                    aria-invalid={!!reading?.expected}
                    aria-describedby={`${key} read`}
                  />
                  <span id={`${key} read`} className={classes.read} aria-live="polite">
                    {reading?.shown}
                    {box.marks > 1 && !reading?.shown && t('work.marksHint', { count: box.marks })}
                  </span>
                  {reading?.expected && (
                    <span className={classes.expected}>
                      {t('work.expected', { expected: reading.expected })}
                    </span>
                  )}
                </div>
              )
            })}
        </fieldset>
      ))}
    </div>
  )
}
