import { Button, Group, Modal, Stack, TextInput } from '@mantine/core'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState, type FormEvent } from 'react'
import { useTranslation } from 'react-i18next'
import { client, type Schemas } from '../api/client'
import { notify } from '../ui/notify'
import { atMoment, forField } from '../ui/when'

interface DueDialogProps {
  assignment: Schemas['AssignmentSummary']
  onClose: () => void
}

/** Moves the due time of what was handed out. */
export function DueDialog({ assignment, onClose }: DueDialogProps) {
  const { t } = useTranslation()
  const queries = useQueryClient()
  const [due, setDue] = useState(() => forField(new Date(assignment.dueAt)))
  const move = useMutation({
    mutationFn: () =>
      client.PUT('/api/assignments/{id}/due', {
        params: { path: { id: assignment.id } },
        body: { dueAt: new Date(due).toISOString() },
      }),
    onSuccess: () => {
      void queries.invalidateQueries({ queryKey: ['assignments'] })
      notify(
        t('assignment.dueMoved', { title: assignment.title, due: atMoment(new Date(due).toISOString()) }),
      )
      onClose()
    },
  })
  const submit = (event: FormEvent) => {
    event.preventDefault()
    move.mutate()
  }
  return (
    <Modal
      opened
      onClose={onClose}
      title={t('assignment.changeDue')}
      closeButtonProps={{ 'aria-label': t('ui.close') }}
    >
      <form onSubmit={submit}>
        <Stack>
          <TextInput
            type="datetime-local"
            label={t('handOut.due')}
            value={due}
            onChange={(event) => setDue(event.currentTarget.value)}
            error={move.error?.message}
            required
            withAsterisk={false}
            data-autofocus
          />
          <Group justify="flex-end">
            <Button variant="default" onClick={onClose}>
              {t('ui.cancel')}
            </Button>
            <Button type="submit" loading={move.isPending}>
              {t('assignment.moveDue')}
            </Button>
          </Group>
        </Stack>
      </form>
    </Modal>
  )
}
