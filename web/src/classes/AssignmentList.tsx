import { Anchor, Text } from '@mantine/core'
import { useTranslation } from 'react-i18next'
import { Link } from 'react-router'
import type { Schemas } from '../api/client'
import { Empty } from '../ui/Empty'
import { atMoment } from '../ui/when'
import { AssignmentMenu } from './AssignmentMenu'
import classes from './AssignmentList.module.css'

/** What was handed to a class, with how many are where. */
export function AssignmentList({ assignments }: { assignments: Schemas['AssignmentSummary'][] }) {
  const { t } = useTranslation()
  if (assignments.length === 0) return <Empty text={t('classes.noAssignments')} />
  return (
    <ul className={classes.list}>
      {assignments.map((one) => {
        const notBegun = one.learners - one.working - one.sent
        return (
          <li key={one.id}>
            <div className={classes.head}>
              <Anchor component={Link} to={`/results/${one.classroomId}/${one.id}`} c="inherit" fw={600}>
                {one.title}
              </Anchor>
              <Text c="dimmed" fz="xs" ml="auto">
                {one.released ? t('assignment.released') : `${t('assignment.due')} ${atMoment(one.dueAt)}`}
              </Text>
              <AssignmentMenu assignment={one} />
            </div>
            <div className={classes.progress} aria-hidden>
              <span className={classes.sent} style={{ flexGrow: one.sent }} />
              <span className={classes.working} style={{ flexGrow: one.working }} />
              <span style={{ flexGrow: notBegun }} />
            </div>
            <Text c="dimmed" fz="xs">
              {t('assignment.sent', { count: one.sent })} · {t('assignment.working', { count: one.working })}{' '}
              · {t('assignment.notBegun', { count: notBegun })}
              {one.again > 0 && ` · ${t('assignment.again', { count: one.again })}`}
              {one.sentAgain > 0 && ` · ${t('assignment.sentAgain', { count: one.sentAgain })}`}
            </Text>
          </li>
        )
      })}
    </ul>
  )
}
