import { Anchor, Button, Group, Stack, Text, TextInput } from '@mantine/core'
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState, type FormEvent } from 'react'
import { useTranslation } from 'react-i18next'
import { Link } from 'react-router'
import { body, client } from '../api/client'
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
  const [name, setName] = useState('')
  const make = useMutation({
    mutationFn: () => body(client.POST('/api/classes', { body: { name } })),
    onSuccess: () => {
      setName('')
      void queries.invalidateQueries({ queryKey: ['classes'] })
    },
  })
  const submit = (event: FormEvent) => {
    event.preventDefault()
    make.mutate()
  }
  return (
    <Screen title={t('classes.title')}>
      <Stack maw={640}>
        {known.isError && <Failed error={known.error} onRetry={() => void known.refetch()} />}
        {known.isPending && <Loading />}
        {known.data?.length === 0 && <Empty text={t('classes.none')} />}
        <ul className={list.list}>
          {known.data?.map((one) => (
            <li key={one.id}>
              <Anchor component={Link} to={`/classes/${one.id}`} className={list.item}>
                <Text fw={600}>{one.name}</Text>
                <Text c="dimmed" fz="xs">
                  {t('classes.learners', { count: one.learners })}
                </Text>
              </Anchor>
            </li>
          ))}
        </ul>
        <form onSubmit={submit}>
          <Group align="flex-start">
            <TextInput
              label={t('classes.name')}
              value={name}
              onChange={(event) => setName(event.currentTarget.value)}
              error={make.isError ? make.error.message : undefined}
              flex={1}
            />
            <Button type="submit" variant="default" loading={make.isPending} mt={26} mih={44}>
              {t('classes.make')}
            </Button>
          </Group>
        </form>
      </Stack>
    </Screen>
  )
}
