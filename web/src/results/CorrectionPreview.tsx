import { Text, Title } from '@mantine/core'
import { useEffect, useRef } from 'react'
import { useTranslation } from 'react-i18next'
import type { Schemas } from '../api/client'
import classes from './Correcting.module.css'

interface CorrectionPreviewProps {
  preview: Schemas['Preview']
  /** Whether the work was handed back already. */
  released: boolean
}

/** What a correction would do, learner by learner. */
export function CorrectionPreview({ preview, released }: CorrectionPreviewProps) {
  const { t } = useTranslation()
  const head = useRef<HTMLHeadingElement>(null)
  useEffect(() => head.current?.focus(), [preview])
  const { changes, same, kept, more, total, totalBefore } = preview
  return (
    <section aria-labelledby="changes">
      <Title order={2} id="changes" ref={head} tabIndex={-1} mb="xs">
        {t('correct.changes')}
      </Title>
      {total !== totalBefore && <Text>{t('correct.total', { total, before: totalBefore })}</Text>}
      <Text>
        {t('correct.changed', { count: changes.length })} {t('correct.same', { count: same })}{' '}
        {kept > 0 && t('correct.kept', { count: kept })} {more > 0 && t('correct.more', { count: more })}
      </Text>
      {released && changes.length + more > 0 && <Text>{t('correct.told')}</Text>}
      {changes.length > 0 && (
        <div className={classes.wide}>
          <table className={classes.table}>
            <thead>
              <tr>
                <th scope="col">{t('correct.learner')}</th>
                <th scope="col" className={classes.number}>
                  {t('correct.before')}
                </th>
                <th scope="col" className={classes.number}>
                  {t('correct.after')}
                </th>
                <th scope="col">{t('correct.where')}</th>
              </tr>
            </thead>
            <tbody>
              {changes.map((one) => (
                <tr key={`${one.learner.id} ${one.attempt}`}>
                  <th scope="row">
                    {one.learner.displayName}
                    {one.attempt > 1 && `, ${t('attempts.number', { number: one.attempt })}`}
                  </th>
                  <td className={classes.number}>{one.before}</td>
                  <td className={classes.number}>{one.after}</td>
                  <td>
                    {one.boxes.map((box) => (
                      <div key={`${box.number} ${box.name}`}>
                        {box.number} {box.name}:{' '}
                        {t(box.text ? 'correct.answered' : 'correct.unanswered', { ...box })}
                      </div>
                    ))}
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      )}
    </section>
  )
}
