import { useEffect } from 'react'

/** Never a field: keys that were meant for the screen would be typed into it. */
const TABBABLE = 'a[href], button:not(:disabled), summary, [tabindex="0"]'

/** What lies over the screen for a while. */
const OVER = '[role="dialog"], [role="menu"], [role="alert"]'

/**
 * Keeps the keyboard's place where what had it goes away: from a dialog the focus goes back to where it came from, else to
 * what stands nearest, and to the screen itself where there is nothing. A browser alone would begin again at the top of
 * the page.
 */
export function useFocusKept(screen: () => HTMLElement | null) {
  useEffect(() => {
    // What has the focus, or had it last, with all that it is in; and the same of what had it before a dialog or menu.
    let path: HTMLElement[] = []
    let under: HTMLElement[] = []
    const come = (event: FocusEvent) => {
      path = around(event.target as Element)
      if (!path.some((one) => one.matches(OVER))) under = path
    }
    const go = (event: FocusEvent) => {
      const left = event.target as Element
      // A browser tells that the focus goes before what had it is gone: a moment later it is known why.
      setTimeout(() => {
        const onPurpose = isThere(left) && !left.matches(':disabled')
        if (!onPurpose) mend()
        else if (path[0] === left && document.activeElement === document.body) path = []
      })
    }
    const mend = () => {
      const [last] = path
      if (!last || document.activeElement !== document.body) return
      if (isThere(last)) {
        if (!last.matches(':disabled')) last.focus()
        return
      }
      const here = path.some((one) => one.matches(OVER)) ? under : path
      const near = here.find((one) => isThere(one) && one !== document.body && screen()?.contains(one))
      const next =
        near === screen() ? null : near === here[0] ? near : near?.querySelector<HTMLElement>(TABBABLE)
      const beginning = screen()?.querySelector<HTMLElement>('h1[tabindex]') ?? screen()
      ;(next ?? beginning)?.focus({ preventScroll: true })
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

/** An element and all that it is in. */
function around(element: Element) {
  const path: HTMLElement[] = []
  for (let one: Element | null = element; one; one = one.parentElement)
    if (one instanceof HTMLElement) path.push(one)
  return path
}

/** Whether it still stands on the page and is not hidden. */
const isThere = (element: Element) => element.isConnected && (element.checkVisibility?.() ?? true)
