import { ActionIcon, Popover, Text } from '@mantine/core'
import { useDisclosure } from '@mantine/hooks'
import { IconHelp } from '@tabler/icons-react'
import { useTranslation } from 'react-i18next'
import classes from './NotationHelp.module.css'

const EXAMPLES = {
  series: '12 V : R1=8 + R2=4',
  parallel: '16 V : R1=5 + (R2=12 || R3=4)',
  internal: '9 V r=0.5 : R1=4k7 || R2=2.2k',
  kinds: '24 V : F1=5A + A1 + S1=open + (L1=6{6 V, 3 W} || L2=12)',
  meter: '9 V : V1[R1=3 + R2=6] + .B + R3=9',
} as const

/** The line's language by example; an example that is clicked stands on the line. */
export function NotationHelp({ onTake }: { onTake: (circuit: string) => void }) {
  const { t } = useTranslation()
  const [opened, help] = useDisclosure(false)
  return (
    <Popover
      opened={opened}
      onChange={help.toggle}
      position="bottom-end"
      trapFocus
      transitionProps={{ duration: 100 }}
    >
      <Popover.Target>
        <ActionIcon
          variant="subtle"
          color="gray"
          size={36}
          aria-label={t('notationHelp.label')}
          onClick={help.toggle}
        >
          <IconHelp size={20} stroke={1.5} aria-hidden />
        </ActionIcon>
      </Popover.Target>
      <Popover.Dropdown aria-label={t('notationHelp.label')}>
        <ul className={classes.list}>
          {Object.entries(EXAMPLES).map(([kind, circuit]) => (
            <li key={kind}>
              <button
                type="button"
                className={classes.example}
                onClick={() => {
                  onTake(circuit)
                  help.close()
                }}
              >
                <code>{circuit}</code>
                <Text span fz="xs" c="dimmed">
                  {t(`notationHelp.${kind as keyof typeof EXAMPLES}`)}
                </Text>
              </button>
            </li>
          ))}
        </ul>
      </Popover.Dropdown>
    </Popover>
  )
}
