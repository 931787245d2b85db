import { format } from 'date-fns'

const quoted = (text: string): string => `"${text.replaceAll(/["\\\n\r\f<]/gu, ' ')}"`

/** Gives a page that has no sheets of its own the edge of one when it is printed: what it is, when, and which of how many. */
export function printEdge(what: () => string): void {
  $effect(() => {
    const style = document.createElement('style')
    style.textContent = `@page {
      margin: 18mm 14mm;
      @top-left { content: ${quoted(what())}; font: 600 9pt 'Instrument Sans Variable', sans-serif; }
      @top-right { content: ${quoted(format(Date.now(), 'd MMM yyyy'))}; font: 9pt 'Instrument Sans Variable', sans-serif; }
      @bottom-left { content: "Figures are for planning, never a certificate."; font: 8pt 'Instrument Sans Variable', sans-serif; }
      @bottom-right { content: "Sheet " counter(page) " of " counter(pages); font: 8pt 'Instrument Sans Variable', sans-serif; }
    }`
    document.head.append(style)
    return () => style.remove()
  })
}
