import { partWord } from '../part-words'
import { formatNumber, sayMass } from '../../units'
import { FIXING_WORDS, TASK_WORDS } from '../fitting-words'
import { capital, count, list, ofIt } from '../grammar'
import { CHANGE_WORDS, FACE_WORDS, SIDE_WORDS } from '../words'
import { foundName, STEP_WORDS } from '../condition'
import { sayMinutes } from '../moves'
import { blockerName, itOf, size, type SentencesFor } from './kit'

const MOVES_ON = 'The fit-out is marked to move to another vehicle'
const BODY_SHOP =
  'Cutting the body is work for a licensed body shop, by the maker’s body-builder guide and local codes.'

/** What rules about the body say. */
export const FIT_SENTENCES: SentencesFor<
  | 'outside-shell'
  | 'overlap'
  | 'opening-missing'
  | 'fixing-drills'
  | 'body-cut'
  | 'hangs-free'
  | 'carry-stuck'
  | 'hung-weakly'
  | 'pushed-in'
  | 'pokes-out'
  | 'hollow-taken'
  | 'built-over'
  | 'cut-in-bad'
  | 'meets-stays'
  | 'panel-beyond'
  | 'battery-beyond'
> = {
  'outside-shell': (finding, names, say) => {
    const { measured, facts } = finding
    const it = itOf(finding, names)
    return {
      title: 'Does not fit the vehicle',
      designer: `${capital(it)} runs ${say(measured)} into ${FACE_WORDS[facts.face]}${facts.scribed ? ' at its front, which cannot be cut' : ''}.`,
      client: `${capital(it)} would be ${say(measured)} too big for this spot.`,
      why: [
        `The worst corner of the ${partWord(facts.part)} lies ${say(measured)} outside the lined face, measured square to it; 0 is allowed.`,
        facts.scribed
          ? 'A scribed part may be cut at the back; its front must stay whole.'
          : 'A rigid part must fit as it is.',
      ],
    }
  },
  'built-over': ({ fittings, measured, facts }, names) => {
    const found = foundName(facts)
    const covers = fittings.map((id) => names.the(id)).slice(0, 3)
    return {
      title: 'Built over something not repaired',
      designer: `${capital(list(covers))}${measured > 3 ? ` and ${measured - 3} more` : ''} would cover ${found}, which is not repaired yet.`,
      client: `Before this is built in, the vehicle has to be repaired there: ${found}.`,
      why: [
        `“${STEP_WORDS[facts.step]}” waits for it${facts.minutes === undefined ? '' : `: ${sayMinutes(facts.minutes)} of work`}.`,
        'Rust, water and a bad floor get worse under furniture, where nobody sees them.',
      ],
    }
  },
  'cut-in-bad': ({ facts }) => {
    const found = foundName(facts)
    return {
      title: 'Cut where the body is not sound',
      designer: `The cut for “${facts.opening}” meets ${found}, which is not repaired yet.`,
      client: `The opening “${facts.opening}” has to wait until the body is repaired there.`,
      why: ['A frame is screwed or glued to sound metal all round; a body shop says what is sound.'],
    }
  },
  'meets-stays': (finding, names, say) => {
    const it = itOf(finding, names)
    const found = foundName(finding.facts)
    return {
      title: 'Runs into what stays',
      designer: `${capital(it)} runs ${say(finding.measured)} into ${found}, which stays in the vehicle.`,
      client: `${capital(it)} would be where ${found} stays.`,
      why: [`Least side of the space that they share: ${say(finding.measured)}; 0 is allowed.`],
    }
  },
  'pushed-in': (finding, names, say) => {
    const { measured, needed, facts } = finding
    const it = itOf(finding, names)
    return {
      title: 'Stands away from the wall',
      designer: `The foot of ${it} stands ${say(measured)} off the ${facts.side} wall, because ${say(facts.atMm)} up the wall or roof stops it; under ${say(needed)} is usual.`,
      client: `Behind the foot of ${it} there would be space that you cannot use.`,
      why: [
        `The wall is ${say(facts.pushedMm)} further out at its foot than ${say(facts.atMm)} above the load floor, where it comes closest${facts.pushedMm === measured ? '' : `; it is ${say(facts.pushedMm - measured)} shallower than usual, which leaves ${say(measured)}`}.`,
        'It stays whole, so it stands where its top clears. A lower one stands further out, a shallower one comes less far into the room, and what is built in place can be cut to the wall.',
      ],
    }
  },
  overlap: (finding, names, say) => {
    const { measured, facts } = finding
    const it = itOf(finding, names)
    const other = blockerName(facts.other, names)
    return {
      title: 'Two things in one place',
      designer: `${capital(it)} and ${other} overlap by ${say(measured)}.`,
      client: `Two things are drawn in the same place: ${it} and ${other}.`,
      why: [
        `Least side of the space that the ${partWord(facts.part)} and ${other} share: ${say(measured)}; they may touch, so 0 is allowed.`,
      ],
    }
  },
  'pokes-out': ({ fittings, measured, facts }, names, say) => {
    const [it, host] = [names.the(fittings[0]!), names.the(fittings[1]!)]
    return {
      title: 'Too big for its space',
      designer: `${capital(it)} sticks ${say(measured)} out of ${host}, at ${SIDE_WORDS[facts.side]}.`,
      client: `${capital(it)} would be ${say(measured)} too big for its place in ${host}.`,
      why: [`From ${SIDE_WORDS[facts.side]} of the space to what sticks out of it: ${say(measured)}; 0 is allowed.`],
    }
  },
  'hollow-taken': ({ fittings, measured, facts }, names, say) => {
    const [it, host] = [names.the(fittings[0]!), names.the(fittings[1]!)]
    const part = partWord(facts.part)
    return {
      title: 'Its place is taken',
      designer: `${capital(it)} and ${ofIt(host, part)} overlap by ${say(measured)}.`,
      client: `There is no room for ${it} beside ${ofIt(host, part)}.`,
      why: [
        `Least side of the space that it and the ${part} share: ${say(measured)}; they may touch, so 0 is allowed.`,
      ],
    }
  },
  'opening-missing': (finding, names, say) => {
    const { needed, facts } = finding
    const it = itOf(finding, names)
    return {
      title: 'Opening in the body missing',
      designer: `${capital(it)} needs an opening ${say(needed)} wide ${facts.through === 'roof' ? 'in the roof above it' : 'in the wall behind it'}${facts.task === 'air' ? '' : ` ${TASK_WORDS[facts.task]}`}; there is none.`,
      client: `${capital(it)} needs a hole in the body that is not planned yet.`,
      why: [
        'Checked against every door, window and hatch of the vehicle with its bodywork: none takes the whole opening.',
        BODY_SHOP,
      ],
    }
  },
  'fixing-drills': (finding, names) => {
    const { measured, facts } = finding
    const it = itOf(finding, names)
    return {
      title: 'Needs screw holes',
      designer:
        facts.how === undefined
          ? `The fixing of ${it} is not chosen yet, and this fit-out must leave no holes.`
          : `${capital(it)} is ${FIXING_WORDS[facts.how]} at ${count(measured, { one: 'point', many: 'points' })}, but this fit-out must leave no holes.`,
      client: `${capital(it)} would leave holes in the vehicle.`,
      why: [`${MOVES_ON}: rails, the maker’s points, straps, or free-standing.`],
    }
  },
  'body-cut': ({ facts }) => ({
    title: 'Body is cut',
    designer: `${CHANGE_WORDS[facts.change]}: a cut in the body, but this fit-out must leave the body as it is.`,
    client: 'A hole in the body stays behind when the furniture moves on.',
    why: [`${MOVES_ON}.`],
  }),
  'panel-beyond': (finding, names) => ({
    title: 'More than a panel gives',
    designer: `${capital(itOf(finding, names))} is to give ${formatNumber(finding.measured)} W; ${formatNumber(finding.needed)} W is the most that a panel of its size gives.`,
    client: 'The panel would bring less than is reckoned with.',
    why: [
      `${formatNumber(finding.facts.m2, 2)} m² at no more than ${finding.facts.perM2} W each: ${formatNumber(finding.needed)} W. Panels are sold with about 200 W a square metre.`,
    ],
  }),
  'battery-beyond': (finding, names) => ({
    title: 'More than a battery holds',
    designer: `${capital(itOf(finding, names))} is to hold ${formatNumber(finding.measured)} Wh; ${formatNumber(finding.needed)} Wh is the most that a battery of its size holds.`,
    client: 'The battery is larger than its place.',
    why: [
      `${formatNumber(finding.facts.litres, 1)} L at no more than ${finding.facts.perL} Wh each: ${formatNumber(finding.needed)} Wh. In its case lithium has about 130 Wh a litre, lead 90.`,
    ],
  }),
  'hangs-free': (finding, names, say) => ({
    title: 'Nothing holds it up',
    designer: `${capital(itOf(finding, names))} is ${say(finding.measured)} above the floor, and nothing holds it.`,
    client: `${capital(itOf(finding, names))} would have nothing to stand or hang on.`,
    why: [`Within ${say(60)} below, beside or behind it there is no floor, wall, roof or other fitting.`],
  }),
  'carry-stuck': (finding, names, say) => {
    const { measured, needed, facts } = finding
    const it = itOf(finding, names)
    return {
      title: 'Will not go through a door',
      designer:
        measured === 0
          ? `${capital(it)} (${size([needed, facts.wideMm, facts.thickMm], say)}) goes through none of the doors.`
          : `${capital(it)} is ${say(needed)} long; with ${size([facts.wideMm, facts.thickMm], say)} the longest that goes through a door is ${say(measured)}.`,
      client: `${capital(it)} could not be carried in whole.`,
      why: [
        `Pushed straight through each door and turned once inside: at most ${say(measured)}; it is ${say(needed)}.`,
        'It may go in before the bulkhead, a window or a door leaf is fitted, or come in parts.',
      ],
    }
  },
  'hung-weakly': (finding, names) => {
    const { measured, needed, facts } = finding
    const it = itOf(finding, names)
    return {
      title: 'Too few fixings',
      designer: `Loaded, ${it} weighs about ${sayMass(facts.kg)} and is fixed to framing at ${count(measured, { one: 'point', many: 'points' })}; ${needed} are needed.`,
      client: `${capital(it)} could come down.`,
      why: [
        `${sayMass(facts.kg)} at ${sayMass(facts.pointKg)} on each, a third of what it holds at rest: ${needed}, never fewer than ${facts.least}; straps and standing do not count.`,
      ],
    }
  },
}
