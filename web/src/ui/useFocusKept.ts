import { useEffect } from 'react'

/** Never a field: keys that were meant for the screen would be typed into it. */
const TABBABLE = 'a[href], button:not(:disabled), summary, [tabindex="0"]'

/**
 * Keeps the keyboard's place where what had it goes away: the focus moves to what stands nearest to it, and to the screen
 * itself where there is nothing. A browser alone would begin again at the top of the page.
 */
export function useFocusKept(screen: () => HTMLElement | null) {
  useEffect(() => {
    let path: Element[] = []
    const come = (event: FocusEvent) => {
      path = []
      for (let one = event.target as Element | null; one; one = one.parentElement) path.push(one)
    }
    const go = (event: FocusEvent) => {
      const left = event.target as Element
      const onPurpose = !event.relatedTarget && left.isConnected && !left.matches(':disabled')
      if (onPurpose) path = []
    }
    const mend = () => {
      const last = path[0]
      if (!(last instanceof HTMLElement) || document.activeElement !== document.body) return
      if (last.isConnected) {
        if (!last.matches(':disabled')) last.focus()
        return
      }
      const near = path.find((one) => one.isConnected && one !== document.body && screen()?.contains(one))
      const next = near === screen() ? null : near?.querySelector<HTMLElement>(TABBABLE)
      ;(next ?? screen())?.focus({ preventScroll: true })
    }
    const observer = new MutationObserver(mend)
    document.addEventListener('focusin', come)
    document.addEventListener('focusout', go)
    observer.observe(document.body, {
      childList: true,
      subtree: true,
      attributes: true,
      attributeFilter: ['disabled'],
    })
    return () => {
      document.removeEventListener('focusin', come)
      document.removeEventListener('focusout', go)
      observer.disconnect()
    }
  }, [screen])
}
