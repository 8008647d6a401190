import { Box, Button, Group, Text, Textarea, TextInput } from '@mantine/core'
import { useTranslation } from 'react-i18next'
import type { TaskBody } from './asking'

interface WordFieldsProps {
  task: TaskBody
  onTask: (task: TaskBody) => void
}

const GAP = '___'
/** Ways to say one thing stand in a field with this between them. */
const OR = ' / '

const ways = (typed: string) => typed.split('/').map((way) => way.trim())

/** What is asked in words, and what earns. */
export function WordFields({ task, onTask }: WordFieldsProps) {
  const { t } = useTranslation()
  if (task.kind === 'gaps') return <GapFields task={task} onTask={onTask} />
  const phrases = task.phrases ?? []
  const put = (place: number, phrase: (typeof phrases)[number]) =>
    onTask({ ...task, phrases: phrases.with(place, phrase) })
  return (
    <>
      {task.kind === 'define' ? (
        <TextInput
          label={t('task.term')}
          value={task.term ?? ''}
          onChange={(event) => onTask({ ...task, term: event.currentTarget.value })}
        />
      ) : (
        <Textarea
          label={t('task.prompt')}
          autosize
          minRows={2}
          value={task.prompt ?? ''}
          onChange={(event) => onTask({ ...task, prompt: event.currentTarget.value })}
        />
      )}
      <Text c="dimmed" fz="sm" mt="xs">
        {t('task.waysHint')}
      </Text>
      {phrases.map((phrase, place) => (
        // A phrase is told by its place.
        <Box key={place} mt="xs">
          <Textarea
            label={t('task.earns', { place: place + 1 })}
            autosize
            minRows={1}
            value={phrase.says.join(OR)}
            onChange={(event) => put(place, { ...phrase, says: ways(event.currentTarget.value) })}
          />
          <Group gap="sm" align="flex-end" wrap="nowrap">
            <TextInput
              label={t('task.not', { place: place + 1 })}
              flex={1}
              value={(phrase.not ?? []).join(OR)}
              onChange={(event) => {
                const typed = event.currentTarget.value
                put(place, { ...phrase, not: typed.trim() === '' ? null : ways(typed) })
              }}
            />
            <Button
              variant="subtle"
              size="compact-sm"
              mih={36}
              aria-label={t('task.removePhrase', { place: place + 1 })}
              onClick={() => onTask({ ...task, phrases: phrases.toSpliced(place, 1) })}
            >
              {t('task.removeWord')}
            </Button>
          </Group>
        </Box>
      ))}
      <Button
        variant="subtle"
        size="compact-sm"
        mih={36}
        onClick={() => onTask({ ...task, phrases: [...phrases, { says: [''], not: null }] })}
      >
        {t('task.addPhrase')}
      </Button>
      <Textarea
        label={t('task.modelAnswer')}
        autosize
        minRows={1}
        value={task.model ?? ''}
        onChange={(event) => onTask({ ...task, model: event.currentTarget.value })}
      />
    </>
  )
}

/** A text with gaps; as many fields for their words as there are gaps in it. */
function GapFields({ task, onTask }: WordFieldsProps) {
  const { t } = useTranslation()
  const gaps = task.gaps ?? []
  const put = (text: string) => {
    const count = text.split(GAP).length - 1
    onTask({ ...task, text, gaps: Array.from({ length: count }, (_, place) => gaps[place] ?? ['']) })
  }
  return (
    <>
      <Textarea
        label={t('task.gapText')}
        description={t('task.gapHint')}
        inputWrapperOrder={['label', 'input', 'description']}
        autosize
        minRows={2}
        value={task.text ?? ''}
        onChange={(event) => put(event.currentTarget.value)}
      />
      {gaps.map((right, place) => (
        // A gap is told by its place.
        <TextInput
          key={place}
          label={t('task.gap', { place: place + 1 })}
          mt="xs"
          value={right.join(OR)}
          onChange={(event) => onTask({ ...task, gaps: gaps.with(place, ways(event.currentTarget.value)) })}
        />
      ))}
    </>
  )
}
