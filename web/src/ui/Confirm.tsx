import { Button, Group, Modal, Stack, Text } from '@mantine/core'
import { useMutation } from '@tanstack/react-query'
import type { ReactNode } from 'react'
import { useTranslation } from 'react-i18next'

interface ConfirmProps {
  title: string
  children: ReactNode
  /** What the act is called on its button. */
  yes: string
  onYes: () => Promise<unknown>
  onClose: () => void
}

/** Asks before something is done that cannot be undone in passing; what goes wrong is said in place. */
export function Confirm({ title, children, yes, onYes, onClose }: ConfirmProps) {
  const { t } = useTranslation()
  const act = useMutation({ mutationFn: onYes, onSuccess: onClose })
  return (
    <Modal opened onClose={onClose} title={title} closeButtonProps={{ 'aria-label': t('ui.close') }}>
      <Stack>
        <Text component="div">{children}</Text>
        {act.isError && (
          <Text c="var(--mantine-color-error)" role="alert">
            {act.error.message}
          </Text>
        )}
        <Group justify="flex-end">
          <Button variant="default" onClick={onClose} data-autofocus>
            {t('ui.cancel')}
          </Button>
          <Button loading={act.isPending} onClick={() => act.mutate()}>
            {yes}
          </Button>
        </Group>
      </Stack>
    </Modal>
  )
}
