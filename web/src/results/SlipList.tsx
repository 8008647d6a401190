import { Text, Title } from '@mantine/core'
import { useTranslation } from 'react-i18next'
import { Link } from 'react-router'
import type { Schemas } from '../api/client'
import classes from './Boxes.module.css'

interface SlipListProps {
  slips: Schemas['SlipResults'][]
  /** How many sheets came in. */
  sheets: number
  assignment: Schemas['AssignmentSummary']
}

/** The slips that a class has made, by how many learners; each opens its answers. */
export function SlipList({ slips, sheets, assignment }: SlipListProps) {
  const { t } = useTranslation()
  if (slips.length === 0) return null
  return (
    <>
      <Title order={2} mt="lg" mb="xs">
        {t('boxes.slips')}
      </Title>
      <ul className={classes.slips}>
        {slips.map((slip) => (
          <li key={slip.slip}>
            <details>
              <summary>
                <span>{slip.name}</span>
                <span className={classes.bar} aria-hidden>
                  <span style={{ width: `${(100 * slip.learners) / sheets}%` }} />
                </span>
                <span>{t('boxes.slippers', { learners: slip.learners, of: sheets })}</span>
              </summary>
              <ul className={classes.slipped}>
                {slip.answers.map((answer) => (
                  <li key={`${answer.learner.id} ${answer.box}`}>
                    <Link
                      className={classes.name}
                      to={`/results/${assignment.classroomId}/${assignment.id}/${answer.learner.id}`}
                    >
                      {answer.learner.displayName}
                    </Link>
                    <span>
                      <span className={classes.task}>{answer.number}</span> {answer.asked}: {answer.text}
                    </span>
                    <Text span c="dimmed" size="sm">
                      {answer.worked}
                    </Text>
                  </li>
                ))}
              </ul>
            </details>
          </li>
        ))}
      </ul>
    </>
  )
}
