import { Text, Title } from '@mantine/core'
import { useTranslation } from 'react-i18next'
import { Link } from 'react-router'
import type { Schemas } from '../api/client'
import { sheetsOf } from './boxColumns'
import classes from './Boxes.module.css'

type View = Schemas['BoxesView']

interface TeachAgainProps {
  view: View
  /** Whether there is more than one task. */
  many: boolean
}

/** Where most marks were lost, the most first, with what was written most often. */
export function TeachAgain({ view, many }: TeachAgainProps) {
  const { t } = useTranslation()
  const boxes = view.again.flatMap((id) => view.boxes.find((box) => box.box === id) ?? [])
  if (boxes.length === 0) return <Text mt="lg">{t('boxes.nothingLost')}</Text>
  return (
    <>
      <Title order={2} mt="lg" mb="xs">
        {t('boxes.again')}
      </Title>
      <ol className={classes.again}>
        {boxes.map((box) => (
          <li key={box.box}>
            {many && <span className={classes.task}>{box.number} </span>}
            <Link className={classes.name} to={reviewOf(view.assignment, box)}>
              {t('boxes.lost', { name: box.name, lost: box.lost, of: sheetsOf(box) * box.marks })}
            </Link>
            {box.wrongValues[0] && (
              <Text span c="dimmed">
                {' '}
                {t('boxes.often', {
                  value: box.wrongValues[0].shown,
                  count: box.wrongValues[0].learners.length,
                })}
              </Text>
            )}
          </li>
        ))}
      </ol>
    </>
  )
}

const reviewOf = (assignment: View['assignment'], box: Schemas['BoxResults']) =>
  `/results/${assignment.classroomId}/${assignment.id}/review?box=${encodeURIComponent(box.box)}`
