import { Anchor, Text } from '@mantine/core'
import { useTranslation } from 'react-i18next'
import { Link } from 'react-router'
import type { Schemas } from '../api/client'

/** Which attempt a sheet is, where it is not the first, and the way to what came of the one before. */
export function Attempted({ sheet }: { sheet: Schemas['SheetView'] }) {
  const { t } = useTranslation()
  if (!sheet.again) return null
  return (
    <Text c="dimmed" fz="xs" px="md" py={6}>
      {t('work.attempt', { number: sheet.attempt })}
      {sheet.earlier > 0 && (
        <>
          {' · '}
          <Anchor
            component={Link}
            underline="always"
            fz="xs"
            to={`/work/${sheet.id}/feedback?attempt=${sheet.earlier}`}
          >
            {t('work.earlier', { number: sheet.earlier })}
          </Anchor>
        </>
      )}
    </Text>
  )
}
