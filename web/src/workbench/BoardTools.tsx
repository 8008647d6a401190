import { ActionIcon, Button, Menu } from '@mantine/core'
import { IconArrowBackUp, IconArrowForwardUp } from '@tabler/icons-react'
import type { ReactNode } from 'react'
import { useTranslation } from 'react-i18next'
import classes from './BoardTools.module.css'
import { ownStyle } from './ownStyle'
import { StyleMenu } from './StyleMenu'
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
      <StyleMenu
        className={`${classes.tool} ${classes.styles}`}
        style={view.style}
        onStyle={(style) => {
          ownStyle.set(style)
          view.set({ style })
        }}
      />
      <Menu position="bottom-end" closeOnItemClick={false} transitionProps={{ duration: 100 }}>
        <Menu.Target>
          <Button variant="subtle" size="compact-sm" className={classes.tool}>
            {t('draw.label', { arrangement: t(`draw.${view.plan.arrangement ?? 'loop'}`) })}
          </Button>
        </Menu.Target>
        <Menu.Dropdown>
          {ARRANGEMENTS.map((one) => (
            <Menu.RadioItem
              key={one}
              value={one}
              checked={view.plan.arrangement === one}
              onChange={(drawn) => view.set({ drawn })}
            >
              {t(`draw.${one}`)}
            </Menu.RadioItem>
          ))}
          {view.plan.arrangement === 'disguised' && (
            <>
              <Menu.Divider />
              {[1, 2, 3].map((degree) => (
                <Menu.RadioItem
                  key={degree}
                  value={String(degree)}
                  checked={view.plan.degree === degree}
                  onChange={(chosen) => view.set({ degree: chosen })}
                >
                  {t(`draw.degree.${degree}`)}
                </Menu.RadioItem>
              ))}
              <Menu.Item onClick={() => view.set({ seed: String((view.plan.seed ?? 0) + 1) })}>
                {t('draw.another')}
              </Menu.Item>
            </>
          )}
          <Menu.Divider />
          {MARKS.map((mark) => (
            <Menu.CheckboxItem key={mark} checked={view.has(mark)} onChange={() => view.toggle(mark)}>
              {t(`draw.${mark}`)}
            </Menu.CheckboxItem>
          ))}
        </Menu.Dropdown>
      </Menu>
      <Button variant="subtle" size="compact-sm" className={classes.tool} onClick={onKeys}>
        {t('keys.label')}
      </Button>
    </div>
  )
}
