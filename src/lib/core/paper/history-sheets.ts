import { sayTold } from '../text'
import { paragraph, table, type Block } from './flow'
import type { Page } from './page'
import { sayDate, sheetsFor, type Subject } from './subject'
import { textSheets } from './text-sheets'

/** What was done to a job, the newest first. Times are those of the file, in UTC. */
export function historySheets(subject: Subject): readonly Page[] {
  const { history = [], unit } = subject
  const blocks: readonly Block[] = [
    history.length === 0
      ? paragraph('Nothing has been changed yet.', { tone: 'soft' })
      : table(
          [
            { head: 'when, UTC', share: 26 },
            { head: 'what', share: 84 },
            { head: 'who', share: 20 },
          ],
          history.map(({ at, told, words, who }) => [
            `${sayDate(at)} ${at.slice(11, 16)}`,
            told === undefined ? words : sayTold(told, unit),
            who,
          ]),
        ),
  ]
  return textSheets(sheetsFor(subject, false), 'History', 'the newest first', blocks)
}
