import { Button, FileButton, Menu } from '@mantine/core'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { body, client, type Schemas } from '../api/client'
import { notify, notifyFailure } from '../ui/notify'
import { PackedStyles } from './PackedStyles'

/** Takes packages in, and gives everything out as one. */
export function PackageMenu() {
  const { t } = useTranslation()
  const queries = useQueryClient()
  const [styles, setStyles] = useState<Schemas['PackedStyle'][]>([])
  const takeIn = useMutation({
    mutationFn: async (file: File) => {
      const text = await file.text()
      let read: unknown
      try {
        read = JSON.parse(text)
      } catch {
        throw new Error(t('package.noJson', { name: file.name }))
      }
      const packed = read as Schemas['PackageBody']
      return { ...(await body(client.POST('/api/packages', { body: packed }))), packed }
    },
    onSuccess: async ({ questions, papers, packed }) => {
      notify(
        t('package.takenIn', {
          questions: t('package.questions', { count: questions }),
          papers: t('package.papers', { count: papers }),
        }),
      )
      setStyles(packed.styles ?? [])
      await Promise.all(['questions', 'papers'].map((key) => queries.invalidateQueries({ queryKey: [key] })))
    },
    onError: notifyFailure,
  })
  return (
    <>
      {styles.length > 0 && <PackedStyles styles={styles} onClose={() => setStyles([])} />}
      <FileButton accept="application/json,.json" onChange={(file) => file && takeIn.mutate(file)}>
        {({ onClick }) => (
          <Menu position="bottom-end" transitionProps={{ duration: 100 }}>
            <Menu.Target>
              <Button variant="default" loading={takeIn.isPending}>
                {t('package.menu')}
              </Button>
            </Menu.Target>
            <Menu.Dropdown>
              <Menu.Item onClick={onClick}>{t('package.takeIn')}</Menu.Item>
              <Menu.Item component="a" href="/api/packages" download>
                {t('package.all')}
              </Menu.Item>
            </Menu.Dropdown>
          </Menu>
        )}
      </FileButton>
    </>
  )
}
