import { useTranslation } from 'react-i18next'
import type { Schemas } from '../api/client'
import classes from './Results.module.css'

const STEP = 5
const HEIGHT = 22
/** A sheet with no marks at all is still seen to be there. */
const LEAST = 1.5

interface OverTimeProps {
  assignments: Schemas['AssignmentSummary'][]
  cells: Schemas['LearnerView'][]
}

/** One learner's share of the marks from sheet to sheet, in the order of their due times; where none came in there is a gap. */
export function OverTime({ assignments, cells }: OverTimeProps) {
  const { t } = useTranslation()
  const sheets = assignments.map(({ total }, place) => ({ total, marks: cells[place]?.marks ?? null }))
  const sent = sheets.filter((one) => one.marks !== null)
  const bars = sheets.map(({ total, marks }, place) =>
    marks === null || total === 0
      ? ''
      : `M${place * STEP + STEP / 2} ${HEIGHT}v${-Math.max(LEAST, (HEIGHT * marks) / total)}`,
  )
  const sum = (of: 'marks' | 'total') => sent.reduce((all, one) => all + (one[of] ?? 0), 0)
  const width = Math.max(1, sheets.length) * STEP
  return (
    <td className={classes.overTime}>
      <svg
        width={width}
        height={HEIGHT}
        viewBox={`0 0 ${width} ${HEIGHT}`}
        role="img"
        aria-label={t('results.allOf', { marks: sum('marks'), total: sum('total'), count: sent.length })}
      >
        <path d={bars.join('')} />
      </svg>
    </td>
  )
}
