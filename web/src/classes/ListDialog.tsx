import { Button, FileButton, Group, Modal, Stack, Table, Text, Textarea } from '@mantine/core'
import { useMutation } from '@tanstack/react-query'
import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { body, client, type Schemas } from '../api/client'
import { takeFocus } from '../ui/takeFocus'
import { useClassChanged } from './useClassChanged'

interface ListDialogProps {
  classId: number
  onAdded: (made: Schemas['LearnerWithPassword'][]) => void
  onClose: () => void
}

const MOST_BYTES = 60 * 1024

/** A whole class from a pasted list or a file: read, looked at with the sign-in names it would give, and taken in. */
export function ListDialog({ classId, onAdded, onClose }: ListDialogProps) {
  const { t } = useTranslation()
  const refresh = useClassChanged()
  const [text, setText] = useState('')
  const [tooLarge, setTooLarge] = useState(false)
  const at = { params: { path: { id: classId } } }
  const read = useMutation({
    mutationFn: (typed: string) =>
      body(client.POST('/api/classes/{id}/learners/reading', { ...at, body: { text: typed } })),
  })
  const take = useMutation({
    mutationFn: (learners: Schemas['NewLearner'][]) =>
      body(client.POST('/api/classes/{id}/learners/list', { ...at, body: { learners } })),
    onSuccess: (made) => {
      void refresh()
      onAdded(made)
      onClose()
    },
  })
  const choose = (file: File | null) => {
    setTooLarge(!!file && file.size > MOST_BYTES)
    if (file && file.size <= MOST_BYTES)
      void file.text().then((typed) => {
        setText(typed)
        read.mutate(typed)
      })
  }
  const error = tooLarge ? t('classes.tooLarge') : (take.error ?? read.error)?.message
  return (
    <Modal
      opened
      onClose={onClose}
      size="lg"
      title={t('classes.pasteList')}
      closeButtonProps={{ 'aria-label': t('ui.close') }}
    >
      <Stack>
        <Textarea
          label={t('classes.list')}
          description={t('classes.listHint')}
          value={text}
          onChange={(event) => {
            setText(event.currentTarget.value)
            read.reset()
            take.reset()
          }}
          error={error}
          rows={8}
          resize="vertical"
          spellCheck={false}
          data-autofocus
        />
        {read.data && <Listed learners={read.data} />}
        <Group justify="space-between">
          <FileButton onChange={choose} accept="text/plain,text/csv,.txt,.csv">
            {(props) => (
              <Button variant="default" {...props}>
                {t('circuit.choose')}
              </Button>
            )}
          </FileButton>
          {read.data ? (
            <Button
              loading={take.isPending}
              onClick={() =>
                take.mutate(read.data.map(({ displayName, username }) => ({ displayName, username })))
              }
            >
              {t('classes.takeIn', { count: read.data.length })}
            </Button>
          ) : (
            <Button loading={read.isPending} disabled={!text.trim()} onClick={() => read.mutate(text)}>
              {t('classes.readList')}
            </Button>
          )}
        </Group>
      </Stack>
    </Modal>
  )
}

function Listed({ learners }: { learners: Schemas['ListedLearner'][] }) {
  const { t } = useTranslation()
  return (
    <div
      role="group"
      aria-label={t('classes.listed', { count: learners.length })}
      style={{ maxHeight: '40vh', overflow: 'auto' }}
      tabIndex={0}
      ref={takeFocus}
    >
      <Table verticalSpacing={4}>
        <Table.Thead>
          <Table.Tr>
            <Table.Th scope="col">{t('signIn.displayName')}</Table.Th>
            <Table.Th scope="col">{t('signIn.username')}</Table.Th>
          </Table.Tr>
        </Table.Thead>
        <Table.Tbody>
          {learners.map((one) => (
            <Table.Tr key={one.username}>
              <Table.Td>{one.displayName}</Table.Td>
              <Table.Td>
                {one.username}
                {one.note && (
                  <Text fz="xs" c="copper">
                    {one.note}
                  </Text>
                )}
              </Table.Td>
            </Table.Tr>
          ))}
        </Table.Tbody>
      </Table>
    </div>
  )
}
