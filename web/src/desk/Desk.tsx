import { Button, Title } from '@mantine/core'
import { useTranslation } from 'react-i18next'
import { Link } from 'react-router'
import { Screen } from '../ui/Screen'
import { freshBench } from '../workbench/benchAddress'
import classes from './Desk.module.css'
import { Drafts } from './Drafts'
import { Questions } from './Questions'
import { Waiting } from './Waiting'

/** What needs the teacher, and her questions. */
export default function Desk() {
  const { t } = useTranslation()
  return (
    <Screen
      title={t('desk.title')}
      actions={
        <Button component={Link} to={freshBench}>
          {t('desk.new')}
        </Button>
      }
    >
      <div className={classes.columns}>
        <section>
          <Title order={2} mb="xs">
            {t('desk.needsMe')}
          </Title>
          <Waiting />
        </section>
        <section>
          <Title order={2} mb="xs">
            {t('desk.questions')}
          </Title>
          <Questions />
          <Drafts />
        </section>
      </div>
    </Screen>
  )
}
