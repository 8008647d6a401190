import { Alert, Button, Group, Modal, Stack, Text, TextInput } from '@mantine/core'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState, type FormEvent } from 'react'
import { useTranslation } from 'react-i18next'
import { useNavigate } from 'react-router'
import { body, client, type Schemas } from '../api/client'
import { HandOutForm } from '../classes/HandOutForm'
import { keepEverything } from '../keeping/keeper'
import { notify } from '../ui/notify'

interface QuestionDialogProps {
  opened: boolean
  onClose: () => void
  /** What is asked, and the style it was typed in. */
  request: Schemas['QuestionToCheck']
  /** How much that is. */
  sum: string
  question?: Schemas['QuestionView']
  /** What it was made from. */
  draftId?: number
}

/** Names a question, keeps it, and hands it to a class. */
export function QuestionDialog({ opened, onClose, request, sum, question, draftId }: QuestionDialogProps) {
  const { t } = useTranslation()
  const queries = useQueryClient()
  const navigate = useNavigate()
  const [title, setTitle] = useState(question?.title ?? '')
  const [kept, setKept] = useState<Schemas['QuestionView']>()
  const keep = useMutation({
    mutationFn: async () => {
      await keepEverything()
      // What is kept does not depend on the style it was typed in.
      const checked = await body(client.POST('/api/questions/check', { body: request }))
      const content = { ...checked.body, title }
      return question
        ? body(client.PUT('/api/questions/{id}', { params: { path: { id: question.id } }, body: content }))
        : body(client.POST('/api/questions', { body: content, params: { query: { draft: draftId } } }))
    },
    onSuccess: (saved) => {
      setKept(saved)
      void queries.invalidateQueries({ queryKey: ['questions'] })
      void queries.invalidateQueries({ queryKey: ['drafts'], exact: true })
      notify(t('question.kept', { title: saved.title }))
    },
  })
  const close = () => {
    onClose()
    setKept(undefined)
    keep.reset()
    if (kept && !question) void navigate(`/workbench/${kept.id}`)
  }
  const submit = (event: FormEvent) => {
    event.preventDefault()
    keep.mutate()
  }
  return (
    <Modal
      opened={opened}
      onClose={close}
      title={t(kept ? 'question.handOut' : 'question.keepTitle')}
      closeButtonProps={{ 'aria-label': t('ui.close') }}
    >
      {kept ? (
        <Stack>
          {kept.flaws.length > 0 ? (
            <Alert color="copper" variant="outline" title={t('question.notYet')}>
              {kept.flaws.map((flaw) => (
                <Text key={flaw.task + flaw.sentence}>
                  {flaw.task} {flaw.sentence}
                </Text>
              ))}
            </Alert>
          ) : (
            <HandOutForm questionId={kept.id} onDone={close} />
          )}
          <Button variant="subtle" onClick={close}>
            {t('question.later')}
          </Button>
        </Stack>
      ) : (
        <form onSubmit={submit}>
          <Stack>
            <TextInput
              label={t('question.title')}
              value={title}
              onChange={(event) => setTitle(event.currentTarget.value)}
              error={keep.isError ? keep.error.message : undefined}
              maxLength={120}
              data-autofocus
            />
            <Text c="dimmed">{sum}</Text>
            <Group justify="flex-end">
              <Button variant="default" onClick={close}>
                {t('ui.cancel')}
              </Button>
              <Button type="submit" loading={keep.isPending}>
                {t('question.keep')}
              </Button>
            </Group>
          </Stack>
        </form>
      )}
    </Modal>
  )
}
