import { createElement } from 'react'

/** A formula; its markup is MathML that our own server made from numbers and labels. */
export function Formula({ markup, label }: { markup: string; label?: string }) {
  return createElement('math', { 'aria-label': label, dangerouslySetInnerHTML: { __html: markup } })
}
