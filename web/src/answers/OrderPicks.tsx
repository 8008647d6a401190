import { Button, Group, Text } from '@mantine/core'
import { useTranslation } from 'react-i18next'
import classes from './Tasks.module.css'

interface OrderPicksProps {
  things: string[]
  text: string
  onWrite: (text: string) => void
}

/** Writes an order by picks: each that is left comes next, smaller than the last or equal to it. */
export function OrderPicks({ things, text, onWrite }: OrderPicksProps) {
  const { t } = useTranslation()
  const placed = text.split(/[<>=,]/).map((one) => one.trim())
  const left = things.filter((one) => !placed.includes(one))
  const begun = text.trim() !== ''
  const such = things.slice(0, 2).join(' > ')
  return (
    <div className={classes.picks}>
      <Text c="dimmed" fz="xs">
        {t('order.hint', { such })}
      </Text>
      <Group gap={6}>
        {left.map((name) => (
          <Button.Group key={name}>
            <Button
              variant="default"
              size="md"
              px="sm"
              aria-label={t(begun ? 'order.smaller' : 'order.first', { name })}
              onClick={() => onWrite(begun ? `${text.trim()} > ${name}` : name)}
            >
              {begun && '> '}
              {name}
            </Button>
            {begun && (
              <Button
                variant="default"
                size="md"
                px="sm"
                aria-label={t('order.tied', { name })}
                onClick={() => onWrite(`${text.trim()} = ${name}`)}
              >
                =
              </Button>
            )}
          </Button.Group>
        ))}
        {begun && (
          <Button
            variant="subtle"
            size="md"
            px="sm"
            onClick={() => onWrite(text.trim().replace(/\s*[<>=,]?\s*[^<>=,]*$/, ''))}
          >
            {t('order.back')}
          </Button>
        )}
      </Group>
    </div>
  )
}
