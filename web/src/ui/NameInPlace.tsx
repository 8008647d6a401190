import { ActionIcon, TextInput } from '@mantine/core'
import { IconPencil } from '@tabler/icons-react'
import { useMutation } from '@tanstack/react-query'
import { useRef, useState, type KeyboardEvent, type ReactNode } from 'react'
import { useTranslation } from 'react-i18next'
import { announce } from './announce'

interface NameInPlaceProps {
  name: string
  maxLength: number
  /** Gives the new name; what it throws is said at the field. */
  onRename: (name: string) => Promise<unknown>
  /** What stands in the row while it is not being renamed. */
  children: ReactNode
}

/** A row whose name can be changed where it stands: Enter keeps it, Escape lets it be. */
export function NameInPlace({ name, maxLength, onRename, children }: NameInPlaceProps) {
  const { t } = useTranslation()
  const [typed, setTyped] = useState<string>()
  const pencil = useRef<HTMLButtonElement>(null)
  const end = () => {
    setTyped(undefined)
    setTimeout(() => pencil.current?.focus(), 0)
  }
  const rename = useMutation({
    mutationFn: onRename,
    onSuccess: (_, to) => {
      announce(t('ui.renamed', { name: to }))
      end()
    },
  })
  const onKeyDown = (event: KeyboardEvent) => {
    if (event.key === 'Escape') {
      event.stopPropagation()
      rename.reset()
      end()
    }
    if (event.key !== 'Enter') return
    event.preventDefault()
    if (typed?.trim() === name) end()
    else rename.mutate(typed ?? '')
  }
  if (typed !== undefined) {
    return (
      <TextInput
        flex={1}
        aria-label={t('ui.renameOf', { name })}
        description={t('ui.renameHint')}
        value={typed}
        maxLength={maxLength}
        error={rename.error?.message}
        onChange={(event) => setTyped(event.currentTarget.value)}
        onKeyDown={onKeyDown}
        autoFocus
        onFocus={(event) => event.currentTarget.select()}
      />
    )
  }
  return (
    <>
      {children}
      <ActionIcon
        ref={pencil}
        variant="subtle"
        color="gray"
        size={44}
        aria-label={t('ui.rename', { name })}
        onClick={() => setTyped(name)}
      >
        <IconPencil size={18} stroke={1.5} aria-hidden />
      </ActionIcon>
    </>
  )
}
