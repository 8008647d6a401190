import { Button, Menu } from '@mantine/core'
import { useDisclosure } from '@mantine/hooks'
import { useMutation } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { Link } from 'react-router'
import type { CircuitRequest } from '../api/queries'
import { notifyFailure } from '../ui/notify'
import classes from './BoardTools.module.css'
import { download, fetchFile, FILE_KINDS, type FileKind } from './files'
import { OpenDialog } from './OpenDialog'
import { ShelfDrawer } from './ShelfDrawer'

interface CircuitMenuProps {
  /** The circuit as it stands, and how it is worked and drawn. */
  request: CircuitRequest
  /** Where its worked solution stands. */
  address: string
  /** Whether it can be read. */
  ready: boolean
  /** Takes another circuit in its place; empty for an empty sheet. */
  onTake: (notation: string) => void
}

/** What is done with a circuit as a whole: a new one, the shelf, files in and out, paper. */
export function CircuitMenu({ request, address, ready, onTake }: CircuitMenuProps) {
  const { t } = useTranslation()
  const [shelfOpen, shelf] = useDisclosure(false)
  const [openingOpen, opening] = useDisclosure(false)
  const save = useMutation({
    mutationFn: (kind: FileKind) => fetchFile(kind, request),
    onSuccess: download,
    onError: notifyFailure,
  })
  return (
    <>
      <Menu position="bottom-start" transitionProps={{ duration: 100 }}>
        <Menu.Target>
          <Button variant="subtle" size="compact-sm" className={classes.tool}>
            {t('circuit.menu')}
          </Button>
        </Menu.Target>
        <Menu.Dropdown>
          <Menu.Item onClick={() => onTake('')}>{t('circuit.new')}</Menu.Item>
          <Menu.Item onClick={opening.open}>{t('circuit.open')}</Menu.Item>
          <Menu.Divider />
          <Menu.Label>{t('circuit.save')}</Menu.Label>
          {FILE_KINDS.map((kind) => (
            <Menu.Item key={kind} disabled={!ready} onClick={() => save.mutate(kind)}>
              {t(`circuit.file.${kind}`)}
            </Menu.Item>
          ))}
          <Menu.Divider />
          <Menu.Item component={Link} to={address} disabled={!ready}>
            {t('circuit.solution')}
          </Menu.Item>
        </Menu.Dropdown>
      </Menu>
      <Button variant="subtle" size="compact-sm" className={classes.tool} onClick={shelf.open}>
        {t('shelf.title')}
      </Button>
      <ShelfDrawer
        opened={shelfOpen}
        onClose={shelf.close}
        notation={ready ? request.notation : undefined}
        onTake={onTake}
      />
      <OpenDialog
        opened={openingOpen}
        onClose={opening.close}
        style={request.style ?? undefined}
        onTake={onTake}
      />
    </>
  )
}
