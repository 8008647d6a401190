import { Kbd, Modal, Table } from '@mantine/core'
import { useTranslation } from 'react-i18next'

const KEYS = [
  ['s', 'after'],
  ['S', 'before'],
  ['p', 'beside'],
  ['P', 'besideGroup'],
  ['1 – 8', 'kind'],
  ['e', 'value'],
  ['v', 'voltmeter'],
  ['o O', 'point'],
  ['t', 'toggle'],
  ['Del', 'remove'],
  ['← →', 'neighbour'],
  ['Esc', 'letGo'],
  ['Ctrl Z', 'undo'],
  ['Ctrl Y', 'redo'],
  ['] [', 'fold'],
  ['g a w', 'use'],
  ['n', 'nice'],
  ['?', 'keys'],
] as const

/** All keys of the workbench. */
export function KeyList({ opened, onClose }: { opened: boolean; onClose: () => void }) {
  const { t } = useTranslation()
  return (
    <Modal
      opened={opened}
      onClose={onClose}
      title={t('keys.title')}
      closeButtonProps={{ 'aria-label': t('ui.close') }}
    >
      <Table verticalSpacing={5}>
        <Table.Tbody>
          {KEYS.map(([keys, what]) => (
            <Table.Tr key={what}>
              <Table.Th scope="row" w={90}>
                {keys.split(' ').map((key) => (key === '–' ? ' – ' : <Kbd key={key}>{key}</Kbd>))}
              </Table.Th>
              <Table.Td>{t(`keys.${what}`)}</Table.Td>
            </Table.Tr>
          ))}
        </Table.Tbody>
      </Table>
    </Modal>
  )
}
