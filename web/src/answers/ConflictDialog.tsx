import { Button, Group, Modal, Radio, Stack, Text } from '@mantine/core'
import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import type { Theirs } from '../keeping/kept'
import { atClock } from '../ui/when'
import { chosen, type Texts } from './keptAnswers'
import type { Place } from './places'

interface ConflictDialogProps {
  opened: boolean
  onClose: () => void
  /** The boxes that were changed here and there, each otherwise. */
  boxes: Place[]
  mine: Texts
  /** What both were begun from. */
  base: Texts
  theirs: Theirs<Texts>
  onChosen: (texts: Texts) => void
}

/** Both versions of a sheet that was changed in two places; the learner chooses box by box. */
export default function ConflictDialog({
  opened,
  onClose,
  boxes,
  mine,
  base,
  theirs,
  onChosen,
}: ConflictDialogProps) {
  const { t } = useTranslation()
  const [there, setThere] = useState<ReadonlySet<string>>(new Set())
  const choose = (key: string, which: string) => {
    const next = new Set(there)
    if (which === 'there') next.add(key)
    else next.delete(key)
    setThere(next)
  }
  return (
    <Modal
      opened={opened}
      onClose={onClose}
      title={t('conflict.title')}
      closeButtonProps={{ 'aria-label': t('ui.close') }}
    >
      <Stack>
        <Text>{t('conflict.ask')}</Text>
        {boxes.map(({ box, name }) => {
          const key = box.id
          return (
            <Radio.Group
              key={key}
              label={name}
              value={there.has(key) ? 'there' : 'here'}
              onChange={(which) => choose(key, which)}
            >
              <Stack gap={6} mt={6}>
                <Radio value="here" label={t('conflict.here', { text: mine[key] || t('conflict.empty') })} />
                <Radio
                  value="there"
                  label={t('conflict.there', {
                    text: theirs.value[key] || t('conflict.empty'),
                    time: atClock(theirs.keptAt),
                  })}
                />
              </Stack>
            </Radio.Group>
          )
        })}
        <Group justify="flex-end">
          <Button onClick={() => onChosen(chosen(base, mine, theirs.value, there))}>
            {t('conflict.take')}
          </Button>
        </Group>
      </Stack>
    </Modal>
  )
}
