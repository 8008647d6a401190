import { Button, Group, Modal, Stack, Text } from '@mantine/core'
import { useTranslation } from 'react-i18next'

export interface LeaveDialogProps {
  onStay: () => void
  onLeave: () => void
}

/** Not everything on the screen is kept: stay, or leave and come back to it. */
export default function LeaveDialog({ onStay, onLeave }: LeaveDialogProps) {
  const { t } = useTranslation()
  return (
    <Modal
      opened
      onClose={onStay}
      title={t('keeping.leaveTitle')}
      closeButtonProps={{ 'aria-label': t('ui.close') }}
    >
      <Stack>
        <Text>{t('keeping.leave')}</Text>
        <Group justify="flex-end">
          <Button variant="default" onClick={onLeave}>
            {t('keeping.leaveYes')}
          </Button>
          <Button onClick={onStay} data-autofocus>
            {t('keeping.stay')}
          </Button>
        </Group>
      </Stack>
    </Modal>
  )
}
