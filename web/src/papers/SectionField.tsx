import { ActionIcon, Group, Textarea, TextInput } from '@mantine/core'
import { useTranslation } from 'react-i18next'
import type { PaperMaking } from './keptPaper'

interface SectionFieldProps {
  made: PaperMaking
  /** Of the question it stands before. */
  place: number
  onMade: (made: PaperMaking) => void
}

/** The heading before a question, if there is one: its title, and what is said under it. */
export function SectionField({ made, place, onMade }: SectionFieldProps) {
  const { t } = useTranslation()
  const sections = made.layout.sections ?? []
  const section = sections.find(({ before }) => before === place)
  const put = (next: typeof sections) => onMade({ ...made, layout: { ...made.layout, sections: next } })
  const others = sections.filter((one) => one !== section)
  if (!section) return null
  return (
    <div role="group" aria-label={t('paper.sectionBefore', { number: place + 1 })}>
      <Group gap={4} wrap="nowrap">
        <TextInput
          aria-label={t('paper.section')}
          flex={1}
          maxLength={120}
          value={section.title}
          onChange={(event) => put([...others, { ...section, title: event.currentTarget.value }])}
        />
        <ActionIcon
          variant="subtle"
          color="gray"
          size={30}
          aria-label={t('paper.dropSection', { number: place + 1 })}
          onClick={() => put(others)}
        >
          ×
        </ActionIcon>
      </Group>
      <Textarea
        aria-label={t('paper.sectionText')}
        placeholder={t('paper.sectionText')}
        autosize
        minRows={1}
        maxRows={4}
        my={4}
        maxLength={2000}
        value={section.text ?? ''}
        onChange={(event) => put([...others, { ...section, text: event.currentTarget.value || null }])}
      />
    </div>
  )
}
