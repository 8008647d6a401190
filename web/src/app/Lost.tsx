import { Anchor, Stack } from '@mantine/core'
import { useTranslation } from 'react-i18next'
import { ScreenTitle } from '../ui/ScreenTitle'

/** An address that leads nowhere, or a screen that broke. */
export function Lost({ failed = false }: { failed?: boolean }) {
  const { t } = useTranslation()
  return (
    <Stack p="lg" component={failed ? 'main' : 'div'}>
      <ScreenTitle title={t(failed ? 'lost.failed' : 'lost.title')} />
      <Anchor href="/">{t('lost.home')}</Anchor>
    </Stack>
  )
}
