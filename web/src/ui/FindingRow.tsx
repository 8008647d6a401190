import { useTranslation } from 'react-i18next'
import type { Schemas } from '../api/client'
import classes from './FindingRow.module.css'
import { SubjectName } from './SubjectName'

interface FindingRowProps {
  finding: Schemas['FindingView']
  /** What was typed. */
  text: string
  selected?: boolean
  onSelect?: () => void
}

/** A right answer has no sign at all: a correct sheet should look quiet. */
const SIGNS: Record<string, string> = {
  right: '',
  'follow-through': '↳',
  slip: '≠',
  wrong: '✗',
  blank: '·',
  unreadable: '?',
}

/** One answer with what the marker says of it. */
export function FindingRow({ finding, text, selected = false, onSelect }: FindingRowProps) {
  const { t } = useTranslation()
  const { cell } = finding
  const Row = onSelect ? 'button' : 'div'
  return (
    <li className={classes.item} data-finding={finding.finding} data-origin={finding.origin}>
      <Row
        className={`${classes.row} ${selected ? classes.inHand : ''}`}
        {...(onSelect ? { type: 'button' as const, onClick: onSelect, 'aria-pressed': selected } : {})}
      >
        <span className={classes.cell}>
          <SubjectName id={cell.subject} />{' '}
          <span className={classes.soft}>{t(`quantity.${cell.quantity}`)}</span>
        </span>
        <span className={classes.text}>{finding.shown || text}</span>
        <span className={classes.sign} aria-hidden>
          {SIGNS[finding.finding]}
        </span>
        <span className={classes.soft}>
          {t(`finding.${finding.finding}`)}
          {finding.origin && `, ${t('feedback.origin')}`}
        </span>
        {finding.finding !== 'right' && <span className={classes.sentence}>{finding.sentence}</span>}
      </Row>
    </li>
  )
}
