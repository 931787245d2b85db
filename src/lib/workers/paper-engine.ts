import { expose } from 'comlink'
import { compose, pageSvg, type Asked, type PaperKind, type Pictures } from '$lib/core/paper'
import { HeldJob, type News } from './protocol'

/** One sheet, as it is shown and printed. */
export interface Shown {
  readonly title: string
  readonly widthMm: number
  readonly heightMm: number
  readonly svg: string
}

const held = new HeldJob()

/** What the worker of the sheets does: it hands them out one by one, as they are drawn. */
const paperEngine = {
  sheets: async (
    news: News,
    kind: PaperKind,
    asked: Omit<Asked, 'job'>,
    pictures: Pictures,
    onsheet: (sheet: Shown, index: number, of: number) => Promise<void>,
  ): Promise<readonly string[]> => {
    const { pages, leftOut } = compose(kind, { ...asked, job: held.take(news) })
    for (const [index, page] of pages.entries()) {
      const { title, widthMm, heightMm } = page
      await onsheet({ title, widthMm, heightMm, svg: pageSvg(page, `s${index + 1}`, pictures) }, index, pages.length)
    }
    return leftOut
  },
}
expose(paperEngine)
export type PaperEngine = typeof paperEngine
