import { useId, useRef, type KeyboardEvent } from 'react'
import { useTranslation } from 'react-i18next'
import { Formula } from '../ui/Formula'
import { ReadLine } from '../ui/ReadLine'
import type { BoxFieldProps } from './BoxField'
import classes from './Lines.module.css'
import tasks from './Tasks.module.css'

/** What is not on a phone's keyboard; the stroke is where the caret is left. */
const SIGNS = ['=', '×', '÷', '²', '√(|)', 'Ω', '(|)/()']

/** A field for a calculation: an amount alone, or a working in lines with what each was read as under it. */
export function LinesField({ box, text, reading, onWrite, onKeyDown }: BoxFieldProps) {
  const { t } = useTranslation()
  const id = useId()
  const field = useRef<HTMLTextAreaElement>(null)
  const says = `${id}-says`
  const lines = reading?.lines ?? []
  const name = box.unit ? t('work.boxOf', { name: box.name, unit: box.unit }) : box.name

  const press = (event: KeyboardEvent<HTMLTextAreaElement>) => {
    // An amount alone is done with Enter; a working goes on in the next line, and an empty line ends it.
    const ends = text.endsWith('\n') && event.currentTarget.selectionStart === text.length
    const goesOn = event.shiftKey || (text.includes('=') && !ends)
    if (event.key === 'Enter' && goesOn) return
    if (event.key === 'Enter' && ends) onWrite?.(text.trimEnd())
    onKeyDown(event)
  }

  const insert = (sign: string) => {
    const at = field.current
    if (!at) return
    const [before = '', after = ''] = sign.split('|')
    at.focus()
    at.setRangeText(before + after, at.selectionStart, at.selectionEnd, 'end')
    at.selectionEnd -= after.length
    onWrite?.(at.value)
  }

  return (
    <div className={`${tasks.row} ${tasks.wide}`}>
      <label htmlFor={id} className={box.symbol ? tasks.symbol : undefined}>
        {box.symbol ? (
          <Formula markup={box.symbol} label={name} />
        ) : (
          <span className={tasks.name}>{name}</span>
        )}
      </label>
      <textarea
        ref={field}
        id={id}
        data-box={box.id}
        className={`${tasks.input} ${classes.field}`}
        rows={Math.max(1, text.split('\n').length)}
        value={text}
        readOnly={!onWrite}
        onChange={(event) => onWrite?.(event.currentTarget.value)}
        onKeyDown={press}
        autoComplete="off"
        autoCapitalize="off"
        spellCheck={false}
        enterKeyHint={text.includes('=') ? 'enter' : 'next'}
        maxLength={4000}
        aria-invalid={!!reading?.expected}
        aria-describedby={says}
      />
      <span id={says} className={reading?.expected ? tasks.expected : classes.hint}>
        {reading?.expected
          ? t('work.expected', { expected: reading.expected })
          : lines.length === 0 && (reading?.shown || (onWrite && t('work.linesHint', { count: box.marks })))}
      </span>
      {lines.length > 0 && (
        <ol className={classes.lines} aria-label={t('work.readAs')}>
          {lines.map((line, k) => (
            <li key={k}>
              <ReadLine sides={line.read} />
              {line.unread && <span className={classes.unread}>{line.unread}</span>}
            </li>
          ))}
        </ol>
      )}
      {onWrite && (
        <div className={classes.keys} role="group" aria-label={t('work.keys')}>
          {[...SIGNS, ...box.things].map((sign) => (
            <button
              key={sign}
              type="button"
              className={classes.key}
              aria-label={sign.includes('/') ? t('work.fraction') : undefined}
              // The field keeps the caret, and a phone its keyboard.
              onPointerDown={(event) => event.preventDefault()}
              onClick={() => insert(sign)}
            >
              {sign === '(|)/()' ? 'a/b' : sign.replace('(|)', '')}
            </button>
          ))}
        </div>
      )}
    </div>
  )
}
