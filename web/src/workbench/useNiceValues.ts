import { useMutation } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { body, client, type Schemas } from '../api/client'
import { announce } from '../ui/announce'
import { notify } from '../ui/notify'

/** Gives a circuit the nearest values with which what is asked comes out in two figures; what is found is taken. */
export function useNiceValues(request: Schemas['QuestionToCheck'], onFound: (notation: string) => void) {
  const { t } = useTranslation()
  const { mutate, isPending } = useMutation({
    mutationFn: () => body(client.POST('/api/questions/nice-values', { body: request })),
    onSuccess: ({ notation, changed }) => {
      announce(
        changed.length === 0
          ? t('values.niceAlready')
          : t('values.niceSaid', {
              changed: changed.map(({ thing, shown }) => `${thing} ${shown}`).join(', '),
            }),
      )
      if (changed.length === 0) notify(t('values.niceAlready'))
      onFound(notation)
    },
    onError: (error) => notify(error.message),
  })
  return () => {
    if (!isPending) mutate()
  }
}
