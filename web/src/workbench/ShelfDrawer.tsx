import { ActionIcon, Anchor, Button, Drawer, Group, Stack, Text, TextInput } from '@mantine/core'
import { IconCopy, IconTrash } from '@tabler/icons-react'
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState, type FormEvent } from 'react'
import { useTranslation } from 'react-i18next'
import { body, client, type Schemas } from '../api/client'
import { shelfQuery } from '../api/queries'
import { Empty } from '../ui/Empty'
import { Failed } from '../ui/Failed'
import { Loading } from '../ui/Loading'
import { notify, notifyFailure } from '../ui/notify'
import { atMoment } from '../ui/when'
import classes from './ShelfDrawer.module.css'

type Kept = Schemas['KeptCircuit']

interface ShelfDrawerProps {
  opened: boolean
  onClose: () => void
  /** The circuit on the workbench; missing while it cannot be read. */
  notation?: string
  onTake: (notation: string) => void
}

/** The teacher's own circuits: kept by name, found, taken, copied, removed and brought back. */
export function ShelfDrawer({ opened, onClose, notation, onTake }: ShelfDrawerProps) {
  const { t } = useTranslation()
  const [find, setFind] = useState('')
  const shelf = useQuery({ ...shelfQuery, enabled: opened })
  const wanted = find.trim().toLowerCase()
  const found = shelf.data?.filter((one) =>
    [one.name, one.notation, one.words].some((text) => text.toLowerCase().includes(wanted)),
  )
  return (
    <Drawer
      opened={opened}
      onClose={onClose}
      position="left"
      title={t('shelf.title')}
      closeButtonProps={{ 'aria-label': t('ui.close') }}
      transitionProps={{ duration: 120 }}
    >
      <Stack gap="md">
        {notation && <KeepForm notation={notation} shelf={shelf.data ?? []} />}
        {shelf.isError && <Failed error={shelf.error} onRetry={() => void shelf.refetch()} />}
        {shelf.isPending && <Loading />}
        {shelf.data?.length === 0 && <Empty text={t('shelf.none')} />}
        {shelf.data && shelf.data.length > 0 && (
          <TextInput
            label={t('shelf.find')}
            value={find}
            onChange={(event) => setFind(event.currentTarget.value)}
          />
        )}
        {found?.length === 0 && wanted && <Text c="dimmed">{t('shelf.noneFound', { find })}</Text>}
        <ul className={classes.list}>
          {found?.map((one) => (
            <ShelfRow
              key={one.id}
              circuit={one}
              onTake={() => {
                onTake(one.notation)
                onClose()
              }}
            />
          ))}
        </ul>
      </Stack>
    </Drawer>
  )
}

function KeepForm({ notation, shelf }: { notation: string; shelf: Kept[] }) {
  const { t } = useTranslation()
  const queries = useQueryClient()
  const [name, setName] = useState('')
  const same = shelf.find((one) => one.name === name.trim())
  const keep = useMutation({
    mutationFn: () =>
      same
        ? body(
            client.PUT('/api/shelf/{id}', {
              params: { path: { id: same.id } },
              body: { name, notation },
            }),
          )
        : body(client.POST('/api/shelf', { body: { name, notation } })),
    onSuccess: (kept) => {
      void queries.invalidateQueries({ queryKey: shelfQuery.queryKey })
      setName('')
      notify(t('shelf.kept', { name: kept.name }))
    },
  })
  const submit = (event: FormEvent) => {
    event.preventDefault()
    keep.mutate()
  }
  return (
    <form onSubmit={submit}>
      <Group align="end" gap="xs" wrap="nowrap">
        <TextInput
          className={classes.name}
          label={t('shelf.name')}
          value={name}
          maxLength={120}
          error={keep.error?.message}
          onChange={(event) => {
            setName(event.currentTarget.value)
            keep.reset()
          }}
          data-autofocus
        />
        <Button type="submit" mih={44} loading={keep.isPending}>
          {t(same ? 'shelf.replace' : 'shelf.keep')}
        </Button>
      </Group>
    </form>
  )
}

function ShelfRow({ circuit, onTake }: { circuit: Kept; onTake: () => void }) {
  const { t } = useTranslation()
  const queries = useQueryClient()
  const at = { params: { path: { id: circuit.id } } }
  const refresh = () => void queries.invalidateQueries({ queryKey: shelfQuery.queryKey })
  const copy = useMutation({
    mutationFn: () => client.POST('/api/shelf/{id}/copy', at),
    onSuccess: refresh,
    onError: notifyFailure,
  })
  const restore = useMutation({
    mutationFn: () => client.POST('/api/shelf/{id}/restoration', at),
    onSuccess: refresh,
    onError: notifyFailure,
  })
  const remove = useMutation({
    mutationFn: () => client.DELETE('/api/shelf/{id}', at),
    onSuccess: () => {
      refresh()
      notify(
        <>
          {t('shelf.removed', { name: circuit.name })}{' '}
          <Anchor component="button" onClick={() => restore.mutate()}>
            {t('ui.undo')}
          </Anchor>
        </>,
        true,
      )
    },
    onError: notifyFailure,
  })
  return (
    <li className={classes.row}>
      <button type="button" className={classes.take} onClick={onTake}>
        <span className={classes.title}>{circuit.name}</span>
        <span className={classes.notation}>{circuit.notation}</span>
        <span className={classes.when}>{atMoment(circuit.updatedAt)}</span>
      </button>
      <ActionIcon
        variant="subtle"
        color="gray"
        size={44}
        aria-label={t('shelf.copy', { name: circuit.name })}
        onClick={() => copy.mutate()}
      >
        <IconCopy size={18} stroke={1.5} />
      </ActionIcon>
      <ActionIcon
        variant="subtle"
        color="gray"
        size={44}
        aria-label={t('shelf.remove', { name: circuit.name })}
        onClick={() => remove.mutate()}
      >
        <IconTrash size={18} stroke={1.5} />
      </ActionIcon>
    </li>
  )
}
