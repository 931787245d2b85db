import { formatNumber } from '../../units'
import { orNone } from '../grammar'
import { type SentencesFor } from './kit'

/** What rules about later on say. */
export const FUTURE_SENTENCES: SentencesFor<'resale-short' | 'reserve-missing'> = {
  'resale-short': ({ measured, needed }, _names, say) => ({
    title: 'Bed too short to register',
    designer: `${measured === 0 ? 'There is no bed' : `The longest bed is ${say(measured)}`}; a motor caravan needs ${say.need(needed)} to be registered, and the client may sell.`,
    client: 'The next owner might not be able to register it as a motor caravan.',
    why: [
      `Longest mattress at night: ${say(measured)}; ${say.need(needed)} needed. Other countries ask for other things.`,
    ],
  }),
  'reserve-missing': ({ measured, needed, facts }) => {
    const what = { berth: 'berth', belt: 'belted seat', battery: 'place for a second battery' }[facts.what]
    return {
      title: 'No room for later',
      designer: `The brief keeps room for one more ${what}. With it: ${formatNumber(needed)}; in the plan: ${orNone(measured)}.`,
      client: `There would be no ${what} when you need it later.`,
      why: [`Needed with the one to come: ${formatNumber(needed)}; in the plan: ${orNone(measured)}.`],
    }
  },
}
