import { useTranslation } from 'react-i18next'
import { Link } from 'react-router'
import type { Schemas } from '../api/client'
import classes from './Boxes.module.css'

/** Who has sent it, who is working, who has not begun, by name. */
export function WhoSent({ view }: { view: Schemas['BoxesView'] }) {
  const { t } = useTranslation()
  const { id, classroomId } = view.assignment
  const { learners } = view
  const rows = [
    ...(['sent', 'working', 'not-begun'] as const).map((state) => ({
      word: t(`assignment.state.${state}`),
      those: learners.filter((one) => one.state === state),
    })),
    // Of further attempts only what there is.
    ...(['not-begun', 'working', 'sent'] as const)
      .map((again) => ({
        word: t(`results.again.${again}`),
        those: learners.filter((one) => one.again === again),
      }))
      .filter(({ those }) => those.length > 0),
  ]
  return (
    <dl className={classes.standing}>
      {rows.map(({ word, those }) => (
        <div key={word}>
          <dt>
            {word} <b>{those.length}</b>
          </dt>
          <dd>
            {those.map((one, place) => (
              <span key={one.learner.id}>
                {place > 0 && ', '}
                <Link className={classes.name} to={`/results/${classroomId}/${id}/${one.learner.id}`}>
                  {one.learner.displayName}
                  {one.late && ` (${t('assignment.state.late')})`}
                </Link>
              </span>
            ))}
            {those.length === 0 && '–'}
          </dd>
        </div>
      ))}
    </dl>
  )
}
