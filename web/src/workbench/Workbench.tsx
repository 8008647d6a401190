import { Tabs, Text } from '@mantine/core'
import { useDebouncedValue, useElementSize } from '@mantine/hooks'
import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { useMemo, useState } from 'react'
import { useTranslation } from 'react-i18next'
import { useParams, useSearchParams } from 'react-router'
import { ProblemError, type Schemas } from '../api/client'
import { analysisQuery, questionQuery } from '../api/queries'
import { Drawing } from '../ui/Drawing'
import paper from '../ui/Drawing.module.css'
import { Failed } from '../ui/Failed'
import { Loading } from '../ui/Loading'
import { ChartFoot } from './ChartFoot'
import { ChartTable } from './ChartTable'
import { fitted, keyOf, startingUses, type Uses } from './cells'
import { NotationLine } from './NotationLine'
import { QuestionBar } from './QuestionBar'
import classes from './Workbench.module.css'
import { Working } from './Working'

const FIRST_CIRCUIT = '16 V : R1=5 + (R2=12 || R3=4)'
const TYPING_PAUSE_MS = 60

/** The workbench of a new question, or of one that is kept. */
export default function Workbench() {
  const { questionId } = useParams()
  const [search] = useSearchParams()
  const question = useQuery({ ...questionQuery(Number(questionId)), enabled: questionId !== undefined })
  if (questionId === undefined) {
    return <Bench key="new" notation={search.get('circuit') ?? FIRST_CIRCUIT} />
  }
  if (question.isError) return <Failed error={question.error} onRetry={() => void question.refetch()} />
  if (question.isPending) return <Loading />
  return <Bench key={questionId} notation={question.data.notation} question={question.data} />
}

interface BenchProps {
  notation: string
  question?: Schemas['QuestionView']
}

function Bench({ notation: first, question }: BenchProps) {
  const { t } = useTranslation()
  const [search, setSearch] = useSearchParams()
  const [notation, setNotation] = useState(first)
  const [typed] = useDebouncedValue(notation, TYPING_PAUSE_MS)
  const { ref, width, height } = useElementSize()
  const room = useMemo(
    () => ({ width: Math.round(width / 40) * 40, height: Math.round(height / 40) * 40 }),
    [width, height],
  )
  const analysis = useQuery({
    ...analysisQuery(typed, room),
    enabled: room.width > 0,
    placeholderData: keepPreviousData,
  })
  const [uses, setUses] = useUses(analysis.data?.rows, question)
  const [row, setRow] = useState('')
  const [step, setStep] = useState('')
  const [cell, setCell] = useState('')
  const problem = analysis.error instanceof ProblemError ? analysis.error.problem : undefined
  const data = analysis.data
  const members = data?.rows.find((one) => one.id === row)?.members ?? []
  const selectRow = (id: string) => setRow(id === row ? '' : id)
  const tab = search.get('view') ?? 'chart'
  const write = (text: string) => {
    setNotation(text)
    if (!question) setSearch({ ...Object.fromEntries(search), circuit: text }, { replace: true })
  }
  return (
    <>
      <NotationLine value={notation} onChange={write} problem={problem} words={data?.words ?? ''} />
      <div className={classes.bench}>
        <section className={`${classes.sheet} ${paper.paper}`} ref={ref} aria-label={t('workbench.drawing')}>
          {data && (
            <Drawing
              scene={data.scene}
              words={data.words}
              selected={new Set(members)}
              onSelect={(part) => selectRow(data.rows.some((one) => one.id === part) ? part : '')}
            />
          )}
          {analysis.isError && !problem && (
            <Failed error={analysis.error} onRetry={() => void analysis.refetch()} />
          )}
        </section>
        <section
          className={`${classes.side} ${problem ? classes.stale : ''}`}
          aria-label={t('workbench.numbers')}
        >
          <Tabs
            value={tab}
            onChange={(value) =>
              setSearch({ ...Object.fromEntries(search), view: value ?? 'chart' }, { replace: true })
            }
            keepMounted={false}
          >
            <Tabs.List>
              <Tabs.Tab value="chart">{t('workbench.chart')}</Tabs.Tab>
              <Tabs.Tab value="working">{t('workbench.working')}</Tabs.Tab>
            </Tabs.List>
            {data && (
              <>
                <Tabs.Panel value="chart" pt="xs">
                  <ChartTable
                    analysis={data}
                    uses={uses}
                    onUses={setUses}
                    selected={row}
                    onSelect={selectRow}
                    onCell={setCell}
                  />
                  <ChartFoot analysis={data} uses={uses} onUses={setUses} cell={cell} />
                </Tabs.Panel>
                <Tabs.Panel value="working" pt="xs">
                  <Working
                    steps={data.steps}
                    selected={step}
                    onSelect={(one) => {
                      setStep(one.text)
                      setRow(one.cell.subject)
                    }}
                  />
                </Tabs.Panel>
              </>
            )}
          </Tabs>
          {problem && (
            <Text fz="sm" c="dimmed" mt="sm">
              {t('workbench.stale')}
            </Text>
          )}
          <QuestionBar notation={notation} uses={uses} question={question} ready={!problem && !!data} />
        </section>
      </div>
    </>
  )
}

/** Given and asked cells; they stay with their parts while the circuit is edited. */
function useUses(rows: Schemas['RowView'][] | undefined, question?: Schemas['QuestionView']) {
  const [held, setHeld] = useState<{ uses: Uses; known: ReadonlySet<string> } | undefined>(
    question && {
      uses: {
        given: new Set(question.given.map(keyOf)),
        asked: new Map(question.asked.map((one) => [keyOf(one.cell), one.marks])),
      },
      known: new Set<string>(),
    },
  )
  const uses = useMemo<Uses>(() => {
    if (!rows) return { given: new Set(), asked: new Map() }
    if (!held) return startingUses(rows)
    const known = held.known.size ? held.known : new Set(rows.map((row) => row.id))
    return fitted(held.uses, rows, known)
  }, [rows, held])
  const set = (next: Uses) => setHeld({ uses: next, known: new Set(rows?.map((row) => row.id)) })
  return [uses, set] as const
}
