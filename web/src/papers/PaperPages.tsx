import { ActionIcon, Group, Text } from '@mantine/core'
import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { pagesQuery, type PagesWanted } from '../api/queries'
import { announce } from '../ui/announce'
import { Failed } from '../ui/Failed'
import { Loading } from '../ui/Loading'
import { PagesBeingSet } from './PagesBeingSet'
import classes from './PaperMaker.module.css'

interface PaperPagesProps {
  id: number
  /** With which the paper was kept last. */
  revision: number
  /** Whether there is a question that can be printed. */
  some: boolean
  wanted: PagesWanted
  onWanted: (wanted: PagesWanted) => void
}

/** The pages as they will print: pictures of them, with what stands on each as its text. */
export function PaperPages({ id, revision, some, wanted, onWanted }: PaperPagesProps) {
  const { t } = useTranslation()
  const pages = useQuery({
    ...pagesQuery(id, revision, wanted),
    enabled: some,
    placeholderData: keepPreviousData,
  })
  if (!some)
    return <section className={classes.pages}>{<Text c="dimmed">{t('paper.nothingToSee')}</Text>}</section>
  if (pages.isLoadingError)
    return (
      <section className={classes.pages}>
        <Failed error={pages.error} onRetry={() => void pages.refetch()} />
      </section>
    )
  if (pages.isPending)
    return (
      <section className={classes.pages}>
        <Loading />
      </section>
    )
  const { key, texts, variants, letter, print } = pages.data
  const query = new URLSearchParams({ what: wanted.what, variant: String(wanted.variant), key })
  if (wanted.classroom !== undefined) query.set('classroom', String(wanted.classroom))
  const step = (by: number) => {
    const variant = (wanted.variant + by + variants) % variants
    announce(t('paper.variantNumber', { number: variant + 1, count: variants }))
    onWanted({ ...wanted, variant })
  }
  return (
    <section
      className={classes.pages}
      aria-label={t(`paper.pages.${wanted.what}`)}
      aria-busy={pages.isFetching}
    >
      {variants > 1 && (
        <Group gap={4} className={classes.variant}>
          <ActionIcon
            variant="default"
            size={36}
            aria-label={t('paper.lastVariant')}
            onClick={() => step(-1)}
          >
            ‹
          </ActionIcon>
          <Text data-testid="variant">
            {t('paper.variant')} {t('paper.variantOf', { letter, count: variants })}
          </Text>
          <ActionIcon variant="default" size={36} aria-label={t('paper.nextVariant')} onClick={() => step(1)}>
            ›
          </ActionIcon>
        </Group>
      )}
      {print && <PagesBeingSet key={print.id} print={print} onThere={() => void pages.refetch()} />}
      {texts.map((text, page) => (
        <img
          // A page is told by its place.
          key={page}
          className={classes.page}
          loading="lazy"
          src={`/api/papers/${id}/pages/${page}.png?${query.toString()}`}
          alt={t('paper.pageOf', { number: page + 1, count: texts.length, text })}
        />
      ))}
    </section>
  )
}
