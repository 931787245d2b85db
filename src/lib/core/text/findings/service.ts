import { formatNumber, sayVolume } from '../../units'
import { TASK_WORDS } from '../fitting-words'
import { capital, list } from '../grammar'
import type { FactsByCode } from '../../review'
import type { Names } from '../names'
import { accessName, blockerName, figureIn, itOf, type SentencesFor } from './kit'

/** What is moved first: a thing, or what runs out of it. */
const movedName = ({ id, part }: FactsByCode['access-first']['toMove'][number], names: Names): string =>
  part === undefined ? names.the(id) : `the ${part} of ${names.the(id)}`

/** What rules about service say. */
export const SERVICE_SENTENCES: SentencesFor<
  | 'access-first'
  | 'access-blocked'
  | 'gas-none'
  | 'timer-none'
  | 'burner-high'
  | 'pump-far'
  | 'pump-high'
  | 'fill-low'
  | 'tank-uncleaned'
  | 'tanks-unlevel'
> = {
  'pump-far': (finding, names, say) => ({
    title: 'Pump far from its tank',
    designer: `${capital(itOf(finding, names))} stands ${say(finding.measured)} from ${names.the(finding.facts.tank)}, over ${say.need(finding.needed)}.`,
    client: 'The pump would run dry and noisily before water comes.',
    why: [
      `Between the pump and the nearest tank: ${say(finding.measured)}; at most ${say.need(finding.needed)}. It presses a long way, and draws a short one.`,
    ],
  }),
  'pump-high': (finding, names, say) => ({
    title: 'Pump high above its tank',
    designer: `${capital(itOf(finding, names))} draws water up by ${say(finding.measured)} out of ${names.the(finding.facts.tank)}, over ${say.need(finding.needed)}.`,
    client: 'The last of the water would not come up.',
    why: [
      `From the bottom of the tank to the pump: ${say(finding.measured)}; at most ${say.need(finding.needed)}. Below the tank it fills by itself.`,
    ],
  }),
  'fill-low': (finding, names, say) => ({
    title: 'Filled from too low',
    designer: `${capital(itOf(finding, names))} stands ${say(finding.facts.belowMm)} below the top of ${names.the(finding.facts.tank)}: ${sayVolume(finding.measured)} of its ${sayVolume(finding.needed)} can be filled in.`,
    client: 'The tank could never be filled to its top.',
    why: [
      `Water rises no higher than it is filled in: the middle of the filling point is ${say(finding.facts.belowMm)} below the top of the tank.`,
    ],
  }),
  'tank-uncleaned': (finding, names) => ({
    title: 'Tank that cannot be cleaned',
    designer: `No hand gets into ${itOf(finding, names)} to clean it, and no filter stands in the line.`,
    client: 'You could not wipe out the tank that you drink from.',
    why: ['Its opening is its cap only. A hand hole, a filter, or a tank of its own for drinking water.'],
  }),
  'tanks-unlevel': (finding, names, say) => ({
    title: 'Joined tanks not level',
    designer: `${capital(names.the(finding.fittings[0] ?? ''))} stands ${say(finding.facts.offMm)} higher than what it is joined to: ${sayVolume(finding.measured)} of ${sayVolume(finding.needed)} can be filled in.`,
    client: 'One tank would run over while the other is not full.',
    why: [
      `Joined tanks have one level: full to the lowest top they hold ${sayVolume(finding.measured)} of ${sayVolume(finding.needed)}; the tops are ${say(finding.facts.offMm)} apart.`,
    ],
  }),
  'burner-high': (finding, names) => ({
    title: 'Burner too high up',
    designer: `At ${formatNumber(finding.facts.altitudeM)} m ${itOf(finding, names)} needs its altitude kit; without it ${formatNumber(finding.needed)} m is the limit.`,
    client: 'In the mountains the heater would soot up without its kit.',
    why: [
      'Thin air makes a burner run rich: the maker’s sheet says from which height the kit is needed, and a licensed fitter sets it.',
    ],
  }),
  'gas-none': (finding, names) => ({
    title: 'No gas for the flame',
    designer: `${capital(itOf(finding, names))} burns gas, and the plan has neither a bottle nor a tank.`,
    client: 'There would be no gas to cook or heat with.',
    why: ['Gas bottles and tanks in the plan: none. A licensed fitter connects and tests gas.'],
  }),
  'timer-none': (finding, names) => ({
    title: 'Large load without a timer',
    designer: `${capital(itOf(finding, names))} draws ${formatNumber(finding.facts.watts)} W and has no timer.`,
    client: 'Left on, it would empty the battery.',
    why: [
      `${formatNumber(finding.facts.watts)} W for an hour is ${formatNumber(finding.facts.watts)} Wh; on a timer of ten minutes it is ${formatNumber(Math.round(finding.facts.watts / 6))} Wh.`,
    ],
  }),
  'access-first': ({ facts }, names) => {
    const what = TASK_WORDS[facts.task]
    const moved = list(facts.toMove.map((one) => movedName(one, names)))
    const isPart = facts.toMove.some((one) => one.part !== undefined)
    return {
      title: 'Something in the way',
      designer: `${capital(accessName(facts.of, names))}: ${what}, ${moved} ${facts.toMove.length === 1 ? 'has' : 'have'} to be moved first.`,
      client: `Now and then you would have to move ${moved} ${what}.`,
      why: [
        `Room for the job, checked against all that stands there: ${moved} can be ${isPart ? 'taken out or off, put in another position' : 'put in another position'} or carried away.`,
      ],
    }
  },
  'access-blocked': ({ measured, needed, unit, facts }, names, say) => {
    const figure = figureIn(unit, say)
    const what = TASK_WORDS[facts.task]
    const by = [
      ...new Set([
        ...facts.blockers.map((blocker) => blockerName(blocker, names)),
        ...facts.toMove.map((one) => movedName(one, names)),
      ]),
    ]
    return {
      title: 'Out of reach',
      designer: `${capital(list(by))} ${by.length === 1 ? 'is' : 'are'} in the way of ${accessName(facts.of, names)}: ${figure(needed)} is needed ${what}, ${measured === 0 ? 'nothing' : figure(measured)} is clear${facts.blockers.length > 0 ? ', and it cannot be moved' : ''}.`,
      client: `You would not be able ${what}.`,
      why: [
        `${figure(needed)} needed now and then; ${figure(measured)} clear, up to ${list(by)}.`,
        facts.toMove.length > 0
          ? `Could be moved: ${list(facts.toMove.map(({ id }) => names.the(id)))}.`
          : 'None of it can be moved: it is fixed.',
      ],
    }
  },
}
