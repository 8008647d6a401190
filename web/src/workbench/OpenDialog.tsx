import { Button, FileButton, Group, Modal, Stack, Table, Text, Textarea } from '@mantine/core'
import { useMutation } from '@tanstack/react-query'
import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { body, client, type Schemas } from '../api/client'
import { SubjectName } from '../ui/SubjectName'

interface OpenDialogProps {
  opened: boolean
  onClose: () => void
  style?: string
  onTake: (notation: string) => void
}

const MOST_BYTES = 20 * 1024

/** Takes a circuit in from a file or a pasted text; a bridge is shown solved, since it cannot be folded. */
export function OpenDialog({ opened, onClose, style, onTake }: OpenDialogProps) {
  const { t } = useTranslation()
  const [text, setText] = useState('')
  const [tooLarge, setTooLarge] = useState(false)
  const opening = useMutation({
    mutationFn: (typed: string) =>
      body(client.POST('/api/circuits/opening', { body: { text: typed, style } })),
    onSuccess: (read) => {
      if (!read.notation) return
      onTake(read.notation)
      onClose()
    },
  })
  const change = (typed: string) => {
    setText(typed)
    setTooLarge(false)
    opening.reset()
  }
  const choose = (file: File | null) => {
    if (!file) return
    if (file.size > MOST_BYTES) setTooLarge(true)
    else void file.text().then((typed) => (change(typed), opening.mutate(typed)))
  }
  const bridge = opening.data?.bridge
  return (
    <Modal
      opened={opened}
      onClose={onClose}
      size="lg"
      title={t('circuit.openTitle')}
      closeButtonProps={{ 'aria-label': t('ui.close') }}
    >
      <Stack>
        <Textarea
          label={t('circuit.text')}
          description={t('circuit.textHint')}
          value={text}
          onChange={(event) => change(event.currentTarget.value)}
          error={tooLarge ? t('circuit.tooLarge') : opening.error?.message}
          rows={8}
          resize="vertical"
          spellCheck={false}
          styles={{ input: { fontFamily: 'var(--mantine-font-family-monospace)' } }}
          data-autofocus
        />
        {bridge && <Bridge bridge={bridge} />}
        <Group justify="space-between">
          <FileButton onChange={choose} accept="text/plain,.txt,.cir,.net">
            {(props) => (
              <Button variant="default" {...props}>
                {t('circuit.choose')}
              </Button>
            )}
          </FileButton>
          <Button loading={opening.isPending} disabled={!text.trim()} onClick={() => opening.mutate(text)}>
            {t('circuit.openYes')}
          </Button>
        </Group>
      </Stack>
    </Modal>
  )
}

function Bridge({ bridge }: { bridge: Schemas['BridgeView'] }) {
  const { t } = useTranslation()
  return (
    <div role="status">
      <Text mb="xs">{bridge.sentence}</Text>
      <Table verticalSpacing={6}>
        <Table.Thead>
          <Table.Tr>
            <Table.Th scope="col">{t('circuit.part')}</Table.Th>
            <Table.Th scope="col">{t('circuit.between')}</Table.Th>
            {bridge.columns.map((column) => (
              <Table.Th key={column.quantity} scope="col" ta="right">
                <i>{column.symbol}</i> {column.unit}
              </Table.Th>
            ))}
          </Table.Tr>
        </Table.Thead>
        <Table.Tbody>
          {bridge.rows.map((row) => (
            <Table.Tr key={row.id}>
              <Table.Th scope="row" fw={400}>
                <SubjectName id={row.id} />
              </Table.Th>
              <Table.Td>{t('circuit.fromTo', { from: row.from, to: row.to })}</Table.Td>
              {bridge.columns.map((column) => (
                <Table.Td key={column.quantity} ta="right">
                  {row.shown[column.quantity] ?? '–'}
                </Table.Td>
              ))}
            </Table.Tr>
          ))}
        </Table.Tbody>
      </Table>
      <Text fz="xs" c="dimmed" mt="xs">
        {bridge.check}
      </Text>
    </div>
  )
}
