import { Button, Text, VisuallyHidden } from '@mantine/core'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { Link, useParams } from 'react-router'
import type { Schemas } from '../api/client'
import { resultsQuery } from '../api/queries'
import { ReleaseDialog } from '../classes/ReleaseDialog'
import { Empty } from '../ui/Empty'
import { Failed } from '../ui/Failed'
import { Loading } from '../ui/Loading'
import { Screen } from '../ui/Screen'
import { atMoment } from '../ui/when'
import classes from './Results.module.css'

type Assignment = Schemas['AssignmentSummary']
type LearnerView = Schemas['LearnerView']

/** A class's table, learner by question. */
export default function Results() {
  const { t } = useTranslation()
  const classId = Number(useParams().classId)
  const results = useQuery(resultsQuery(classId))
  const [releasing, setReleasing] = useState<Assignment>()
  if (results.isLoadingError) return <Failed error={results.error} onRetry={() => void results.refetch()} />
  if (results.isPending) return <Loading />
  const { classroom, assignments, rows } = results.data
  return (
    <Screen title={t('results.title')} aside={classroom}>
      {assignments.length === 0 ? (
        <Empty text={t('results.nothing')} />
      ) : (
        <div className={classes.scroll} tabIndex={0} role="region" aria-label={t('results.title')}>
          <table className={classes.table}>
            <thead>
              <tr>
                <th scope="col">{t('results.learner')}</th>
                {assignments.map((one) => (
                  <th key={one.id} scope="col">
                    <div className={classes.title}>{one.title}</div>
                    <div className={classes.sub}>
                      {t('assignment.sent', { count: one.sent })} ·{' '}
                      {one.released ? t('assignment.released') : atMoment(one.dueAt)}
                    </div>
                    {!one.released && one.sent > 0 && (
                      <Button variant="default" size="xs" mt={6} onClick={() => setReleasing(one)}>
                        {t('assignment.release')}
                      </Button>
                    )}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {rows.map((row) => (
                <tr key={row.learner.id}>
                  <th scope="row">{row.learner.displayName}</th>
                  {row.cells.map((cell, place) => {
                    const assignment = assignments[place]!
                    return (
                      <td key={assignment.id}>
                        <Link
                          className={classes.cell}
                          to={`/results/${classId}/${assignment.id}/${row.learner.id}`}
                        >
                          <VisuallyHidden>
                            {t('results.sheet', {
                              name: row.learner.displayName,
                              title: assignment.title,
                              state: t(`assignment.state.${stateOf(cell)}`),
                            })}{' '}
                          </VisuallyHidden>
                          <Marks cell={cell} total={assignment.total} />
                        </Link>
                      </td>
                    )
                  })}
                </tr>
              ))}
            </tbody>
          </table>
          <Text c="dimmed" fz="xs" mt="sm">
            {t('results.legend')}
          </Text>
        </div>
      )}
      {releasing && <ReleaseDialog assignmentId={releasing.id} onClose={() => setReleasing(undefined)} />}
    </Screen>
  )
}

const stateOf = (cell: LearnerView) => (cell.collected ? 'collected' : cell.late ? 'late' : cell.state)

function Marks({ cell, total }: { cell: LearnerView; total: number }) {
  const { t } = useTranslation()
  if (cell.marks === null)
    return (
      <span className={classes.sub} aria-hidden>
        {cell.state === 'working' ? '…' : '·'}
      </span>
    )
  return (
    <>
      <b>{cell.marks}</b> <span className={classes.sub}>{t('results.of', { total })}</span>
      {stateOf(cell) !== 'sent' && (
        <span className={classes.sub} aria-hidden>
          {' '}
          · {t(`assignment.state.${stateOf(cell)}`)}
        </span>
      )}
    </>
  )
}
