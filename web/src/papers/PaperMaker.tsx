import { Button, Group, Menu, Modal, Stack, Text, TextInput } from '@mantine/core'
import { useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { useSearchParams } from 'react-router'
import type { PagesWanted } from '../api/queries'
import { HandOutForm } from '../classes/HandOutForm'
import { AskBeforeLeaving } from '../keeping/AskBeforeLeaving'
import { KeptState } from '../keeping/KeptState'
import { useKeeper } from '../keeping/useKeeper'
import { ScreenTitle } from '../ui/ScreenTitle'
import { atClock } from '../ui/when'
import { keptPaper, type PaperView } from './keptPaper'
import { PaperHistory } from './PaperHistory'
import classes from './PaperMaker.module.css'
import { PaperPages } from './PaperPages'
import { PaperQuestions } from './PaperQuestions'
import { PaperSettings } from './PaperSettings'

const PRINTED = ['paper', 'answers', 'memo'] as const

/** What is looked at, which stands in the address. */
function useWanted() {
  const [search, setSearch] = useSearchParams()
  const what = PRINTED.find((one) => one === search.get('shown')) ?? 'paper'
  const wanted: PagesWanted = {
    what,
    variant: Number(search.get('variant') ?? 0) || 0,
    ...(search.has('class') && { classroom: Number(search.get('class')) }),
  }
  const want = (next: PagesWanted) =>
    setSearch(
      {
        ...(next.what !== 'paper' && { shown: next.what }),
        ...(next.variant > 0 && { variant: String(next.variant) }),
        ...(next.classroom !== undefined && { class: String(next.classroom) }),
      },
      { replace: true },
    )
  return [wanted, want] as const
}

/** The address of what is printed of a paper, as a file of some kind. */
const fileOf = (id: number, file: string, { variant, classroom }: PagesWanted) =>
  `/api/papers/${id}/${file}?variant=${variant}${classroom === undefined ? '' : `&classroom=${classroom}`}`

/** A paper in the making: its questions, its pages as they will print, and how it is laid out. */
export function PaperMaker({ person, paper }: { person: string; paper: PaperView }) {
  const { t } = useTranslation()
  const queries = useQueryClient()
  const { keeper, keeping } = useKeeper(() => keptPaper(person, paper))
  const [wanted, want] = useWanted()
  const [dialog, setDialog] = useState<'handOut' | 'history'>()
  const made = keeping.value
  const told = keeping.said ?? paper
  const kept = keeping.state.is === 'kept'
  const some = told.questions.some(({ flaws }) => flaws.length === 0)
  const whole = kept && made.questions.length > 0 && told.checks.every(({ holds }) => holds)
  const close = () => setDialog(undefined)
  return (
    <div className={classes.maker}>
      <AskBeforeLeaving state={keeping.state} />
      <header className={classes.head}>
        <ScreenTitle title={made.title} hidden />
        <Group gap="sm" className={classes.title}>
          <Text c="dimmed" aria-hidden>
            {t('paper.of')}
          </Text>
          <TextInput
            aria-label={t('paper.titleField')}
            variant="unstyled"
            value={made.title}
            maxLength={120}
            classNames={{ input: classes.titleInput }}
            onChange={(event) => keeper.change({ ...made, title: event.currentTarget.value })}
          />
          <Text c="dimmed" data-testid="paper-sum">
            {[
              t('papers.questions', { count: made.questions.length }),
              t('chart.marks', { count: told.marks }),
              ...(made.layout.minutes ? [t('papers.minutes', { count: made.layout.minutes })] : []),
            ].join(' · ')}
          </Text>
        </Group>
        <Group gap="sm">
          <KeptState state={keeping.state} keptAt={keeping.keptAt} onTry={() => void keeper.keepNow()} />
          <Menu position="bottom-end" transitionProps={{ duration: 100 }}>
            <Menu.Target>
              <Button variant="default" disabled={!some}>
                {t('paper.print')}
              </Button>
            </Menu.Target>
            <Menu.Dropdown>
              {PRINTED.map((what) => (
                <Menu.Item
                  key={what}
                  component="a"
                  href={fileOf(paper.id, `${what}.pdf`, wanted)}
                  target="_blank"
                  rel="noreferrer"
                >
                  {t(`paper.printed.${what}`)}
                </Menu.Item>
              ))}
              <Menu.Divider />
              <Menu.Label>{t('paper.export')}</Menu.Label>
              <Menu.Item component="a" href={fileOf(paper.id, 'paper.odt', wanted)} download>
                {t('paper.asOpenDocument')}
              </Menu.Item>
              <Menu.Item component="a" href={fileOf(paper.id, 'memo.odt', wanted)} download>
                {t('paper.memoAsOpenDocument')}
              </Menu.Item>
              <Menu.Item component="a" href={fileOf(paper.id, 'paper.txt', wanted)} download>
                {t('paper.asText')}
              </Menu.Item>
              <Menu.Item component="a" href={`/api/papers/${paper.id}/package`} download>
                {t('paper.asPackage')}
              </Menu.Item>
              <Menu.Divider />
              <Menu.Item onClick={() => setDialog('history')}>{t('paper.history')}</Menu.Item>
            </Menu.Dropdown>
          </Menu>
          <Button disabled={!whole} onClick={() => setDialog('handOut')}>
            {t('paper.handOut')}
          </Button>
        </Group>
      </header>
      <div className={classes.columns}>
        <PaperQuestions made={made} told={told} onMade={keeper.change} />
        <PaperPages id={paper.id} revision={told.revision} some={some} wanted={wanted} onWanted={want} />
        <PaperSettings made={made} told={told} onMade={keeper.change} wanted={wanted} onWanted={want} />
      </div>
      {dialog === 'handOut' && (
        <Modal
          opened
          onClose={close}
          title={t('paper.handOutOf', { title: made.title })}
          closeButtonProps={{ 'aria-label': t('ui.close') }}
        >
          <HandOutForm paperId={paper.id} firstClass={wanted.classroom} onDone={close} />
        </Modal>
      )}
      {dialog === 'history' && (
        <PaperHistory
          paper={told}
          onClose={close}
          onBack={() => {
            close()
            void queries.invalidateQueries({ queryKey: ['papers', paper.id], exact: true })
          }}
        />
      )}
      {keeping.theirs && (
        <Modal opened onClose={() => undefined} withCloseButton={false} title={t('paper.which')}>
          <Stack>
            <Text>{t('paper.whichWhy')}</Text>
            <Button data-autofocus onClick={() => keeper.resolve(made)}>
              {t('paper.here')}
            </Button>
            <Button variant="default" onClick={() => keeper.resolve(keeping.theirs!.value)}>
              {t('paper.there', { time: atClock(keeping.theirs.keptAt) })}
            </Button>
          </Stack>
        </Modal>
      )}
    </div>
  )
}
