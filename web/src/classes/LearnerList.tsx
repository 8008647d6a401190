import { Code, Group, Stack, Text } from '@mantine/core'
import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { client, type Schemas } from '../api/client'
import list from '../desk/Desk.module.css'
import { announce } from '../ui/announce'
import { Empty } from '../ui/Empty'
import { NameInPlace } from '../ui/NameInPlace'
import { RemovedList } from '../ui/RemovedList'
import { useFind } from '../ui/useFind'
import { AddLearners } from './AddLearners'
import { LearnerMenu } from './LearnerMenu'
import { Slips } from './Slips'
import { useClassChanged } from './useClassChanged'

type WithPassword = Schemas['LearnerWithPassword']

/** The learners of a class: added, found, given new passwords, renamed, taken out and put back. */
export function LearnerList({ classroom }: { classroom: Schemas['ClassroomView'] }) {
  const { t } = useTranslation()
  const refresh = useClassChanged()
  // Passwords are told once: they stand here until the screen is left.
  const [told, setTold] = useState<WithPassword[]>([])
  const tell = (some: WithPassword[]) => {
    const others = told.filter((one) => !some.some((other) => other.learner.id === one.learner.id))
    const all = [...others, ...some]
    setTold(all)
    announce(t('classes.toldOnce', { count: all.length }))
  }
  const { id, learners, former } = classroom
  const { found, field } = useFind({
    things: learners,
    textsOf: ({ displayName, username }) => [displayName, username],
    noneFound: (find) => t('classes.noneFound', { find }),
  })
  const putBack = async (learnerId: number) => {
    await client.PUT('/api/classes/{id}/learners/{learnerId}', { params: { path: { id, learnerId } } })
    await refresh()
  }
  const rename = async (learnerId: number, displayName: string) => {
    await client.PUT('/api/classes/{id}/learners/{learnerId}/name', {
      params: { path: { id, learnerId } },
      body: { displayName },
    })
    await refresh()
  }
  return (
    <Stack>
      <AddLearners classId={id} onAdded={tell} />
      {told.length > 0 && (
        <Group gap="sm">
          <Text fz="sm">{t('classes.toldOnce', { count: told.length })}</Text>
          {told.length > 1 && <Slips learners={told} label={t('slip.printAll', { count: told.length })} />}
        </Group>
      )}
      {field}
      {learners.length === 0 && <Empty text={t('classes.noLearners')} />}
      <ul className={list.list}>
        {found.map((one) => {
          const withPassword = told.find(({ learner }) => learner.id === one.id)
          return (
            <li key={one.id} className={list.row}>
              <NameInPlace name={one.displayName} maxLength={80} onRename={(name) => rename(one.id, name)}>
                <Text flex={1} pl={8} py={10}>
                  {one.displayName}{' '}
                  <Text span c="dimmed" fz="xs">
                    {one.username}
                  </Text>
                </Text>
                {withPassword && (
                  <Group gap={6} wrap="nowrap">
                    <Code fz="sm" aria-label={t('classes.password', { password: withPassword.password })}>
                      {withPassword.password}
                    </Code>
                    <Slips learners={[withPassword]} label={t('slip.print')} />
                  </Group>
                )}
              </NameInPlace>
              <LearnerMenu classId={id} learner={one} onPassword={(made) => tell([made])} />
            </li>
          )
        })}
      </ul>
      <RemovedList
        title={t('classes.former', { count: former.length })}
        things={former.map((one) => ({ id: one.id, name: one.displayName }))}
        onBringBack={putBack}
      />
    </Stack>
  )
}
