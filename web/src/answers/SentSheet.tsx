import { Anchor, Stack, Text } from '@mantine/core'
import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { Link } from 'react-router'
import type { Schemas } from '../api/client'
import { ScreenTitle } from '../ui/ScreenTitle'
import { atClock, atMoment } from '../ui/when'
import classes from './AnswerSheet.module.css'
import { Attempted } from './Attempted'
import { Tasks } from './Tasks'
import { FIRST_DRAWN, GivenCircuit } from './GivenCircuit'
import { textsOf } from './keptAnswers'
import { LeftBehind } from './LeftBehind'

/** A sheet that was sent: what was written can be read and not changed. */
export function SentSheet({ sheet, person }: { sheet: Schemas['SheetView']; person: string }) {
  const { t } = useTranslation()
  const [drawn, setDrawn] = useState(FIRST_DRAWN)
  return (
    <div className={classes.sheet}>
      <header className={classes.head}>
        <ScreenTitle title={sheet.title} />
        <Text c="dimmed" fz="xs">
          {t('work.sentWord', { time: atClock(sheet.sentAt ?? '') })}
        </Text>
      </header>
      <Attempted sheet={sheet} />
      <div className={classes.columns}>
        <GivenCircuit sheet={sheet} progress={1} drawn={drawn} onDrawn={setDrawn} texts={textsOf(sheet)} />
        <div>
          <Stack className={classes.sent} gap="sm">
            <Text>{t('work.sent', { time: atMoment(sheet.sentAt ?? '') })}</Text>
            <LeftBehind sheet={sheet} person={person} />
            <Anchor component={Link} to="/work">
              {t('work.title')}
            </Anchor>
          </Stack>
          <Tasks questions={sheet.questions} texts={textsOf(sheet)} readings={{}} />
        </div>
      </div>
    </div>
  )
}
