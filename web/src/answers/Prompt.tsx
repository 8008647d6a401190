import { useTranslation } from 'react-i18next'
import type { Task } from './places'
import classes from './Tasks.module.css'

/** A task as a learner reads it, its marks at the right. */
export function Prompt({ task }: { task: Task }) {
  const { t } = useTranslation()
  return (
    <p className={classes.prompt}>
      <span className={classes.number}>{task.number}</span> {task.prompt}{' '}
      {task.marks === 0 ? (
        <span className={classes.marks}>({t('finding.left-out')})</span>
      ) : (
        <span className={classes.marks} role="img" aria-label={t('chart.marks', { count: task.marks })}>
          ({task.marks})
        </span>
      )}
    </p>
  )
}
