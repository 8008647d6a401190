import { useTranslation } from 'react-i18next'
import type { Schemas } from '../api/client'
import { ReadLine } from './ReadLine'
import classes from './WorkedLines.module.css'

/** A calculation in lines as it was read, each with the points it earned at its end, and under it the points that were not. */
export function WorkedLines({ working }: { working: Schemas['WorkedView'] }) {
  const { t } = useTranslation()
  const named = (points: Schemas['CreditView'][]) =>
    [...new Set(points.map((credit) => credit.point))]
      .map((point) => {
        const count = points.filter((credit) => credit.point === point).length
        return t(`worked.${point}`) + (count > 1 ? ` × ${count}` : '')
      })
      .join(', ')
  const of = (line: number) => working.credits.filter((credit) => credit.earned && credit.line === line)
  const lost = working.credits.filter((credit) => !credit.earned)
  return (
    <span className={classes.worked}>
      {working.lines.map((line, k) => (
        <span key={k} className={classes.line}>
          <span className={classes.read}>
            {line.read.length === 0 ? line.typed : <ReadLine sides={line.read} />}
          </span>
          {of(k).length > 0 && <span className={classes.earned}>✓ {named(of(k))}</span>}
          {line.said.map((sentence) => (
            <span key={sentence} className={classes.said}>
              {sentence}
            </span>
          ))}
        </span>
      ))}
      {lost.length > 0 && <span className={classes.lost}>{t('worked.lost', { points: named(lost) })}</span>}
    </span>
  )
}
