import { Anchor, Text } from '@mantine/core'
import { useQuery } from '@tanstack/react-query'
import { useRef } from 'react'
import { useTranslation } from 'react-i18next'
import { Link, useParams } from 'react-router'
import { keyingQuery } from '../api/queries'
import { Empty } from '../ui/Empty'
import { Failed } from '../ui/Failed'
import { Loading } from '../ui/Loading'
import { Screen } from '../ui/Screen'
import classes from './KeyIn.module.css'
import { KeyInRow } from './KeyInRow'

/** What a class wrote on paper, keyed in: a row a learner, a column a box. */
export default function KeyIn() {
  const { t } = useTranslation()
  const { classId, assignmentId } = useParams()
  const table = useRef<HTMLTableElement>(null)
  const keying = useQuery({ ...keyingQuery(Number(assignmentId)), refetchOnWindowFocus: false })
  if (keying.isLoadingError) return <Failed error={keying.error} onRetry={() => void keying.refetch()} />
  if (keying.isPending) return <Loading />
  const { assignment, boxes, rows } = keying.data
  const goTo = (row: number, box: number) =>
    table.current?.querySelector<HTMLElement>(`[data-at="${row} ${box}"]`)?.focus()
  return (
    <Screen
      title={t('keyIn.title', { title: assignment.title })}
      aside={
        <Anchor component={Link} to={`/results/${classId}/${assignment.id}`}>
          {assignment.classroom}
        </Anchor>
      }
    >
      <Text c="dimmed" mb="sm" maw={820}>
        {t('keyIn.how')}
      </Text>
      {rows.length === 0 && <Empty text={t('desk.nobody')} />}
      <div className={classes.scroll} tabIndex={0} role="region" aria-label={t('keyIn.table')}>
        <table className={classes.table} ref={table}>
          <thead>
            <tr>
              <th scope="col">{t('keyIn.learner')}</th>
              {boxes.map((box) => (
                <th key={box.box} scope="col" title={box.name}>
                  {box.number} <Text span c="dimmed" fz="xs">{`(${box.marks})`}</Text>
                  <Text c="dimmed" fz="xs" truncate maw={130}>
                    {box.name}
                  </Text>
                </th>
              ))}
              <td />
            </tr>
          </thead>
          <tbody>
            {rows.map((row, place) => (
              <KeyInRow
                key={row.learner.id}
                assignment={assignment}
                boxes={boxes}
                row={row}
                place={place}
                onGoTo={goTo}
              />
            ))}
          </tbody>
        </table>
      </div>
    </Screen>
  )
}
