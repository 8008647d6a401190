import { Modal } from '@mantine/core'
import { useTranslation } from 'react-i18next'
import type { Schemas } from '../api/client'
import { HandOutForm } from './HandOutForm'

interface HandOutDialogProps {
  /** What is handed out once more; without it a question is chosen. */
  assignment?: Schemas['AssignmentSummary']
  classId?: number
  onClose: () => void
}

/** Hands something to a class. */
export function HandOutDialog({ assignment, classId, onClose }: HandOutDialogProps) {
  const { t } = useTranslation()
  return (
    <Modal
      opened
      onClose={onClose}
      title={assignment ? t('handOut.again', { title: assignment.title }) : t('handOut.title')}
      closeButtonProps={{ 'aria-label': t('ui.close') }}
    >
      <HandOutForm assignment={assignment} classId={classId} onDone={onClose} />
    </Modal>
  )
}
