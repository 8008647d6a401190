import { Button, Group, Modal, Text } from '@mantine/core'
import { useTranslation } from 'react-i18next'
import list from '../desk/Desk.module.css'
import { Empty } from './Empty'
import { Loading } from './Loading'
import { atMoment } from './when'

export interface EarlierOne {
  revision: number
  title: string
  at: string
  /** How much it was. */
  size: string
}

interface EarlierProps {
  /** What it is now. */
  title: string
  /** What it was before each change, the latest first; missing until that is known. */
  ones?: EarlierOne[]
  /** The one that is on its way back. */
  pending?: number
  onBack: (revision: number) => void
  onClose: () => void
}

/** What something was before each change, to be brought back. */
export function Earlier({ title, ones, pending, onBack, onClose }: EarlierProps) {
  const { t } = useTranslation()
  return (
    <Modal
      opened
      onClose={onClose}
      title={t('earlier.title', { title })}
      closeButtonProps={{ 'aria-label': t('ui.close') }}
    >
      {!ones && <Loading />}
      {ones?.length === 0 && <Empty text={t('earlier.none')} />}
      <ul className={list.list}>
        {ones?.map((one) => (
          <li key={one.revision}>
            <Group justify="space-between" wrap="nowrap" py={6}>
              <div>
                <Text>{one.title}</Text>
                <Text c="dimmed" fz="xs">
                  {atMoment(one.at)} · {one.size}
                </Text>
              </div>
              <Button
                variant="default"
                size="compact-sm"
                mih={36}
                aria-label={t('earlier.bringBack', { when: atMoment(one.at) })}
                loading={pending === one.revision}
                onClick={() => onBack(one.revision)}
              >
                {t('earlier.back')}
              </Button>
            </Group>
          </li>
        ))}
      </ul>
    </Modal>
  )
}
