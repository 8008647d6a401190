import { Anchor, Text } from '@mantine/core'
import { useTranslation } from 'react-i18next'
import { Link } from 'react-router'
import type { Schemas } from '../api/client'

interface AttemptLinksProps {
  sheet: Schemas['SheetView']
  attempts: Schemas['AttemptView'][]
  /** Whether what is right is told. */
  whole: boolean
}

/** Which attempt is looked at, the ways to the others, and back to the sheet that can be written on. */
export function AttemptLinks({ sheet, attempts, whole }: AttemptLinksProps) {
  const { t } = useTranslation()
  const words = (one: Schemas['AttemptView']) =>
    t(one.counts && whole ? 'feedback.attemptCounts' : 'feedback.attempt', {
      number: one.number,
      marks: one.marks,
      total: sheet.marks,
    })
  return (
    <>
      {!whole && (
        <Text mb="sm">
          {t('feedback.tryAgain')}{' '}
          <Anchor component={Link} underline="always" to={`/work/${sheet.id}`}>
            {t('feedback.toSheet')}
          </Anchor>
        </Text>
      )}
      {(attempts.length > 1 || (attempts[0]?.number ?? 1) > 1) && (
        <Text component="nav" mb="sm" aria-label={t('feedback.attempts')}>
          {attempts.map((one, place) => (
            <span key={one.number}>
              {place > 0 && ' · '}
              {one.number === sheet.attempt ? (
                <b aria-current="page">{words(one)}</b>
              ) : (
                <Anchor
                  component={Link}
                  underline="always"
                  to={`/work/${sheet.id}/feedback?attempt=${one.number}`}
                >
                  {words(one)}
                </Anchor>
              )}
            </span>
          ))}
        </Text>
      )}
    </>
  )
}
