import { Button, Group, Modal, Stack, TextInput } from '@mantine/core'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState, type FormEvent } from 'react'
import { useTranslation } from 'react-i18next'
import { client, ProblemError, type Schemas } from '../api/client'
import { announce } from '../ui/announce'

interface RenameClassDialogProps {
  classroom: Schemas['ClassroomView']
  onClose: () => void
}

/** Another name for a class; one that is taken is asked about. */
export function RenameClassDialog({ classroom, onClose }: RenameClassDialogProps) {
  const { t } = useTranslation()
  const queries = useQueryClient()
  const [name, setName] = useState(classroom.name)
  const rename = useMutation({
    mutationFn: (again: boolean) =>
      client.PUT('/api/classes/{id}/name', {
        params: { path: { id: classroom.id } },
        body: { name, ...(again && { again }) },
      }),
    onSuccess: () => {
      announce(t('ui.renamed', { name }))
      void queries.invalidateQueries({ queryKey: ['classes'] })
      void queries.invalidateQueries({ queryKey: ['assignments'] })
      onClose()
    },
  })
  const same = rename.error instanceof ProblemError && rename.error.problem.reason === 'same-name'
  const submit = (event: FormEvent) => {
    event.preventDefault()
    rename.mutate(same)
  }
  return (
    <Modal
      opened
      onClose={onClose}
      title={t('class.rename')}
      closeButtonProps={{ 'aria-label': t('ui.close') }}
    >
      <form onSubmit={submit}>
        <Stack>
          <TextInput
            label={t('classes.name')}
            value={name}
            maxLength={80}
            onChange={(event) => {
              setName(event.currentTarget.value)
              rename.reset()
            }}
            error={rename.error?.message}
            data-autofocus
          />
          <Group justify="flex-end">
            <Button variant="default" onClick={onClose}>
              {t('ui.cancel')}
            </Button>
            <Button type="submit" loading={rename.isPending}>
              {t(same ? 'classes.allTheSame' : 'class.rename')}
            </Button>
          </Group>
        </Stack>
      </form>
    </Modal>
  )
}
