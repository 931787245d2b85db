import { formatNumber } from '../../units'
import { TASK_WORDS } from '../fitting-words'
import { capital, count, list } from '../words'
import type { FactsByCode } from '../../review'
import type { Names } from '../names'
import { accessName, blockerName, the, type SentencesFor } from './kit'

/** What is moved first: a thing, or what runs out of it. */
const movedName = ({ id, part }: FactsByCode['access-first']['toMove'][number], names: Names): string =>
  part === undefined ? the(names.fitting(id)) : `the ${part} of ${the(names.fitting(id))}`

/** What rules about service say. */
export const SERVICE_SENTENCES: SentencesFor<
  'access-first' | 'access-blocked' | 'gas-none' | 'timer-none' | 'burner-high'
> = {
  'burner-high': ({ fittings, facts, needed }, names) => ({
    title: 'A burner high up',
    designer: `Where one stays at ${formatNumber(facts.altitudeM)} m ${the(names.fitting(fittings[0]!))} wants its altitude kit; up to ${formatNumber(needed)} m it burns as it comes.`,
    client: 'In the mountains the heater would soot without its kit.',
    why: [
      'Thin air burns rich: the maker’s sheet says from which height the kit is needed, and a licensed fitter sets it.',
    ],
  }),
  'gas-none': ({ fittings }, names) => ({
    title: 'No gas for the flame',
    designer: `${capital(the(names.fitting(fittings[0]!)))} burns gas; the plan has neither a bottle nor a tank.`,
    client: 'There would be nothing to light.',
    why: ['Bottles and tanks of gas in the plan: none. A licensed fitter connects and tests gas.'],
  }),
  'timer-none': ({ fittings, facts }, names) => ({
    title: 'A large load without a timer',
    designer: `${capital(the(names.fitting(fittings[0]!)))} draws ${formatNumber(facts.watts)} W and has no timer.`,
    client: 'Forgotten, it would empty the battery.',
    why: [
      `${formatNumber(facts.watts)} W for an hour is ${formatNumber(facts.watts)} Wh; on a timer of ten minutes it is ${formatNumber(Math.round(facts.watts / 6))} Wh.`,
    ],
  }),
  'access-first': ({ measured, facts }, names) => {
    const what = TASK_WORDS[facts.task]
    const movedNames = list(facts.toMove.map((one) => movedName(one, names)))
    const isPart = facts.toMove.some((one) => one.part !== undefined)
    return {
      title: 'Something must be moved first',
      designer: `${capital(accessName(facts.of, names))}: ${what}, ${count(measured, { one: 'thing is', many: 'things are' })} moved first: ${movedNames}.`,
      client: `Once in a while you move ${movedNames} ${what}.`,
      why: [
        `Room to get at it once in a while, held against all that stands there: ${movedNames} can be ${isPart ? 'taken out or off, put in another stance' : 'put in another stance'} or carried off.`,
      ],
    }
  },
  'access-blocked': ({ measured, needed, unit, facts }, names, say) => {
    const figure = (value: number) => (unit === 'deg' ? `${formatNumber(value)}°` : say(value))
    const what = TASK_WORDS[facts.task]
    const by = list([
      ...facts.blockers.map((blocker) => blockerName(blocker, names)),
      ...facts.toMove.map((one) => movedName(one, names)),
    ])
    return {
      title: 'Cannot be got at',
      designer: `${capital(accessName(facts.of, names))}: ${figure(needed)} are needed ${what}, there ${measured === 1 ? 'is' : 'are'} ${figure(measured)}, stopped by ${by}${facts.blockers.length > 0 ? ', which cannot be moved' : ''}.`,
      client: `You could not get at ${accessName(facts.of, names)} ${what}.`,
      why: [
        `${figure(needed)} needed once in a while; ${figure(measured)} free before ${by}.`,
        facts.toMove.length > 0
          ? `Could be moved: ${list(facts.toMove.map(({ id }) => the(names.fitting(id))))}.`
          : 'Nothing of it can be moved: it is fixed.',
      ],
    }
  },
}
