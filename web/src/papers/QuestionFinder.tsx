import { Anchor, Text, TextInput } from '@mantine/core'
import { useState, type RefObject } from 'react'
import { useTranslation } from 'react-i18next'
import { Link } from 'react-router'
import type { Schemas } from '../api/client'
import { freshBench } from '../workbench/benchAddress'
import { asks } from './asks'
import classes from './PaperMaker.module.css'

interface QuestionFinderProps {
  all: Schemas['QuestionSummary'][]
  /** Those that are not on the paper. */
  free: Schemas['QuestionSummary'][]
  /** Where one goes on from when a question has come or gone. */
  field: RefObject<HTMLInputElement | null>
  onAdd: (question: Schemas['QuestionSummary']) => void
}

/** Questions found by their name, what they ask, or their circuit; pressed, one is put at the end of the paper. */
export function QuestionFinder({ all, free, field, onAdd }: QuestionFinderProps) {
  const { t } = useTranslation()
  const [find, setFind] = useState('')
  const words = find.toLowerCase().split(/\s+/)
  const found = free.filter((one) => {
    const text = `${one.title} ${asks(one, t)} ${one.notation ?? ''} ${one.marks}`.toLowerCase()
    return words.every((word) => text.includes(word))
  })
  if (all.length === 0)
    return (
      <Text c="dimmed">
        {t('paper.noQuestions')}{' '}
        <Anchor component={Link} to={freshBench} underline="always">
          {t('paper.toWorkbench')}
        </Anchor>
      </Text>
    )
  return (
    <>
      <TextInput
        ref={field}
        aria-label={t('paper.find')}
        placeholder={t('paper.find')}
        value={find}
        onChange={(event) => setFind(event.currentTarget.value)}
        onKeyDown={(event) => {
          if (event.key !== 'Enter' || !found[0]) return
          onAdd(found[0])
          setFind('')
        }}
      />
      {free.length === 0 && (
        <Text c="dimmed" mt="xs">
          {t('paper.allIn')}
        </Text>
      )}
      {free.length > 0 && found.length === 0 && (
        <Text c="dimmed" mt="xs">
          {t('paper.noneFound', { find })}
        </Text>
      )}
      <ul className={classes.list}>
        {found.map((one) => (
          <li key={one.id}>
            <button
              type="button"
              className={classes.take}
              aria-label={t('paper.add', { title: one.title, asks: asks(one, t), marks: one.marks })}
              onClick={() => {
                field.current?.focus()
                onAdd(one)
              }}
            >
              <span className={classes.told}>
                <span>{one.title}</span>
                <Text span c="dimmed" fz="xs" display="block">
                  {asks(one, t)}
                </Text>
              </span>
              <Text span c="dimmed">
                {one.marks}
              </Text>
            </button>
          </li>
        ))}
      </ul>
    </>
  )
}
