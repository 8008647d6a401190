import { ActionIcon, Button, Menu, SegmentedControl } from '@mantine/core'
import { IconArrowBackUp, IconArrowForwardUp } from '@tabler/icons-react'
import { useQuery } from '@tanstack/react-query'
import type { ReactNode } from 'react'
import { useTranslation } from 'react-i18next'
import { stylesQuery } from '../api/queries'
import classes from './BoardTools.module.css'
import { ARRANGEMENTS, MARKS, type BenchView } from './useBenchView'

interface BoardToolsProps {
  /** What is done with the circuit as a whole. */
  circuit: ReactNode
  view: BenchView
  canUndo: boolean
  canRedo: boolean
  onUndo: () => void
  onRedo: () => void
  onKeys: () => void
}

/** Over the drawing: undo and redo, the house style, how it is drawn, and the list of keys. */
export function BoardTools({ circuit, view, canUndo, canRedo, onUndo, onRedo, onKeys }: BoardToolsProps) {
  const { t } = useTranslation()
  const styles = useQuery(stylesQuery)
  return (
    <div className={classes.tools}>
      {circuit}
      <ActionIcon
        variant="subtle"
        size={36}
        aria-label={t('compose.undo')}
        disabled={!canUndo}
        onClick={onUndo}
      >
        <IconArrowBackUp size={18} aria-hidden />
      </ActionIcon>
      <ActionIcon
        variant="subtle"
        size={36}
        aria-label={t('compose.redo')}
        disabled={!canRedo}
        onClick={onRedo}
      >
        <IconArrowForwardUp size={18} aria-hidden />
      </ActionIcon>
      {styles.data && (
        <SegmentedControl
          className={classes.styles}
          size="xs"
          aria-label={t('style.label')}
          value={view.style ?? styles.data[0]?.name}
          onChange={(style) => view.set({ style })}
          data={styles.data.map((style) => ({
            value: style.name,
            label: <span title={style.traits.join(', ')}>{style.name}</span>,
          }))}
        />
      )}
      <Menu position="bottom-end" closeOnItemClick={false} transitionProps={{ duration: 100 }}>
        <Menu.Target>
          <Button variant="subtle" size="compact-sm" className={classes.tool}>
            {t('draw.label', { arrangement: t(`draw.${view.plan.arrangement ?? 'loop'}`) })}
          </Button>
        </Menu.Target>
        <Menu.Dropdown>
          {ARRANGEMENTS.map((one) => (
            <Menu.Item
              key={one}
              aria-current={view.plan.arrangement === one}
              rightSection={view.plan.arrangement === one ? '✓' : ''}
              onClick={() => view.set({ drawn: one })}
            >
              {t(`draw.${one}`)}
            </Menu.Item>
          ))}
          {view.plan.arrangement === 'disguised' && (
            <>
              <Menu.Divider />
              {[1, 2, 3].map((degree) => (
                <Menu.Item
                  key={degree}
                  rightSection={view.plan.degree === degree ? '✓' : ''}
                  onClick={() => view.set({ degree: String(degree) })}
                >
                  {t(`draw.degree.${degree}`)}
                </Menu.Item>
              ))}
              <Menu.Item onClick={() => view.set({ seed: String((view.plan.seed ?? 0) + 1) })}>
                {t('draw.another')}
              </Menu.Item>
            </>
          )}
          <Menu.Divider />
          {MARKS.map((mark) => (
            <Menu.Item
              key={mark}
              role="menuitemcheckbox"
              aria-checked={view.has(mark)}
              rightSection={view.has(mark) ? '✓' : ''}
              onClick={() => view.toggle(mark)}
            >
              {t(`draw.${mark}`)}
            </Menu.Item>
          ))}
        </Menu.Dropdown>
      </Menu>
      <Button variant="subtle" size="compact-sm" className={classes.tool} onClick={onKeys}>
        {t('keys.label')}
      </Button>
    </div>
  )
}
