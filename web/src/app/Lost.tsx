import { Anchor, Stack, Title } from '@mantine/core'
import { useTranslation } from 'react-i18next'

/** An address that leads nowhere, or a screen that broke. */
export function Lost({ failed = false }: { failed?: boolean }) {
  const { t } = useTranslation()
  return (
    <Stack p="lg" component="main">
      <title>{`${t(failed ? 'lost.failed' : 'lost.title')} · Didaxis`}</title>
      <Title order={1}>{t(failed ? 'lost.failed' : 'lost.title')}</Title>
      <Anchor href="/">{t('lost.home')}</Anchor>
    </Stack>
  )
}
