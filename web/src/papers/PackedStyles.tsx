import { Button, Group, Modal, NativeSelect, Text } from '@mantine/core'
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { client, type Schemas } from '../api/client'
import { classesQuery } from '../api/queries'
import { notify, notifyFailure } from '../ui/notify'

interface PackedStylesProps {
  styles: Schemas['PackedStyle'][]
  onClose: () => void
}

/** Which class is to have which of the styles that came in a package; none unless one is chosen. */
export function PackedStyles({ styles, onClose }: PackedStylesProps) {
  const { t } = useTranslation()
  const queries = useQueryClient()
  const classes = useQuery(classesQuery).data ?? []
  const [chosen, setChosen] = useState<Record<number, string>>({})
  const wanted = Object.entries(chosen).filter(([, id]) => id !== '')
  const give = useMutation({
    mutationFn: async () => {
      for (const [place, id] of wanted)
        await client.PUT('/api/classes/{id}/style', {
          params: { path: { id: Number(id) } },
          body: styles[Number(place)]!.style,
        })
    },
    onSuccess: async () => {
      notify(t('package.given', { count: wanted.length }))
      onClose()
      await queries.invalidateQueries({ queryKey: ['classes'] })
    },
    onError: notifyFailure,
  })
  return (
    <Modal
      opened
      onClose={onClose}
      title={t('package.styles')}
      closeButtonProps={{ 'aria-label': t('ui.close') }}
    >
      <Text c="dimmed" fz="sm">
        {t(classes.length === 0 ? 'package.noClass' : 'package.stylesHow')}
      </Text>
      {styles.map((one, place) => (
        <NativeSelect
          key={`${place} ${one.name}`}
          mt="sm"
          label={t('package.styleOf', { name: one.name })}
          data={[
            { value: '', label: t('package.nobody') },
            ...classes.map(({ id, name }) => ({ value: String(id), label: name })),
          ]}
          value={chosen[place] ?? ''}
          onChange={(event) => setChosen({ ...chosen, [place]: event.currentTarget.value })}
        />
      ))}
      <Group justify="flex-end" mt="lg">
        <Button variant="default" onClick={onClose}>
          {t('package.notNow')}
        </Button>
        <Button disabled={wanted.length === 0} loading={give.isPending} onClick={() => give.mutate()}>
          {t('package.give')}
        </Button>
      </Group>
    </Modal>
  )
}
