import { Text } from '@mantine/core'
import { useTranslation } from 'react-i18next'
import type { Schemas } from '../api/client'
import { useCorrectionSaid } from '../ui/useCorrectionSaid'
import { atMoment } from '../ui/when'
import classes from './Feedback.module.css'

/** What was put right in the memo since the work was handed out, for its learner. */
export function Corrections({ entries }: { entries: Schemas['Entry'][] }) {
  const { t } = useTranslation()
  const said = useCorrectionSaid()
  if (entries.length === 0) return null
  return (
    <section aria-label={t('correction.since')}>
      <Text fw={600}>{t('correction.since')}</Text>
      <ul className={classes.corrections}>
        {entries.map((entry) => (
          <li key={entry.revision}>
            {said(entry)} {t('correction.reason', { reason: entry.reason })}{' '}
            <Text span c="dimmed">
              ({atMoment(entry.at)})
            </Text>
          </li>
        ))}
      </ul>
    </section>
  )
}
