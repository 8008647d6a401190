import { ActionIcon, Menu } from '@mantine/core'
import { IconDots } from '@tabler/icons-react'
import { useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { Link } from 'react-router'
import { client, type Schemas } from '../api/client'
import { useRemoval } from '../ui/useRemoval'
import { DueDialog } from './DueDialog'
import { AttemptsDialog } from './AttemptsDialog'
import { HandOutDialog } from './HandOutDialog'
import { PrintDialog } from './PrintDialog'
import { canBeTakenBack, ReleaseDialog, useRelease } from './ReleaseDialog'

type Assignment = Schemas['AssignmentSummary']

const at = (id: number) => ({ params: { path: { id } } })

/** What can be done with something that was handed out. */
export function AssignmentMenu({ assignment }: { assignment: Assignment }) {
  const { t } = useTranslation()
  const queries = useQueryClient()
  const [dialog, setDialog] = useState<'due' | 'again' | 'release' | 'print' | 'attempts'>()
  const { takeBack } = useRelease()
  const withdraw = useRemoval<Assignment>({
    remove: ({ id }) => client.DELETE('/api/assignments/{id}', at(id)),
    bringBack: ({ id }) => client.POST('/api/assignments/{id}/restoration', at(id)),
    nameOf: ({ title }) => title,
    said: (title) => t('assignment.withdrawn', { title }),
    onDone: () => void queries.invalidateQueries({ queryKey: ['assignments'] }),
  })
  const close = () => setDialog(undefined)
  return (
    <>
      <Menu position="bottom-end" transitionProps={{ duration: 100 }}>
        <Menu.Target>
          <ActionIcon
            variant="subtle"
            color="gray"
            size={44}
            aria-label={t('assignment.menu', { title: assignment.title })}
          >
            <IconDots size={18} stroke={1.5} aria-hidden />
          </ActionIcon>
        </Menu.Target>
        <Menu.Dropdown>
          <Menu.Item component={Link} to={`/classes/${assignment.classroomId}/preview/${assignment.id}`}>
            {t('assignment.preview')}
          </Menu.Item>
          {!assignment.released && (
            <Menu.Item component={Link} to={`/classes/${assignment.classroomId}/keying/${assignment.id}`}>
              {t('keyIn.menu')}
            </Menu.Item>
          )}
          <Menu.Item component={Link} to={`/results/${assignment.classroomId}/${assignment.id}/memo`}>
            {t('correct.menu')}
          </Menu.Item>
          <Menu.Item onClick={() => setDialog('print')}>{t('print.menu')}</Menu.Item>
          {assignment.sent > 0 && (
            <Menu.Item
              component="a"
              href={`/api/assignments/${assignment.id}/summary.pdf`}
              target="_blank"
              rel="noreferrer"
            >
              {t('boxes.summary')}
            </Menu.Item>
          )}
          <Menu.Item onClick={() => setDialog('again')}>{t('assignment.toAnother')}</Menu.Item>
          {!assignment.released && (
            <Menu.Item onClick={() => setDialog('due')}>{t('assignment.changeDue')}</Menu.Item>
          )}
          {(assignment.sent > 0 || assignment.released) && (
            <Menu.Item onClick={() => setDialog('attempts')}>{t('attempts.menu')}</Menu.Item>
          )}
          {assignment.open && (
            <Menu.Item onClick={() => setDialog('release')}>{t('assignment.release')}…</Menu.Item>
          )}
          {canBeTakenBack(assignment) && (
            <Menu.Item onClick={() => takeBack.mutate(assignment.id)}>{t('assignment.takeBack')}</Menu.Item>
          )}
          {!assignment.released && (
            <Menu.Item disabled={assignment.sent > 0} onClick={() => withdraw.mutate(assignment)}>
              {t(assignment.sent > 0 ? 'assignment.cannotWithdraw' : 'assignment.withdraw')}
            </Menu.Item>
          )}
        </Menu.Dropdown>
      </Menu>
      {dialog === 'due' && <DueDialog assignment={assignment} onClose={close} />}
      {dialog === 'again' && <HandOutDialog assignment={assignment} onClose={close} />}
      {dialog === 'print' && <PrintDialog assignment={assignment} onClose={close} />}
      {dialog === 'attempts' && <AttemptsDialog assignmentId={assignment.id} onClose={close} />}
      {dialog === 'release' && <ReleaseDialog assignmentId={assignment.id} onClose={close} />}
    </>
  )
}
