import { Anchor } from '@mantine/core'
import { useMutation } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { notify, notifyFailure } from './notify'

interface Removal<T> {
  remove: (thing: T) => Promise<unknown>
  bringBack: (thing: T) => Promise<unknown>
  /** What is said of it once it is removed. */
  said: (thing: T) => string
  /** Called after either. */
  onDone: () => void
}

/** Removes at once and offers to take it back: the one way of undoing where nothing is lost by it. */
export function useRemoval<T>({ remove, bringBack, said, onDone }: Removal<T>) {
  const { t } = useTranslation()
  const back = useMutation({ mutationFn: bringBack, onSuccess: onDone, onError: notifyFailure })
  return useMutation({
    mutationFn: remove,
    onSuccess: (_, thing) => {
      onDone()
      notify(
        <>
          {said(thing)}{' '}
          <Anchor component="button" onClick={() => back.mutate(thing)}>
            {t('ui.undo')}
          </Anchor>
        </>,
        true,
      )
    },
    onError: notifyFailure,
  })
}
