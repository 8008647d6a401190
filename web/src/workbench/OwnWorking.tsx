import { Text, Textarea } from '@mantine/core'
import { useDebouncedValue, useSessionStorage } from '@mantine/hooks'
import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { ProblemError } from '../api/client'
import { linesQuery } from '../api/queries'
import { Failed } from '../ui/Failed'
import { Formula } from '../ui/Formula'
import classes from './OwnWorking.module.css'

interface OwnWorkingProps {
  notation: string
  style: string
  /** Of the field, for who leads to it. */
  id: string
}

/** A working of one's own, pasted or typed, checked line by line as it is written. */
export function OwnWorking({ notation, style, id }: OwnWorkingProps) {
  const { t } = useTranslation()
  // It stays while the tab is open: a look at the chart loses nothing.
  const [working, setWorking] = useSessionStorage({ key: 'own-working', defaultValue: '' })
  const [typed] = useDebouncedValue(working, 300)
  const check = useQuery({
    ...linesQuery({ notation, style, working: typed }),
    enabled: typed.trim() !== '',
    placeholderData: keepPreviousData,
  })
  const problem = check.error instanceof ProblemError ? check.error.problem : undefined
  const lines = typed.trim() === '' ? [] : (check.data ?? []).filter((line) => line.typed.trim() !== '')
  const wrong = lines.filter((line) => line.holds === 'NO').length
  const unread = lines.filter((line) => line.holds === 'UNREAD').length
  return (
    <section aria-labelledby="own-working" className={classes.own}>
      <h3 id="own-working">{t('ownWorking.title')}</h3>
      <Textarea
        id={id}
        label={t('ownWorking.lines')}
        description={t('ownWorking.hint')}
        placeholder={t('ownWorking.sample')}
        autosize
        minRows={3}
        maxRows={14}
        spellCheck={false}
        autoComplete="off"
        value={working}
        error={problem?.detail}
        onChange={(event) => setWorking(event.currentTarget.value)}
      />
      {check.isError && !problem && <Failed error={check.error} onRetry={() => void check.refetch()} />}
      <p role="status" className={classes.count}>
        {lines.length > 0 && !problem && t('ownWorking.found', { lines: lines.length, wrong, unread })}
      </p>
      {!problem && (
        <ol className={classes.lines}>
          {lines.map((line, k) => (
            <li key={k} data-holds={line.holds}>
              <span className={classes.mark}>{t(`ownWorking.holds.${line.holds}`)}</span>
              <div className={classes.read}>
                {line.read.length === 0 ? (
                  <Text fz="sm">{line.typed}</Text>
                ) : (
                  <div role="math" aria-label={line.text} className={classes.chains}>
                    {line.read.map((chain, at) => (
                      <Formula key={at} markup={chain} />
                    ))}
                  </div>
                )}
                {line.said.map((sentence) => (
                  <p key={sentence} className={classes.said}>
                    {sentence}
                  </p>
                ))}
              </div>
            </li>
          ))}
        </ol>
      )}
    </section>
  )
}
