/** A ref of what is to have the focus when it comes. */
export const takeFocus = (element: HTMLElement | null) => element?.focus()
