import { Button, Portal } from '@mantine/core'
import { useTranslation } from 'react-i18next'
import type { Schemas } from '../api/client'
import classes from './Slips.module.css'

interface SlipsProps {
  /** For whom, each with the password that is told this once. */
  learners: Schemas['LearnerWithPassword'][]
  label: string
}

/** Prints a slip a learner, to be cut apart: the page that is printed has nothing else on it. */
export function Slips({ learners, label }: SlipsProps) {
  const { t } = useTranslation()
  return (
    <>
      <Button
        variant="default"
        size="compact-sm"
        onClick={(event) => {
          const slips = document.getElementById(event.currentTarget.dataset.slips ?? '')
          slips?.setAttribute('data-printing', 'true')
          window.print()
          slips?.removeAttribute('data-printing')
        }}
        data-slips={idOf(learners)}
      >
        {label}
      </Button>
      <Portal>
        <div id={idOf(learners)} className={classes.slips} aria-hidden>
          {learners.map(({ learner, password }) => (
            <div key={learner.id} className={classes.slip}>
              <b>{learner.displayName}</b>
              <dl>
                <dt>{t('slip.address')}</dt>
                <dd>{location.origin}</dd>
                <dt>{t('signIn.username')}</dt>
                <dd className={classes.code}>{learner.username}</dd>
                <dt>{t('signIn.password')}</dt>
                <dd className={classes.code}>{password}</dd>
              </dl>
              <small>{t('slip.own')}</small>
            </div>
          ))}
        </div>
      </Portal>
    </>
  )
}

const idOf = (learners: SlipsProps['learners']) =>
  `slips-${learners.map(({ learner }) => learner.id).join('-')}`
