import { Button, Code, Modal, Stack, Text } from '@mantine/core'
import { useTranslation } from 'react-i18next'
import type { Theirs } from '../keeping/kept'
import { atClock } from '../ui/when'
import type { History } from './history'
import { onTopOf, type Making } from './making'

interface WhichDialogProps {
  mine: History<Making>
  theirs: Theirs<History<Making>>
  onChosen: (history: History<Making>) => void
}

/** Which of two versions of a question in the making goes on; the other is what undoing leads back to. */
export function WhichDialog({ mine, theirs, onChosen }: WhichDialogProps) {
  const { t } = useTranslation()
  const there = theirs.value
  return (
    <Modal opened onClose={() => undefined} withCloseButton={false} title={t('making.which')}>
      <Stack>
        <Text>{t('making.whichWhy')}</Text>
        <Version making={mine.now} />
        <Button data-autofocus onClick={() => onChosen(onTopOf(there, mine.now, there.now))}>
          {t('making.here')}
        </Button>
        <Version making={there.now} />
        <Button variant="default" onClick={() => onChosen(onTopOf(there, there.now, mine.now))}>
          {t('making.there', { time: atClock(theirs.keptAt) })}
        </Button>
      </Stack>
    </Modal>
  )
}

function Version({ making }: { making: Making }) {
  const { t } = useTranslation()
  return (
    <Text component="div" fz="sm">
      <Code>{making.notation}</Code> {t('desk.tasks', { count: making.asking?.tasks.length ?? 0 })}
    </Text>
  )
}
