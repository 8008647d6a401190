import { Button, Text } from '@mantine/core'
import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { Link, useSearchParams } from 'react-router'
import type { Schemas } from '../api/client'
import { analysisQuery, foldingQuery } from '../api/queries'
import { copyText } from '../ui/copyText'
import { CircuitWords } from '../ui/CircuitWords'
import { Drawing } from '../ui/Drawing'
import { Failed } from '../ui/Failed'
import { Loading } from '../ui/Loading'
import { notify } from '../ui/notify'
import { Screen } from '../ui/Screen'
import { TrueChart } from '../ui/TrueChart'
import { benchOf } from './benchAddress'
import { StepEquation } from '../ui/StepEquation'
import classes from './Solution.module.css'
import { sections, type Section } from './solutionSections'
import { StyleMenu } from './StyleMenu'
import { useStages } from './useStages'

/** What fits an A4 page's width and a redraw beside its working. */
const WHOLE = { width: 640, height: 260 }
const REDRAW = { width: 280, height: 170 }

/** So many steps stay together on a page. */
const FEW = 8

/** The worked solution of one circuit to read, copy and print: every stage with its redraw and working. */
export default function Solution() {
  const { t } = useTranslation()
  const [search, setSearch] = useSearchParams()
  const notation = search.get('circuit') ?? ''
  const style = search.get('style') || undefined
  const analysis = useQuery(analysisQuery({ notation, style, room: WHOLE }))
  const request = { notation, style, room: REDRAW }
  const folding = useQuery(foldingQuery(request))
  const every = Array.from({ length: folding.data?.count ?? 0 }, (_, place) => place)
  const stages = useStages(request, folding.data, every).filter((stage) => stage !== undefined)
  const failed = [analysis, folding].find((one) => one.isError)
  if (failed?.error) return <Failed error={failed.error} onRetry={() => void failed.refetch()} />
  if (!analysis.data || !folding.data || stages.length < folding.data.count) return <Loading />
  const parts = sections(stages)
  const copy = async () => {
    const text = [
      analysis.data.notation,
      analysis.data.words,
      ...parts.flatMap((part) => ['', heading(part), ...part.steps.map((step) => step.text)]),
    ]
    await copyText(text.join('\n')).then(
      () => notify(t('solution.copied')),
      () => notify(t('solution.notCopied')),
    )
  }
  const heading = (part: Section) => t(`solution.part.${part.title}`, { members: part.members })
  return (
    <Screen
      title={t('solution.title')}
      actions={
        <>
          <Button variant="subtle" component={Link} to={benchOf(search)}>
            {t('solution.back')}
          </Button>
          <StyleMenu
            style={style}
            onStyle={(chosen) =>
              setSearch((now) => ({ ...Object.fromEntries(now), style: chosen }), { replace: true })
            }
          />
          <Button variant="default" onClick={() => void copy()}>
            {t('solution.copy')}
          </Button>
          <Button onClick={() => window.print()}>{t('solution.print')}</Button>
        </>
      }
    >
      <article className={classes.page} aria-label={t('solution.title')}>
        <header className={classes.block}>
          <p className={classes.notation}>{analysis.data.notation}</p>
          <p>{analysis.data.words}</p>
          {analysis.data.onPaperOnly && <Text c="copper">{t('chart.onPaperOnly')}</Text>}
          <div className={classes.given}>
            <Drawing scene={analysis.data.scene} words={t('drawing.described')} />
            <CircuitWords lines={analysis.data.wordList} />
          </div>
        </header>
        {parts.map((part) => (
          <section
            key={part.title + part.members}
            className={`${classes.part} ${part.steps.length <= FEW ? classes.whole : ''}`}
          >
            <h2>
              {heading(part)}
              {part.reason && <span className={classes.reason}> · {part.reason}</span>}
            </h2>
            <div className={part.scene ? classes.beside : undefined}>
              {part.scene && (
                <div className={classes.redraw}>
                  <Drawing scene={part.scene} words={part.words} selected={new Set([part.group])} />
                </div>
              )}
              <ol className={`${classes.steps} ${part.scene ? classes.below : classes.along}`}>
                {part.steps.map((step) => (
                  <li key={step.text}>
                    <StepEquation step={step} />
                  </li>
                ))}
              </ol>
            </div>
          </section>
        ))}
        <WholeChart analysis={analysis.data} />
      </article>
    </Screen>
  )
}

function WholeChart({ analysis }: { analysis: Schemas['AnalysisView'] }) {
  const { t } = useTranslation()
  return (
    <section className={classes.chart}>
      <h2>{t('solution.chart')}</h2>
      <TrueChart analysis={analysis} />
      <ul className={classes.checks}>
        {analysis.checks.map((check) => (
          <li key={check.kind + check.place}>
            {[t(`check.${check.kind}`), check.place].filter(Boolean).join(' ')}: {check.sentence}
          </li>
        ))}
        {analysis.carriedRounded && <li>{t('chart.carried')}</li>}
        {analysis.notes.map((note) => (
          <li key={note}>{note}</li>
        ))}
      </ul>
    </section>
  )
}
