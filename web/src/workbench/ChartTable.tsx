import type { TFunction } from 'i18next'
import { useState, type KeyboardEvent } from 'react'
import { useTranslation } from 'react-i18next'
import type { Schemas } from '../api/client'
import { announce } from '../ui/announce'
import { ChartFrame, quantityIn, type Column, type Row } from '../ui/ChartFrame'
import frame from '../ui/ChartFrame.module.css'
import { cellUse, clicked, keyOf, turned, withMarks, type Uses } from './cells'
import classes from './ChartTable.module.css'

interface ChartTableProps {
  analysis: Schemas['AnalysisView']
  uses: Uses
  onUses: (uses: Uses) => void
  /** How far cells go where values vary. */
  spread?: Schemas['SpreadView'][]
  /** The row in hand. */
  selected: string
  /** Rows of the stage in hand. */
  lit?: ReadonlySet<string>
  onSelect: (row: string) => void
  /** The cell whose marks are being set. */
  onCell: (key: string) => void
}

const KEYS = { g: 'given', a: 'asked', w: 'withheld' } as const

/** The whole chart; a click or a key on a cell turns it given, asked or withheld. */
export function ChartTable(props: ChartTableProps) {
  const { analysis, uses, onUses, spread = [], selected, lit, onSelect, onCell } = props
  const spreads = new Map(spread.map((one) => [keyOf(one.cell), one]))
  // Asked for once: a chart has a hundred cells, and each would listen for a change of language.
  const { t } = useTranslation()
  const [last, setLast] = useState('')
  const take = (key: string, next: Uses) => {
    const marks = next.asked.get(key)
    const use = t(`use.${cellUse(next, key)}`)
    announce(marks ? t('chart.said', { use, marks: t('chart.marks', { count: marks }) }) : use)
    onUses(next)
  }
  const onClick = (key: string) => {
    take(key, turned(uses, key, clicked(uses, key, key !== last)))
    onCell(key)
    setLast(key)
  }
  return (
    <ChartFrame
      analysis={analysis}
      selected={selected}
      lit={lit}
      onSelect={onSelect}
      over={analysis.overRated}
      cell={(row, column) => (
        <ChartCell
          t={t}
          row={row}
          column={column}
          uses={uses}
          spreads={spreads}
          onTake={take}
          onClick={onClick}
          onCell={onCell}
        />
      )}
    />
  )
}

interface ChartCellProps {
  t: TFunction
  row: Row
  column: Column
  uses: Uses
  spreads: ReadonlyMap<string, Schemas['SpreadView']>
  onTake: (key: string, next: Uses) => void
  onClick: (key: string) => void
  onCell: (key: string) => void
}

function ChartCell({ t, row, column, uses, spreads, onTake, onClick, onCell }: ChartCellProps) {
  const quantity = quantityIn(row, column)
  const shown = row.shown[quantity]
  if (shown === undefined) {
    // A meter has one reading and nothing else; of a part it is said why it has none.
    const reading = row.kind === 'voltmeter' || row.kind === 'point'
    const undecided = reading && column.quantity === 'voltage'
    return (
      <span className={frame.none}>
        {t(`chart.none.${undecided ? 'undecided' : reading ? 'normal' : row.condition}`)}
      </span>
    )
  }
  const key = keyOf({ subject: row.id, quantity })
  const use = cellUse(uses, key)
  const marks = uses.asked.get(key)
  const spread = spreads.get(key)
  const onKeyDown = (event: KeyboardEvent) => {
    const to = KEYS[event.key as keyof typeof KEYS]
    if (to) onTake(key, turned(uses, key, to))
    else if (use === 'asked' && /^[1-9]$/.test(event.key))
      onTake(key, withMarks(uses, key, Number(event.key)))
  }
  return (
    <button
      type="button"
      className={`${classes.cell} ${classes[use]}`}
      data-use={use}
      title={row.whole[quantity]}
      aria-label={t('chart.cell', {
        quantity: quantity === 'potential' ? t('chart.potential') : column.word,
        subject: row.id.replace(/^\./, ''),
        shown,
        use: t(`use.${use}`),
        marks: [
          ...(marks ? [t('chart.marks', { count: marks })] : []),
          ...(spread && spread.least !== spread.greatest ? [t('values.from', { ...spread })] : []),
        ].join(', '),
      })}
      onClick={() => onClick(key)}
      onFocus={() => onCell(key)}
      onKeyDown={onKeyDown}
    >
      {shown}
      {spread && spread.least !== spread.greatest && (
        <span className={classes.spread} aria-hidden>
          {spread.least} – {spread.greatest}
        </span>
      )}
      {marks !== undefined && marks > 1 && <sup className={classes.marks} data-marks={marks} />}
    </button>
  )
}
