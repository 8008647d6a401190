import { Button, Title } from '@mantine/core'
import { useDisclosure } from '@mantine/hooks'
import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { Link, useParams } from 'react-router'
import { assignmentsQuery, classQuery } from '../api/queries'
import columns from '../desk/Desk.module.css'
import { Failed } from '../ui/Failed'
import { Loading } from '../ui/Loading'
import { Screen } from '../ui/Screen'
import { AssignmentList } from './AssignmentList'
import { ClassMenu } from './ClassMenu'
import { HandOutDialog } from './HandOutDialog'
import { LearnerList } from './LearnerList'

/** One class: its learners, what was handed to it, and handing out. */
export default function ClassScreen() {
  const { t } = useTranslation()
  const id = Number(useParams().classId)
  const classroom = useQuery(classQuery(id))
  const assignments = useQuery(assignmentsQuery)
  const [opened, dialog] = useDisclosure(false)
  if (classroom.isLoadingError)
    return <Failed error={classroom.error} onRetry={() => void classroom.refetch()} />
  if (classroom.isPending) return <Loading />
  return (
    <Screen
      title={classroom.data.name}
      aside={[
        t('classes.learners', { count: classroom.data.learners.length }),
        ...(classroom.data.archived ? [t('class.isArchived')] : []),
      ].join(' · ')}
      actions={
        <>
          <Button variant="default" component={Link} to={`/results/${id}`}>
            {t('classes.results')}
          </Button>
          <Button onClick={dialog.open}>{t('handOut.title')}</Button>
          <ClassMenu classroom={classroom.data} />
        </>
      }
    >
      <div className={columns.columns}>
        <section>
          <Title order={2} mb="xs">
            {t('classes.assignments')}
          </Title>
          {assignments.isError && (
            <Failed error={assignments.error} onRetry={() => void assignments.refetch()} />
          )}
          {assignments.isPending && <Loading />}
          {assignments.data && (
            <AssignmentList assignments={assignments.data.filter((one) => one.classroomId === id)} />
          )}
        </section>
        <section>
          <Title order={2} mb="xs">
            {t('classes.learnersTitle')}
          </Title>
          <LearnerList classroom={classroom.data} />
        </section>
      </div>
      {opened && <HandOutDialog classId={id} onClose={dialog.close} />}
    </Screen>
  )
}
