import { Title } from '@mantine/core'
import { useEffect, useRef } from 'react'
import classes from './Screen.module.css'

interface ScreenTitleProps {
  title: string
  /** For those alone who listen, where the screen shows well enough what it is. */
  hidden?: boolean
}

/** What a screen is called: its first heading and the name of its tab. Whoever came to the screen before it was there is brought here. */
export function ScreenTitle({ title, hidden }: ScreenTitleProps) {
  const heading = useRef<HTMLHeadingElement>(null)
  useEffect(() => {
    const waiting = heading.current?.closest('main')
    if (waiting && document.activeElement === waiting) heading.current?.focus({ preventScroll: true })
  }, [])
  return (
    <>
      <title>{`${title} · Didaxis`}</title>
      <Title
        order={1}
        tabIndex={-1}
        ref={heading}
        className={hidden ? `${classes.title} ${classes.heard}` : classes.title}
      >
        {title}
      </Title>
    </>
  )
}
