import { Alert, Anchor, Button, NativeSelect, Stack, Text, TextInput } from '@mantine/core'
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState, type FormEvent } from 'react'
import { useTranslation } from 'react-i18next'
import { Link } from 'react-router'
import { body, client, ProblemError, type Schemas } from '../api/client'
import { classesQuery, questionsQuery } from '../api/queries'
import { Failed } from '../ui/Failed'
import { Loading } from '../ui/Loading'
import { notify } from '../ui/notify'
import { takeFocus } from '../ui/takeFocus'
import { forField } from '../ui/when'
import { SheetQuestions } from './SheetQuestions'

interface HandOutFormProps {
  /** The question to hand out; without it the form asks for one. */
  questionId?: number
  /** The paper to hand out instead of questions. */
  paperId?: number
  /** The class that is proposed. */
  firstClass?: number
  /** What is handed out once more instead of a question. */
  assignment?: Schemas['AssignmentSummary']
  /** The class to hand it to; without it the form asks for one. */
  classId?: number
  onDone: () => void
}

/** The end of a school day in a week, never on a weekend. */
export function usualDue(now: Date): Date {
  const due = new Date(now.getFullYear(), now.getMonth(), now.getDate() + 7, 16, 0)
  const day = due.getDay()
  if (day === 6) due.setDate(due.getDate() + 2)
  if (day === 0) due.setDate(due.getDate() + 1)
  return due
}

/** Hands a question to a class with a due time. */
export function HandOutForm(props: HandOutFormProps) {
  const { questionId, paperId, firstClass, assignment, classId, onDone } = props
  const { t } = useTranslation()
  const queries = useQueryClient()
  const known = useQuery(classesQuery)
  const questions = useQuery(questionsQuery)
  const [chosenClass, setChosenClass] = useState(classId ?? firstClass)
  const [chosen, setChosen] = useState<number[]>()
  const [named, setNamed] = useState<string>()
  const [due, setDue] = useState(() => forField(usualDue(new Date())))
  const others = known.data?.filter((one) => one.id !== assignment?.classroomId) ?? []
  const classes = others.length > 0 ? others : (known.data ?? [])
  const toClass = chosenClass ?? classes[0]?.id
  const asksQuestion = questionId === undefined && paperId === undefined && !assignment
  const first = questions.data?.[0]
  const questionIds = questionId === undefined ? (chosen ?? (first ? [first.id] : [])) : [questionId]
  const several = questionIds.length > 1
  const titleOf = (id?: number) => questions.data?.find((one) => one.id === id)?.title ?? ''
  const title =
    named ?? t('handOut.several', { title: titleOf(questionIds[0]), count: questionIds.length - 1 })
  const handOut = useMutation({
    mutationFn: (again: boolean) => {
      const occasion = { dueAt: new Date(due).toISOString(), ...(again && { again }) }
      if (paperId !== undefined)
        return body(
          client.POST('/api/papers/{id}/assignments', {
            params: { path: { id: paperId } },
            body: { classroomId: toClass ?? 0, ...occasion },
          }),
        )
      const what = assignment ? { assignmentId: assignment.id } : { questionIds, ...(several && { title }) }
      return body(
        client.POST('/api/classes/{classId}/assignments', {
          params: { path: { classId: toClass ?? 0 } },
          body: { ...what, ...occasion },
        }),
      )
    },
    onSuccess: (handedOut) => {
      void queries.invalidateQueries({ queryKey: ['assignments'] })
      notify(t('handOut.done', { ...handedOut }))
      onDone()
    },
  })
  if (known.isLoadingError) return <Failed error={known.error} onRetry={() => void known.refetch()} />
  if (known.isPending || questions.isPending) return <Loading />
  if (known.data.length === 0)
    return <Missing text={t('handOut.noClass')} to="/classes" place={t('shell.classes')} />
  if (asksQuestion && questions.data?.length === 0)
    return <Missing text={t('handOut.noQuestion')} to="/workbench" place={t('shell.workbench')} />
  const there = handOut.error instanceof ProblemError && handOut.error.problem.reason === 'there-already'
  const submit = (event: FormEvent) => {
    event.preventDefault()
    handOut.mutate(false)
  }
  return (
    <form onSubmit={submit}>
      <Stack>
        {asksQuestion && (
          <SheetQuestions
            all={questions.data ?? []}
            chosen={questionIds}
            onChosen={(ids) => {
              setChosen(ids)
              handOut.reset()
            }}
          />
        )}
        {several && (
          <TextInput
            label={t('handOut.sheetTitle')}
            value={title}
            onChange={(event) => setNamed(event.currentTarget.value)}
            maxLength={120}
            required
            withAsterisk={false}
          />
        )}
        {classId === undefined && (
          <NativeSelect
            label={t('handOut.class')}
            autoFocus={!asksQuestion}
            data-autofocus={!asksQuestion || undefined}
            data={classes.map((one) => ({ value: String(one.id), label: one.name }))}
            value={String(toClass)}
            onChange={(event) => {
              setChosenClass(Number(event.currentTarget.value))
              handOut.reset()
            }}
          />
        )}
        <TextInput
          type="datetime-local"
          label={t('handOut.due')}
          value={due}
          onChange={(event) => setDue(event.currentTarget.value)}
          required
          withAsterisk={false}
        />
        {handOut.isError && (
          <Alert color="red" variant="outline" role="alert">
            {handOut.error.message}{' '}
            {there && (
              <Button size="compact-sm" variant="default" onClick={() => handOut.mutate(true)}>
                {t('handOut.allTheSame')}
              </Button>
            )}
          </Alert>
        )}
        <Button type="submit" loading={handOut.isPending}>
          {t('handOut.title')}
        </Button>
      </Stack>
    </form>
  )
}

/** What has to be there first, and the way to it. */
function Missing({ text, to, place }: { text: string; to: string; place: string }) {
  return (
    <Text>
      <span id="missing">{text}</span>{' '}
      <Anchor
        component={Link}
        to={to}
        underline="always"
        aria-describedby="missing"
        ref={takeFocus}
        data-autofocus
      >
        {place}
      </Anchor>
    </Text>
  )
}
