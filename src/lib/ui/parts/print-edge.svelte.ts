import { format } from 'date-fns'
import { ask } from './ask'

const quoted = (text: string): string => `"${text.replaceAll(/["\\\n\r\f<]/gu, ' ')}"`
/** Lines one under the other in a cell. */
const lines = (...parts: readonly string[]): string =>
  parts
    .filter((part) => part !== '')
    .map(quoted)
    .join(' "\\A" ')

const FACE = "'Instrument Sans Variable', sans-serif"
const cell = (content: string, wide: number, more = ''): string => `{
  content: ${content}; width: ${wide}%; white-space: pre-wrap; text-align: left; vertical-align: top;
  font: 8pt ${FACE}; padding: 2mm 3mm; border: 0.3mm solid; border-left-width: 0; ${more}
}`

/**
 * Gives a page that has no sheets of its own the title block of one when it is printed: shop, what it is and what it is for, when, and which sheet of
 * how many.
 */
export function printEdge(what: () => string): void {
  let shop = $state<{ readonly name: string; readonly address: string }>({ name: '', address: '' })
  $effect(() => {
    void ask<{ readonly name: string; readonly address: string }>('/api/shop/paper').then((answer) => {
      if (answer.ok) shop = answer.value
    })
  })
  $effect(() => {
    const style = document.createElement('style')
    style.textContent = `@page {
      margin: 12mm 12mm 30mm;
      @bottom-left ${cell(lines(shop.name === '' ? 'Zimmerman' : shop.name, shop.address), 32, 'border-left-width: 0.3mm;')}
      @bottom-center ${cell(lines(what(), 'Figures are for planning, never a certificate.'), 42)}
      @bottom-right ${cell(`${lines(format(Date.now(), 'd MMM yyyy'))} "\\A" "Sheet " counter(page) " of " counter(pages)`, 26)}
    }`
    document.head.append(style)
    return () => style.remove()
  })
}
