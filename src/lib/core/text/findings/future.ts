import { formatNumber } from '../../units'
import { type SentencesFor } from './kit'

/** What rules about later on say. */
export const FUTURE_SENTENCES: SentencesFor<'resale-short' | 'reserve-missing'> = {
  'resale-short': ({ measured, needed }, _names, say) => ({
    title: 'No bed that counts',
    designer: `The longest bed is ${say(measured)}; ${say(needed)} are asked of a motor caravan, and the brief thinks of selling.`,
    client: 'It might not be registered as a motor caravan for its next owner.',
    why: [`Longest mattress at night: ${say(measured)}; ${say(needed)} needed. Other countries ask other things.`],
  }),
  'reserve-missing': ({ measured, needed, facts }) => {
    const what = { berth: 'berth', belt: 'belted seat', battery: 'place for a second battery' }[facts.what]
    return {
      title: 'No room for what is to come',
      designer: `The brief foresees one more ${what}: ${formatNumber(needed)} wanted, ${formatNumber(measured)} there.`,
      client: `There is no ${what} for later.`,
      why: [`Wanted with the one to come: ${formatNumber(needed)}; there: ${formatNumber(measured)}.`],
    }
  },
}
