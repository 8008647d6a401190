import { ActionIcon, Button, Drawer, Group, Stack, Text, TextInput } from '@mantine/core'
import { IconCopy } from '@tabler/icons-react'
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState, type FormEvent } from 'react'
import { useTranslation } from 'react-i18next'
import { body, client, ProblemError, type Schemas } from '../api/client'
import { removedCircuitsQuery, shelfQuery } from '../api/queries'
import { Empty } from '../ui/Empty'
import { Failed } from '../ui/Failed'
import { Loading } from '../ui/Loading'
import { NameInPlace } from '../ui/NameInPlace'
import { notify, notifyFailure } from '../ui/notify'
import { RemoveButton } from '../ui/RemoveButton'
import { RemovedList } from '../ui/RemovedList'
import { useFind } from '../ui/useFind'
import { useRemoval } from '../ui/useRemoval'
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
  const queries = useQueryClient()
  const shelf = useQuery({ ...shelfQuery, enabled: opened })
  const removed = useQuery({ ...removedCircuitsQuery, enabled: opened })
  const bringBack = async (id: number) => {
    await client.POST('/api/shelf/{id}/restoration', { params: { path: { id } } })
    await queries.invalidateQueries({ queryKey: shelfQuery.queryKey })
  }
  const { found, field } = useFind({
    things: shelf.data,
    textsOf: ({ name, notation: line, words }) => [name, line, words],
    label: t('shelf.find'),
    few: 0,
    noneFound: (find) => t('shelf.noneFound', { find }),
  })
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
        {notation && <KeepForm notation={notation} />}
        {shelf.isLoadingError && <Failed error={shelf.error} onRetry={() => void shelf.refetch()} />}
        {shelf.isPending && <Loading />}
        {shelf.data?.length === 0 && <Empty text={t('shelf.none')} />}
        {field}
        <ul className={classes.list}>
          {found.map((one) => (
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
        <RemovedList things={removed.data ?? []} onBringBack={bringBack} />
      </Stack>
    </Drawer>
  )
}

/** Keeps the circuit under a name; one that is taken is asked about, never overwritten unasked. */
function KeepForm({ notation }: { notation: string }) {
  const { t } = useTranslation()
  const queries = useQueryClient()
  const [name, setName] = useState('')
  const keep = useMutation({
    mutationFn: (ifTaken?: 'number' | 'replace') =>
      body(client.POST('/api/shelf', { body: { name, notation, ifTaken } })),
    onSuccess: (kept) => {
      void queries.invalidateQueries({ queryKey: shelfQuery.queryKey })
      setName('')
      notify(t('shelf.kept', { name: kept.name }))
    },
  })
  const problem = keep.error instanceof ProblemError ? keep.error.problem : undefined
  const taken = problem?.reason === 'taken'
  const submit = (event: FormEvent) => {
    event.preventDefault()
    keep.mutate(undefined)
  }
  return (
    <form onSubmit={submit}>
      <Group align="end" gap="xs" wrap="nowrap">
        <TextInput
          className={classes.name}
          label={t('shelf.name')}
          value={name}
          maxLength={120}
          error={taken ? undefined : keep.error?.message}
          onChange={(event) => {
            setName(event.currentTarget.value)
            keep.reset()
          }}
          data-autofocus
        />
        <Button type="submit" mih={44} loading={keep.isPending}>
          {t('shelf.keep')}
        </Button>
      </Group>
      {taken && (
        <Group gap="xs" mt="xs" role="alert">
          <Text fz="sm">{problem.detail}</Text>
          <Button size="compact-sm" variant="default" onClick={() => keep.mutate('number')} autoFocus>
            {t('shelf.keepAs', { name: problem.free })}
          </Button>
          <Button size="compact-sm" variant="default" onClick={() => keep.mutate('replace')}>
            {t('shelf.replace')}
          </Button>
        </Group>
      )}
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
  const remove = useRemoval<Kept>({
    remove: () => client.DELETE('/api/shelf/{id}', at),
    bringBack: () => client.POST('/api/shelf/{id}/restoration', at),
    nameOf: ({ name }) => name,
    said: (name) => t('shelf.removed', { name }),
    onDone: refresh,
  })
  const rename = async (name: string) => {
    await client.PUT('/api/shelf/{id}/name', { ...at, body: { name } })
    refresh()
  }
  return (
    <li className={classes.row}>
      <NameInPlace name={circuit.name} maxLength={120} onRename={rename}>
        <button type="button" className={classes.take} onClick={onTake}>
          <span className={classes.title}>{circuit.name}</span>
          <span className={classes.notation}>{circuit.notation}</span>
          <span className={classes.when}>{atMoment(circuit.updatedAt)}</span>
        </button>
      </NameInPlace>
      <ActionIcon
        variant="subtle"
        color="gray"
        size={44}
        aria-label={t('shelf.copy', { name: circuit.name })}
        onClick={() => copy.mutate()}
      >
        <IconCopy size={18} stroke={1.5} />
      </ActionIcon>
      <RemoveButton
        label={t('shelf.remove', { name: circuit.name })}
        onRemove={() => remove.mutate(circuit)}
      />
    </li>
  )
}
