import { Anchor, Button, Text, Title } from '@mantine/core'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { Link, useParams } from 'react-router'
import { boxResultsQuery } from '../api/queries'
import { AssignmentMenu } from '../classes/AssignmentMenu'
import { ReleaseDialog } from '../classes/ReleaseDialog'
import { Failed } from '../ui/Failed'
import { Loading } from '../ui/Loading'
import { Screen } from '../ui/Screen'
import { atMoment } from '../ui/when'
import classes from './Boxes.module.css'
import { columnsOf } from './boxColumns'
import { BoxRow } from './BoxRow'
import { SlipList } from './SlipList'
import { TeachAgain } from './TeachAgain'
import { WhoSent } from './WhoSent'

/** One assignment: where everybody is, and box by box what became of it. */
export default function Boxes() {
  const { t } = useTranslation()
  const { classId, assignmentId } = useParams()
  const view = useQuery({ ...boxResultsQuery(Number(assignmentId)), refetchInterval: 10_000 })
  const [releasing, setReleasing] = useState(false)
  if (view.isLoadingError) return <Failed error={view.error} onRetry={() => void view.refetch()} />
  if (view.isPending) return <Loading />
  const { assignment, boxes } = view.data
  const words = columnsOf(boxes)
  const many = new Set(boxes.map((box) => box.number)).size > 1
  return (
    <Screen
      title={assignment.title}
      aside={`${assignment.classroom} · ${
        assignment.released
          ? t('assignment.released')
          : `${t('assignment.due')} ${atMoment(assignment.dueAt)}`
      }`}
      actions={
        <>
          <Anchor component={Link} to={`/results/${classId}`}>
            {t('sheet.back', { classroom: assignment.classroom })}
          </Anchor>
          {assignment.open && assignment.sent + assignment.working > 0 && (
            <Button variant="default" onClick={() => setReleasing(true)}>
              {t('assignment.release')}
            </Button>
          )}
          {assignment.sent > 0 && (
            <Button component={Link} to={`/results/${classId}/${assignment.id}/review`} variant="default">
              {t('boxes.review')}
            </Button>
          )}
          {assignment.sent > 0 && (
            <Button
              component="a"
              href={`/api/assignments/${assignment.id}/findings.csv`}
              download
              variant="default"
            >
              {t('boxes.csv')}
            </Button>
          )}
          <AssignmentMenu assignment={assignment} />
        </>
      }
    >
      <WhoSent view={view.data} />
      {assignment.sent === 0 ? (
        <Text c="dimmed" mt="md">
          {t('boxes.nothing')}
        </Text>
      ) : (
        <>
          <TeachAgain view={view.data} many={many} />
          <SlipList slips={view.data.slips} sheets={assignment.sent} assignment={assignment} />
          <Title order={2} mt="lg" mb="xs">
            {t('boxes.title')}
          </Title>
          <div className={classes.wide}>
            <table className={classes.table}>
              <thead>
                <tr>
                  <th scope="col">{t('boxes.box')}</th>
                  <th scope="col" className={classes.number}>
                    {t('boxes.mean')}
                  </th>
                  {words.map((word) => (
                    <th key={word} scope="col" className={classes.number}>
                      {t(`boxes.${word}`)}
                      <span className={classes.shares} aria-hidden>
                        <span data-share={word} />
                      </span>
                    </th>
                  ))}
                  <th scope="col">{t('boxes.values')}</th>
                </tr>
              </thead>
              <tbody>
                {boxes.map((box) => (
                  <BoxRow key={box.box} box={box} words={words} many={many} assignment={assignment} />
                ))}
              </tbody>
            </table>
          </div>
        </>
      )}
      {releasing && <ReleaseDialog assignmentId={assignment.id} onClose={() => setReleasing(false)} />}
    </Screen>
  )
}
