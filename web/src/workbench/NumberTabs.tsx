import { Tabs } from '@mantine/core'
import { useState, type ReactNode } from 'react'
import { useTranslation } from 'react-i18next'
import type { Schemas } from '../api/client'
import { BackwardsPanel } from './BackwardsPanel'
import type { Uses } from './cells'
import { ChangePanel } from './ChangePanel'
import { ChartFoot } from './ChartFoot'
import { ChartTable } from './ChartTable'
import type { useBenchView } from './useBenchView'
import { WorkingPanel } from './WorkingPanel'

interface NumberTabsProps {
  view: ReturnType<typeof useBenchView>
  /** Missing until the circuit was worked out. */
  numbers?: Schemas['AnalysisView']
  uses: Uses
  onUses: (uses: Uses) => void
  /** How far cells go where values vary. */
  spread: Schemas['SpreadView'][]
  /** Rows of the stage in hand. */
  lit: ReadonlySet<string>
  inHand: string
  onInHand: (name: string) => void
  /** What is asked, to be made here. */
  question: ReactNode
  /** Takes over a circuit that was found backwards, with what was given and asked for it. */
  onTake: (notation: string, uses: Uses) => void
}

/** The numbers of a circuit: its chart, its working, what changes, and backwards, and what is asked of it. */
export function NumberTabs(props: NumberTabsProps) {
  const { view, numbers, uses, onUses, spread, lit, inHand, onInHand, question, onTake } = props
  const { t } = useTranslation()
  const [cell, setCell] = useState('')
  return (
    <Tabs
      value={numbers || !question ? view.view : 'question'}
      onChange={(value) => view.set({ view: value ?? 'chart' })}
      keepMounted={false}
      styles={{ tab: { paddingInline: 12 } }}
    >
      <Tabs.List>
        <Tabs.Tab value="chart">{t('workbench.chart')}</Tabs.Tab>
        <Tabs.Tab value="working">{t('workbench.working')}</Tabs.Tab>
        <Tabs.Tab value="change">{t('workbench.change')}</Tabs.Tab>
        <Tabs.Tab value="backwards">{t('workbench.backwards')}</Tabs.Tab>
        <Tabs.Tab value="question">{t('workbench.question')}</Tabs.Tab>
      </Tabs.List>
      {numbers && (
        <>
          <Tabs.Panel value="chart" pt="xs">
            <ChartTable
              analysis={numbers}
              uses={uses}
              onUses={onUses}
              spread={spread}
              selected={inHand === 'source' ? 'total' : inHand}
              lit={lit}
              onSelect={(id) => onInHand(id === inHand ? '' : id)}
              onCell={setCell}
            />
            <ChartFoot analysis={numbers} uses={uses} onUses={onUses} cell={cell} />
          </Tabs.Panel>
          <Tabs.Panel value="working" pt="xs">
            <WorkingPanel notation={numbers.notation} style={numbers.style} onInHand={onInHand} />
          </Tabs.Panel>
          <Tabs.Panel value="change" pt="xs">
            <ChangePanel analysis={numbers} inHand={inHand} onInHand={onInHand} />
          </Tabs.Panel>
          <Tabs.Panel value="backwards" pt="xs">
            <BackwardsPanel
              key={numbers.notation}
              analysis={numbers}
              inHand={inHand}
              onInHand={onInHand}
              onTake={onTake}
            />
          </Tabs.Panel>
        </>
      )}
      <Tabs.Panel value="question" pt="xs">
        {question}
      </Tabs.Panel>
    </Tabs>
  )
}
