import { ActionIcon, Button, Group, NativeSelect, Stack } from '@mantine/core'
import { useTranslation } from 'react-i18next'
import type { Schemas } from '../api/client'

/** As many as the server takes. */
const MOST_QUESTIONS = 40

interface SheetQuestionsProps {
  all: Schemas['QuestionSummary'][]
  chosen: number[]
  onChosen: (ids: number[]) => void
}

/** The questions of a sheet in their order: exchanged, moved up, added and left out. */
export function SheetQuestions({ all, chosen, onChosen }: SheetQuestionsProps) {
  const { t } = useTranslation()
  const several = chosen.length > 1
  const label = (place: number) =>
    several ? t('handOut.numbered', { number: place + 1 }) : t('handOut.question')
  const free = all.find((one) => !chosen.includes(one.id)) ?? all[0]
  const put = (place: number, id: number) => onChosen(chosen.map((one, at) => (at === place ? id : one)))
  const up = (place: number) =>
    onChosen(
      chosen.map((one, at) => (at === place - 1 ? chosen[place]! : at === place ? chosen[place - 1]! : one)),
    )
  return (
    <Stack gap="xs">
      {chosen.map((id, place) => (
        // A question may stand on a sheet twice: its place is what it is told by.
        <Group key={place} gap={4} align="end" wrap="nowrap">
          <NativeSelect
            label={label(place)}
            flex={1}
            autoFocus={place === 0}
            data-autofocus={place === 0 || undefined}
            data={all.map((one) => ({ value: String(one.id), label: one.title }))}
            value={String(id)}
            onChange={(event) => put(place, Number(event.currentTarget.value))}
          />
          {several && (
            <>
              <ActionIcon
                variant="subtle"
                size={44}
                aria-label={t('handOut.up', { number: place + 1 })}
                disabled={place === 0}
                onClick={() => up(place)}
              >
                ↑
              </ActionIcon>
              <ActionIcon
                variant="subtle"
                size={44}
                aria-label={t('handOut.leaveOut', { number: place + 1 })}
                onClick={() => onChosen(chosen.filter((_, at) => at !== place))}
              >
                ×
              </ActionIcon>
            </>
          )}
        </Group>
      ))}
      {free && chosen.length < MOST_QUESTIONS && (
        <Group>
          <Button size="compact-sm" variant="subtle" onClick={() => onChosen([...chosen, free.id])}>
            {t('handOut.oneMore')}
          </Button>
        </Group>
      )}
    </Stack>
  )
}
