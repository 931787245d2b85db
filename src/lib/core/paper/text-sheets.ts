import { flow, type Block } from './flow'
import type { Page } from './page'
import { textFrame, type Sheets } from './sheet'

/** Sets blocks on sheets of a title, in one or two columns as the paper is wide. */
export function textSheets(sheets: Sheets, title: string, under: string, blocks: readonly Block[]): readonly Page[] {
  flow(blocks, sheets.frames(title, under, textFrame(sheets.room.wide)))
  return sheets.pages()
}
