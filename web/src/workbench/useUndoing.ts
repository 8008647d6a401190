import { useHotkeys } from '@mantine/hooks'
import { useTranslation } from 'react-i18next'
import { announce } from '../ui/announce'
import { redone, undone, type History } from './history'
import type { Making } from './making'

/** Undoes and does again what was done, by keys too; says so where there is something. */
export function useUndoing(
  history: History<Making>,
  change: (next: (now: History<Making>) => History<Making>) => void,
) {
  const { t } = useTranslation()
  const onUndo = () => {
    if (history.past.length > 0) announce(t('compose.undone'))
    change(undone)
  }
  const onRedo = () => {
    if (history.future.length > 0) announce(t('compose.redone'))
    change(redone)
  }
  useHotkeys([
    ['mod+Z', onUndo],
    ['mod+Y', onRedo],
    ['mod+shift+Z', onRedo],
  ])
  return {
    canUndo: history.past.length > 0,
    canRedo: history.future.length > 0,
    onUndo,
    onRedo,
  }
}
