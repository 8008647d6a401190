import { useRef } from 'react'
import { useTranslation } from 'react-i18next'
import type { Problem } from '../api/client'
import classes from './NotationLine.module.css'

interface NotationLineProps {
  value: string
  onChange: (value: string) => void
  /** What is wrong with the text, if anything is. */
  problem?: Problem
  /** The circuit in words, when it can be read. */
  words: string
}

/** The circuit as one line of text, its signs in copper, the place of an error marked. */
export function NotationLine({ value, onChange, problem, words }: NotationLineProps) {
  const { t } = useTranslation()
  const mirror = useRef<HTMLDivElement>(null)
  const column = typeof problem?.column === 'number' ? problem.column : undefined
  return (
    <div className={classes.row}>
      <label htmlFor="notation" className={classes.label}>
        {t('workbench.circuit')}
      </label>
      <div className={classes.field}>
        <div className={classes.mirror} ref={mirror} aria-hidden>
          {coloured(value)}
          {column !== undefined && (
            <span className={classes.mark} style={{ left: `${column - 1}ch` }} data-testid="error-mark" />
          )}
        </div>
        <input
          id="notation"
          className={classes.input}
          value={value}
          spellCheck={false}
          autoComplete="off"
          autoCapitalize="off"
          aria-invalid={problem !== undefined}
          aria-describedby="notation-says"
          onChange={(event) => onChange(event.currentTarget.value)}
          onScroll={(event) => {
            if (mirror.current)
              mirror.current.style.transform = `translateX(${-event.currentTarget.scrollLeft}px)`
          }}
        />
      </div>
      <div
        id="notation-says"
        className={problem ? classes.problem : classes.words}
        title={problem ? undefined : words}
        aria-live="polite"
      >
        {problem ? problem.detail : words}
      </div>
    </div>
  )
}

function coloured(value: string) {
  return value.split(/([:+()[\]{}]|\|\||∥)/).map((piece, place) =>
    place % 2 ? (
      <span key={place} className={classes.sign}>
        {piece}
      </span>
    ) : (
      piece
    ),
  )
}
