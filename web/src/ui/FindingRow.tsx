import type { ReactNode } from 'react'
import { useTranslation } from 'react-i18next'
import type { Schemas } from '../api/client'
import classes from './FindingRow.module.css'
import { Formula } from './Formula'
import { WorkedLines } from './WorkedLines'

interface FindingRowProps {
  finding: Schemas['BoxFindingView']
  /** The box with what was typed. */
  box: Schemas['BoxView']
  selected?: boolean
  onSelect?: () => void
  under?: ReactNode
}

/** A right answer has no sign at all: a correct sheet should look quiet. */
const SIGNS: Record<string, string> = {
  right: '',
  partly: '◐',
  undecided: '⋯',
  'follow-through': '↳',
  slip: '≠',
  wrong: '✗',
  blank: '·',
  unreadable: '?',
  'left-out': '–',
}

/** The forms in which letters stand for what was picked. */
const PICKED: Schemas['BoxView']['form'][] = ['chain', 'why']

/** One answer with what the marker says of it. */
export function FindingRow({ finding, box, selected = false, onSelect, under }: FindingRowProps) {
  const { t } = useTranslation()
  const slips = finding.amount?.slips ?? []
  const said = ({ points, reason, by }: Schemas['OverrideView']) =>
    t(reason ? 'feedback.givenWhy' : 'feedback.given', {
      by: by || t('feedback.yourTeacher'),
      points,
      of: finding.of,
      reason,
    })
  const Row = onSelect ? 'button' : 'div'
  return (
    <li className={classes.item} data-finding={finding.finding} data-origin={finding.origin}>
      <Row
        className={`${classes.row} ${selected ? classes.inHand : ''}`}
        {...(onSelect ? { type: 'button' as const, onClick: onSelect, 'aria-pressed': selected } : {})}
      >
        <span className={classes.cell}>
          {box.symbol ? (
            <>
              <Formula markup={box.symbol} label={box.name} />{' '}
              <span className={classes.soft} aria-hidden>
                {box.quantity && t(`quantity.${box.quantity}`)}
              </span>
            </>
          ) : (
            box.name
          )}
        </span>
        <span className={classes.text}>
          {finding.shown ||
            (finding.working && '—') ||
            (PICKED.includes(box.form) && box.reading.shown) ||
            box.text}
        </span>
        <span className={classes.sign} aria-hidden>
          {SIGNS[finding.finding]}
        </span>
        <span className={classes.soft}>
          {(finding.finding === 'slip' && slips[0]?.name) || t(`finding.${finding.finding}`)}
          {finding.origin && `, ${t('feedback.origin')}`}
          {finding.of > 1 && ` ${t('feedback.points', { points: finding.points, of: finding.of })}`}
        </span>
        {finding.finding !== 'right' && <span className={classes.sentence}>{finding.sentence}</span>}
        {finding.chain.length > 0 && <Chain steps={finding.chain} />}
        {slips.length > 1 && (
          <span className={`${classes.sentence} ${classes.soft}`}>
            {t('feedback.orElse', {
              slips: slips
                .slice(1)
                .map((one) => one.sentence)
                .join('; '),
            })}
          </span>
        )}
        {finding.given && <span className={classes.sentence}>{said(finding.given)}</span>}
        {finding.working && <WorkedLines working={finding.working} />}
      </Row>
      {under}
    </li>
  )
}

/** From where an error started to what followed from it. */
function Chain({ steps }: { steps: Schemas['ChainStepView'][] }) {
  const { t } = useTranslation()
  return (
    <span className={`${classes.sentence} ${classes.soft}`}>
      {t('feedback.chain')}{' '}
      {steps.map((step, place) => (
        <span key={step.box} className={step.origin ? classes.origin : undefined}>
          {place > 0 && ' → '}
          {step.symbol ? <Formula markup={step.symbol} label={step.name} /> : step.name}
          {step.origin && ' ✗'}
        </span>
      ))}
    </span>
  )
}
