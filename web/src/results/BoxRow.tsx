import { useTranslation } from 'react-i18next'
import { Link } from 'react-router'
import type { Schemas } from '../api/client'
import { Formula } from '../ui/Formula'
import type { Column } from './boxColumns'
import classes from './Boxes.module.css'
import { Decide } from './Decide'

interface BoxRowProps {
  box: Schemas['BoxResults']
  /** The columns that there are. */
  words: Column[]
  /** Whether there is more than one task. */
  many: boolean
  assignment: Schemas['AssignmentSummary']
}

/** What became of one box over all sheets, with the wrong values that were written. */
export function BoxRow({ box, words, many, assignment }: BoxRowProps) {
  const { t } = useTranslation()
  return (
    <tr>
      <th scope="row">
        {many && <span className={classes.task}>{box.number} </span>}
        {box.symbol ? <Formula markup={box.symbol} label={box.name} /> : box.name}
        {box.amount ? ' = ' : ': '}
        {box.expected}
      </th>
      <td className={classes.number} title={t('boxes.spread', { spread: box.spread.toFixed(1) })}>
        {box.marks === 0
          ? t('finding.left-out')
          : t('boxes.points', { points: box.mean.toFixed(1), of: box.marks })}
        <div className={classes.shares} aria-hidden>
          {words
            .filter((word) => box[word] > 0)
            .map((word) => (
              <span key={word} data-share={word} style={{ flexGrow: box[word] }} />
            ))}
        </div>
      </td>
      {words.map((word) => (
        <td key={word} className={classes.number} data-none={box[word] === 0}>
          {box[word]}
        </td>
      ))}
      <td>
        {box.wrongValues.map((value) => (
          <details key={value.shown} className={value.decidable ? classes.wording : classes.value}>
            <summary>
              {value.readable ? value.shown : `“${value.shown}”`}
              {value.learners.length > 1 && <b> × {value.learners.length}</b>}
              {value.decidable &&
                value.points > 0 &&
                ` (${t('boxes.points', { points: value.points, of: box.marks })})`}
            </summary>
            {value.decidable && (
              <div>
                <Decide assignment={assignment.id} box={box} value={value} />
              </div>
            )}
            {value.learners.map((one, place) => (
              <span key={one.id}>
                {place > 0 && ', '}
                <Link
                  className={classes.name}
                  to={`/results/${assignment.classroomId}/${assignment.id}/${one.id}`}
                >
                  {one.displayName}
                </Link>
              </span>
            ))}
          </details>
        ))}
      </td>
    </tr>
  )
}
