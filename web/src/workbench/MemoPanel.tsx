import { Button, Group, Text } from '@mantine/core'
import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import type { Schemas } from '../api/client'
import { memoQuery } from '../api/queries'
import { Failed } from '../ui/Failed'
import { Loading } from '../ui/Loading'
import classes from './MemoPanel.module.css'
import { StepEquation } from '../ui/StepEquation'

interface MemoPanelProps {
  /** The question as it stands. */
  request: Schemas['QuestionToCheck']
  /** Back to what is asked. */
  onBack: () => void
}

/** The memo of a question: the model answers with their ticks, what is accepted, and other routes. */
export function MemoPanel({ request, onBack }: MemoPanelProps) {
  const { t } = useTranslation()
  const memo = useQuery({ ...memoQuery(request), placeholderData: keepPreviousData })
  if (memo.isLoadingError) return <Failed error={memo.error} onRetry={() => void memo.refetch()} />
  if (memo.isPending) return <Loading />
  return (
    <section aria-label={t('memo.title')}>
      <Group justify="space-between">
        <Text c="dimmed" fz="sm">
          {t('memo.total', { count: memo.data.total })}
        </Text>
        <Button variant="subtle" size="compact-sm" mih={36} onClick={onBack}>
          {t('task.backToTasks')}
        </Button>
      </Group>
      <ol className={classes.tasks}>
        {memo.data.tasks.map((task, place) => (
          <li key={task.number}>
            {task.act && task.act !== memo.data.tasks[place - 1]?.act && (
              <p className={classes.act}>{task.act}</p>
            )}
            <p className={classes.prompt}>
              <span className={classes.number}>{task.number}</span>
              <span>{task.prompt}</span>
              <span className={classes.marks}>({task.marks})</span>
            </p>
            {task.entries.map((entry, at) => (
              // Boxes of a task never change their order.
              <Entry key={at} entry={entry} named={task.entries.length > 1} />
            ))}
          </li>
        ))}
      </ol>
    </section>
  )
}

/** The model answer to one box; its name where a task has several. */
function Entry({ entry, named }: { entry: Schemas['MemoEntry']; named: boolean }) {
  const { t } = useTranslation()
  return (
    <div className={classes.entry}>
      {named && !entry.symbol && <p className={classes.name}>{entry.name}</p>}
      {entry.lines.map((line, place) => (
        <Line key={place} line={line} />
      ))}
      {entry.accepted && <p className={classes.note}>{t('memo.accepted', { range: entry.accepted })}</p>}
      {entry.refused.length > 0 && (
        <p className={classes.note}>{t('memo.refused', { what: entry.refused.join(' / ') })}</p>
      )}
      {entry.routes.length > 0 && (
        <details className={classes.note}>
          <summary>{t('memo.routes', { count: entry.routes.length })}</summary>
          {entry.routes.map((route, place) => (
            <div key={place} className={classes.route}>
              <p className={classes.or}>{t('memo.or')}</p>
              {route.map((line) => (
                <Line key={line.text} line={line} />
              ))}
            </div>
          ))}
        </details>
      )}
    </div>
  )
}

/** A line with its ticks at the right. */
function Line({ line }: { line: Schemas['MemoLine'] }) {
  const { t } = useTranslation()
  return (
    <div className={classes.line}>
      {line.step ? <StepEquation step={line.step} /> : <p className={classes.words}>{line.text}</p>}
      {line.points.length > 0 && (
        <span
          className={classes.ticks}
          role="img"
          aria-label={line.points.map((point) => t(`memo.point.${point}`)).join(', ')}
          title={line.points.map((point) => t(`memo.point.${point}`)).join(', ')}
        >
          {'✓'.repeat(line.points.length)}
        </span>
      )}
    </div>
  )
}
