import { ActionIcon } from '@mantine/core'
import { IconTrash } from '@tabler/icons-react'

/** Removes what stands in its row. */
export function RemoveButton({ label, onRemove }: { label: string; onRemove: () => void }) {
  return (
    <ActionIcon variant="subtle" color="gray" size={44} aria-label={label} onClick={onRemove}>
      <IconTrash size={18} stroke={1.5} aria-hidden />
    </ActionIcon>
  )
}
