import { Button, Menu, Text } from '@mantine/core'
import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { stylesQuery } from '../api/queries'

interface StyleMenuProps {
  /** The style in use; the first where none is named. */
  style?: string
  onStyle: (style: string) => void
  className?: string
}

/** The house styles, each with what it does, before one is chosen. */
export function StyleMenu({ style, onStyle, className }: StyleMenuProps) {
  const { t } = useTranslation()
  const styles = useQuery(stylesQuery)
  const now = style ?? styles.data?.[0]?.name
  if (!styles.data) return null
  return (
    <Menu position="bottom-end" transitionProps={{ duration: 100 }}>
      <Menu.Target>
        <Button variant="subtle" size="compact-sm" className={className}>
          {t('style.label', { name: now })}
        </Button>
      </Menu.Target>
      <Menu.Dropdown>
        {styles.data.map((one) => (
          <Menu.RadioItem
            key={one.name}
            value={one.name}
            checked={one.name === now}
            title={one.traits.join(', ')}
            closeMenuOnClick
            onChange={onStyle}
          >
            <Text span fw={600}>
              {one.name}
            </Text>
            <Text fz="xs" c="dimmed">
              {one.summary}
            </Text>
          </Menu.RadioItem>
        ))}
      </Menu.Dropdown>
    </Menu>
  )
}
