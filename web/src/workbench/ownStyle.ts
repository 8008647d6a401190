const KEY = 'workbench-style'

/** The style that was chosen last on this device: the workbench's own, in which a fresh one opens. */
export const ownStyle = {
  get: () => localStorage.getItem(KEY) ?? undefined,
  set: (style: string) => localStorage.setItem(KEY, style),
}
