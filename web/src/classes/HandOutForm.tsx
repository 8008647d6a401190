import { Alert, Button, NativeSelect, Stack, TextInput } from '@mantine/core'
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState, type FormEvent } from 'react'
import { useTranslation } from 'react-i18next'
import { body, client } from '../api/client'
import { classesQuery, questionsQuery } from '../api/queries'
import { Failed } from '../ui/Failed'
import { Loading } from '../ui/Loading'
import { notify } from '../ui/notify'
import { forField } from '../ui/when'

interface HandOutFormProps {
  /** The question to hand out; without it the form asks for one. */
  questionId?: number
  /** The class to hand it to; without it the form asks for one. */
  classId?: number
  onDone: () => void
}

const WEEK_MS = 7 * 24 * 60 * 60 * 1000

/** Hands a question to a class with a due time. */
export function HandOutForm({ questionId, classId, onDone }: HandOutFormProps) {
  const { t } = useTranslation()
  const queries = useQueryClient()
  const known = useQuery(classesQuery)
  const questions = useQuery(questionsQuery)
  const [chosenClass, setChosenClass] = useState(classId)
  const [chosenQuestion, setChosenQuestion] = useState(questionId)
  const [due, setDue] = useState(() => forField(new Date(Date.now() + WEEK_MS)))
  const toClass = chosenClass ?? known.data?.[0]?.id
  const question = chosenQuestion ?? questions.data?.[0]?.id
  const handOut = useMutation({
    mutationFn: () =>
      body(
        client.POST('/api/classes/{classId}/assignments', {
          params: { path: { classId: toClass ?? 0 } },
          body: { questionId: question ?? 0, dueAt: new Date(due).toISOString() },
        }),
      ),
    onSuccess: (assignment) => {
      void queries.invalidateQueries({ queryKey: ['assignments'] })
      notify(t('handOut.done', { ...assignment }))
      onDone()
    },
  })
  if (known.isError) return <Failed error={known.error} onRetry={() => void known.refetch()} />
  if (known.isPending || questions.isPending) return <Loading />
  if (known.data.length === 0) return <Alert variant="outline">{t('handOut.noClass')}</Alert>
  if (questions.data?.length === 0) return <Alert variant="outline">{t('handOut.noQuestion')}</Alert>
  const submit = (event: FormEvent) => {
    event.preventDefault()
    handOut.mutate()
  }
  return (
    <form onSubmit={submit}>
      <Stack>
        {questionId === undefined && (
          <NativeSelect
            label={t('handOut.question')}
            data={questions.data?.map((one) => ({ value: String(one.id), label: one.title })) ?? []}
            value={String(question)}
            onChange={(event) => setChosenQuestion(Number(event.currentTarget.value))}
          />
        )}
        {classId === undefined && (
          <NativeSelect
            label={t('handOut.class')}
            data={known.data.map((one) => ({ value: String(one.id), label: one.name }))}
            value={String(toClass)}
            onChange={(event) => setChosenClass(Number(event.currentTarget.value))}
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
            {handOut.error.message}
          </Alert>
        )}
        <Button type="submit" loading={handOut.isPending}>
          {t('handOut.title')}
        </Button>
      </Stack>
    </form>
  )
}
