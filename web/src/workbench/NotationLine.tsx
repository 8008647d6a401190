import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import type { Problem } from '../api/client'
import { NotationHelp } from './NotationHelp'
import classes from './NotationLine.module.css'

/** Longer ones are set smaller, so that two lines of them take no more room than one. */
const LONG = 48

interface NotationLineProps {
  value: string
  onChange: (value: string) => void
  /** What is wrong with the text, if anything is. */
  problem?: Problem
  /** The circuit in words, when it can be read. */
  words: string
}

/**
 * The circuit as one line of text, its signs in copper, the place of an error marked. A long one goes on below, so that
 * all of it is in sight; the text itself never has a break in it.
 */
export function NotationLine({ value, onChange, problem, words }: NotationLineProps) {
  const { t } = useTranslation()
  const [typing, setTyping] = useState(false)
  const column = typeof problem?.column === 'number' ? problem.column : undefined
  return (
    <div className={classes.row}>
      <label htmlFor="notation" className={classes.label}>
        {t('workbench.circuit')}
      </label>
      <div className={`${classes.field} ${value.length > LONG ? classes.long : ''}`}>
        <div className={classes.mirror} aria-hidden>
          {column === undefined ? (
            coloured(value)
          ) : (
            <>
              {coloured(value.slice(0, column - 1))}
              <span className={classes.mark} data-testid="error-mark">
                {value.slice(column - 1, column) || ' '}
              </span>
              {coloured(value.slice(column))}
            </>
          )}
        </div>
        <textarea
          id="notation"
          rows={1}
          className={classes.input}
          value={value}
          spellCheck={false}
          autoComplete="off"
          autoCapitalize="off"
          aria-invalid={problem !== undefined}
          aria-describedby="notation-says"
          onBlur={() => setTyping(false)}
          onKeyDown={(event) => event.key === 'Enter' && event.preventDefault()}
          onChange={(event) => {
            setTyping(true)
            onChange(event.currentTarget.value.replace(/\s*\n\s*/g, ' '))
          }}
        />
      </div>
      <NotationHelp onTake={onChange} />
      <div
        id="notation-says"
        className={problem ? classes.problem : classes.words}
        title={problem ? undefined : words}
        // What composing does is said by who does it; here it is what was typed.
        aria-live={typing ? 'polite' : 'off'}
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
