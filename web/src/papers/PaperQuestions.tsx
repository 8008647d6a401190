import { ActionIcon, Anchor, Group, Text } from '@mantine/core'
import { useQuery } from '@tanstack/react-query'
import { useRef, useState } from 'react'
import { useTranslation } from 'react-i18next'
import { Link } from 'react-router'
import { questionsQuery } from '../api/queries'
import { announce } from '../ui/announce'
import { Failed } from '../ui/Failed'
import { withQuestions, withSection, type PaperMaking, type PaperView } from './keptPaper'
import classes from './PaperMaker.module.css'
import { asks } from './asks'
import { QuestionFinder } from './QuestionFinder'
import { SectionField } from './SectionField'

interface PaperQuestionsProps {
  made: PaperMaking
  /** What the server says of it, as it was kept last. */
  told: PaperView
  onMade: (made: PaperMaking) => void
}

/** The questions of a paper in their order, and those that could be taken onto it. */
export function PaperQuestions({ made, told, onMade }: PaperQuestionsProps) {
  const { t } = useTranslation()
  const known = useQuery(questionsQuery)
  const own = known.data ?? []
  const [dragged, setDragged] = useState<number>()
  const finder = useRef<HTMLInputElement>(null)
  const put = (questions: number[], said: string) => {
    announce(said)
    onMade(withQuestions(made, questions))
  }
  const titleOf = (id: number) =>
    own.find((one) => one.id === id)?.title ?? told.questions.find((one) => one.id === id)?.title ?? ''
  const move = (from: number, to: number) => {
    const id = made.questions[from]!
    const questions = made.questions.toSpliced(from, 1).toSpliced(to, 0, id)
    put(questions, t('paper.moved', { title: titleOf(id), place: to + 1 }))
  }
  const free = own.filter((one) => !made.questions.includes(one.id))
  return (
    <section className={classes.questions}>
      <h2 className={classes.caption}>{t('paper.inThis')}</h2>
      {made.questions.length === 0 && <Text c="dimmed">{t('paper.empty')}</Text>}
      <ol className={classes.list}>
        {made.questions.map((id, place) => {
          const question = told.questions.find((one) => one.id === id)
          const summary = own.find((one) => one.id === id)
          const title = titleOf(id)
          return (
            <li
              key={id}
              className={classes.question}
              draggable
              onDragStart={() => setDragged(place)}
              onDragOver={(event) => event.preventDefault()}
              onDrop={() => {
                if (dragged !== undefined && dragged !== place) move(dragged, place)
                setDragged(undefined)
              }}
            >
              <SectionField made={made} place={place} onMade={onMade} />
              <Group gap="xs" wrap="nowrap" align="flex-start">
                <Anchor
                  component={Link}
                  to={`/workbench/${id}`}
                  c="inherit"
                  fw={600}
                  className={classes.told}
                  title={t('paper.edit', { title })}
                >
                  {place + 1} {title}
                </Anchor>
                <Text c="dimmed" aria-label={t('chart.marks', { count: (question ?? summary)?.marks ?? 0 })}>
                  {(question ?? summary)?.marks}
                </Text>
              </Group>
              <Group gap={2} wrap="nowrap" align="flex-start">
                <Text c="dimmed" fz="xs" className={classes.told}>
                  {asks(question ?? summary, t)}
                  {question?.varies && question.sets > 0 && ` · ${t('paper.sets', { count: question.sets })}`}
                </Text>
                <Act
                  label={t('paper.addSection', { title })}
                  sign="§"
                  disabled={(made.layout.sections ?? []).some(({ before }) => before === place)}
                  onAct={() => onMade(withSection(made, place, t('paper.section')))}
                />
                <Act
                  label={t('paper.up', { title })}
                  sign="↑"
                  disabled={place === 0}
                  onAct={() => move(place, place - 1)}
                />
                <Act
                  label={t('paper.down', { title })}
                  sign="↓"
                  disabled={place === made.questions.length - 1}
                  onAct={() => move(place, place + 1)}
                />
                <Act
                  label={t('paper.takeOff', { title })}
                  sign="×"
                  onAct={() => {
                    finder.current?.focus()
                    put(made.questions.toSpliced(place, 1), t('paper.takenOff', { title }))
                  }}
                />
              </Group>
            </li>
          )
        })}
      </ol>
      <h2 className={classes.caption}>{t('paper.yours')}</h2>
      {known.isLoadingError && <Failed error={known.error} onRetry={() => void known.refetch()} />}
      {known.data && (
        <QuestionFinder
          all={own}
          free={free}
          field={finder}
          onAdd={({ id, title }) =>
            put([...made.questions, id], t('paper.added', { title, place: made.questions.length + 1 }))
          }
        />
      )}
    </section>
  )
}

interface ActProps {
  label: string
  sign: string
  disabled?: boolean
  onAct: () => void
}

/** A small key in a question's row. */
function Act({ label, sign, disabled, onAct }: ActProps) {
  return (
    <ActionIcon
      variant="transparent"
      color="gray"
      size={28}
      className={classes.act}
      // Never truly disabled: who has moved a question to the top by it stays where they are.
      data-disabled={disabled || undefined}
      aria-disabled={disabled}
      aria-label={label}
      title={label}
      onClick={disabled ? undefined : onAct}
    >
      {sign}
    </ActionIcon>
  )
}
