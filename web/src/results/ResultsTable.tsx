import { Button } from '@mantine/core'
import { useVirtualizer } from '@tanstack/react-virtual'
import { useRef } from 'react'
import { useTranslation } from 'react-i18next'
import { Link } from 'react-router'
import type { Schemas } from '../api/client'
import { atMoment } from '../ui/when'
import { OverTime } from './OverTime'
import classes from './Results.module.css'

type Assignment = Schemas['AssignmentSummary']
type Row = Schemas['ResultRow']

const ROW_PX = 49
const OVER = 4
/** So many rows are in the page as a whole. */
const WHOLE = 24

interface ResultsTableProps {
  /** All of the class, as the rows have their cells; those that are shown are named beside. */
  assignments: Assignment[]
  shown: ReadonlySet<number>
  rows: Row[]
  onRelease: (assignment: Assignment) => void
}

/** Learner by assignment. Heads and names stay in sight; of a large class only the rows on the screen are in the page. */
export function ResultsTable({ assignments, shown, rows, onRelease }: ResultsTableProps) {
  const { t } = useTranslation()
  const scroll = useRef<HTMLDivElement>(null)
  // eslint-disable-next-line react-hooks/incompatible-library -- only this component reads it, and anew each time
  const visible = useVirtualizer({
    count: rows.length,
    getScrollElement: () => scroll.current,
    estimateSize: () => ROW_PX,
    overscan: OVER,
  })
  const whole = rows.length <= WHOLE
  const some = whole
    ? rows.map((_, index) => ({ index, start: index * ROW_PX, end: (index + 1) * ROW_PX }))
    : visible.getVirtualItems()
  const before = some[0]?.start ?? 0
  const after = whole ? 0 : visible.getTotalSize() - (some.at(-1)?.end ?? 0)
  return (
    <div className={classes.scroll} ref={scroll} tabIndex={0} role="region" aria-label={t('results.title')}>
      <table className={classes.table} aria-rowcount={rows.length + 1}>
        <thead>
          <tr>
            <th scope="col">{t('results.learner')}</th>
            {assignments.length > 1 && <th scope="col">{t('results.overTime')}</th>}
            {assignments.map(
              (one) =>
                shown.has(one.id) && <Head key={one.id} assignment={one} onRelease={() => onRelease(one)} />,
            )}
          </tr>
        </thead>
        <tbody>
          {before > 0 && <tr style={{ height: before }} aria-hidden />}
          {some.map(({ index }) => {
            const row = rows[index]!
            return (
              <tr key={row.learner.id} aria-rowindex={index + 2}>
                <th scope="row">{row.learner.displayName}</th>
                {assignments.length > 1 && <OverTime assignments={assignments} cells={row.cells} />}
                {assignments.map(
                  (one, place) =>
                    shown.has(one.id) && (
                      <Cell key={one.id} assignment={one} learner={row.learner} cell={row.cells[place]!} />
                    ),
                )}
              </tr>
            )
          })}
          {after > 0 && <tr style={{ height: after }} aria-hidden />}
        </tbody>
      </table>
    </div>
  )
}

function Head({ assignment, onRelease }: { assignment: Assignment; onRelease: () => void }) {
  const { t } = useTranslation()
  return (
    <th scope="col">
      <Link className={classes.title} to={`/results/${assignment.classroomId}/${assignment.id}`}>
        {assignment.title}
      </Link>
      <div className={classes.sub}>
        {t('assignment.sent', { count: assignment.sent })} ·{' '}
        {assignment.released ? t('assignment.released') : atMoment(assignment.dueAt)}
      </div>
      {assignment.sentAgain > 0 && (
        <div className={classes.sub}>{t('assignment.sentAgain', { count: assignment.sentAgain })}</div>
      )}
      {assignment.open && assignment.sent + assignment.working > 0 && (
        <Button variant="default" size="xs" mt={6} onClick={onRelease}>
          {t('assignment.release')}
        </Button>
      )}
    </th>
  )
}

interface CellProps {
  assignment: Assignment
  learner: Schemas['Learner']
  cell: Schemas['LearnerView']
}

/** One sheet: its marks, or how far it is; its name has what is seen of it and whose it is. */
function Cell({ assignment, learner, cell }: CellProps) {
  const { t } = useTranslation()
  const state = cell.collected ? 'collected' : cell.late ? 'late' : cell.state
  const of = t('results.of', { total: assignment.total })
  const beside = [
    of,
    ...(state === 'sent' ? [] : [t(`assignment.state.${state}`)]),
    ...(cell.attempt > 1 ? [t('attempts.number', { number: cell.attempt })] : []),
    ...(cell.again ? [t(`results.again.${cell.again}`)] : []),
  ].join(' · ')
  const said = cell.marks === null ? t(`assignment.state.${state}`) : `${cell.marks} ${beside}`
  return (
    <td>
      <Link
        className={classes.cell}
        to={`/results/${assignment.classroomId}/${assignment.id}/${learner.id}`}
        aria-label={t('results.sheet', { name: learner.displayName, title: assignment.title, state: said })}
      >
        {cell.marks === null ? cell.state === 'working' ? '…' : '·' : <b>{cell.marks}</b>}
        {cell.marks !== null && ` ${beside}`}
      </Link>
    </td>
  )
}
