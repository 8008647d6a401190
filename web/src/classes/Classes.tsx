import { Anchor, Button, Group, Stack, Text, TextInput } from '@mantine/core'
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState, type FormEvent } from 'react'
import { useTranslation } from 'react-i18next'
import { Link, useNavigate } from 'react-router'
import { body, client, ProblemError, type Schemas } from '../api/client'
import { classesQuery } from '../api/queries'
import list from '../desk/Desk.module.css'
import { Empty } from '../ui/Empty'
import { Failed } from '../ui/Failed'
import { Loading } from '../ui/Loading'
import { Screen } from '../ui/Screen'

/** The teacher's classes, and the making of one. */
export default function Classes() {
  const { t } = useTranslation()
  const queries = useQueryClient()
  const known = useQuery(classesQuery)
  const navigate = useNavigate()
  const [name, setName] = useState('')
  const archived = known.data?.filter((one) => one.archived) ?? []
  const make = useMutation({
    mutationFn: (again: boolean) =>
      body(client.POST('/api/classes', { body: { name, ...(again && { again }) } })),
    onSuccess: (made) => {
      setName('')
      void queries.invalidateQueries({ queryKey: ['classes'] })
      void navigate(`/classes/${made.id}`)
    },
  })
  const same = make.error instanceof ProblemError && make.error.problem.reason === 'same-name'
  const submit = (event: FormEvent) => {
    event.preventDefault()
    make.mutate(same)
  }
  return (
    <Screen title={t('classes.title')}>
      <Stack maw={640}>
        {known.isLoadingError && <Failed error={known.error} onRetry={() => void known.refetch()} />}
        {known.isPending && <Loading />}
        {known.data?.length === 0 && <Empty text={t('classes.none')} />}
        <ClassLinks classes={known.data?.filter((one) => !one.archived) ?? []} />
        <form onSubmit={submit}>
          <Group align="flex-start">
            <TextInput
              label={t('classes.name')}
              value={name}
              onChange={(event) => {
                setName(event.currentTarget.value)
                make.reset()
              }}
              maxLength={80}
              error={make.isError ? make.error.message : undefined}
              flex={1}
            />
            <Button type="submit" variant="default" loading={make.isPending} mt={26} mih={44}>
              {t(same ? 'classes.allTheSame' : 'classes.make')}
            </Button>
          </Group>
        </form>
        {archived.length > 0 && (
          <details>
            <Text component="summary" c="dimmed" fz="xs" py={10}>
              {t('classes.archived', { count: archived.length })}
            </Text>
            <ClassLinks classes={archived} />
          </details>
        )}
      </Stack>
    </Screen>
  )
}

function ClassLinks({ classes }: { classes: Schemas['Classroom'][] }) {
  const { t } = useTranslation()
  return (
    <ul className={list.list}>
      {classes.map((one) => (
        <li key={one.id}>
          <Anchor component={Link} to={`/classes/${one.id}`} className={list.item}>
            <Text fw={600}>{one.name}</Text>
            <Text c="dimmed" fz="xs">
              {t('classes.learners', { count: one.learners })}
              {!one.own && ` · ${t('class.sharedWithYou')}`}
            </Text>
          </Anchor>
        </li>
      ))}
    </ul>
  )
}
