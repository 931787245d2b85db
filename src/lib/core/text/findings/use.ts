import { partWord } from '../part-words'
import { formatNumber, sayVolume } from '../../units'
import { CLEARANCE_WORDS, TURNING_WORDS } from '../fitting-words'
import { capital, count, countWords, list, ofIt, orNone, percent, person, pieceName, small } from '../grammar'
import { NEED_WORDS } from '../words'
import { figureIn, inTheWay, itOf, type SentencesFor, size, tall, theAll, upTo } from './kit'

/** What is counted in litres and is not enough. */
const TOO_LITTLE = {
  water: (measured: number, needed: number) => ({
    title: measured === 0 ? 'No water tank' : 'Too little water',
    designer:
      measured === 0
        ? `There is no water tank in the plan; ${sayVolume(needed)} of water is needed.`
        : `The water tanks hold ${sayVolume(measured)}; ${sayVolume(needed)} is needed.`,
    client: measured === 0 ? 'You would have no water on board.' : 'The water would not last as long as you stay.',
    why: [`All water tanks together: ${sayVolume(measured)}; needed: ${sayVolume(needed)}.`],
  }),
  cold: (measured: number, needed: number) => ({
    title: measured === 0 ? 'No fridge' : 'Fridge too small',
    designer:
      measured === 0
        ? `There is no fridge in the plan; one of about ${sayVolume(needed)} is needed.`
        : `The fridge holds ${sayVolume(measured)}; ${sayVolume(needed)} is needed.`,
    client: measured === 0 ? 'Your fridge is not in the plan yet.' : 'Not all of your food would stay cold.',
    why: [
      `All fridges together: ${sayVolume(measured)}; needed by those who eat aboard, as often as they cook: ${sayVolume(needed)}.`,
    ],
  }),
}

/** A piece of gear as a sentence says it. */
const CLEARANCE_TITLES = {
  stand: 'No room to work at it',
  'stand-inside': 'No room to stand inside',
  kneel: 'No room to kneel at it',
  dress: 'No room to dress',
  sit: 'No room to sit there',
  'sit-up': 'No room to sit up',
  entry: 'No room to get in',
  swing: 'Door does not open fully',
  flap: 'Flap does not open fully',
  lid: 'Lid does not open fully',
  over: 'Too little room above it',
  pull: 'Drawer does not open fully',
  sweep: 'Table does not swing round',
  access: 'No room to reach it',
} as const

/** What rules about use say. */
export const USE_SENTENCES: SentencesFor<
  | 'inverter-small'
  | 'socket-far'
  | 'socket-bed-far'
  | 'energy-other'
  | 'waste-small'
  | 'clearance-blocked'
  | 'swivel-blocked'
  | 'stowage-high'
  | 'recline-blocked'
  | 'gear-too-long'
  | 'gear-no-room'
  | 'loose-homeless'
  | 'mattress-damp'
  | 'finish-wet'
  | 'finish-hot'
  | 'finish-seams'
  | 'finish-soaks'
  | 'change-stuck'
  | 'worktop-few'
  | 'cold-far'
  | 'cold-inside'
  | 'cold-behind'
  | 'change-long'
  | 'bed-wakes'
  | 'gear-stuck'
  | 'gear-wet'
  | 'drawer-dead'
  | 'drawer-low'
  | 'seats-few'
  | 'daily-behind'
  | 'service-missing'
> = {
  'socket-bed-far': (finding, names, say) => {
    const { measured, needed, facts } = finding
    return {
      title: 'No socket at the bedside',
      designer: `${capital(ofIt(person(facts.sleeper), 'pillow'))} is ${say(measured)} from the nearest socket, ${names.the(facts.socket)}; ${say.need(needed)} is the limit.`,
      client: 'Your machine’s lead would not reach.',
      why: [
        `From the head to the socket, straight: ${say(measured)}; at most ${say.need(needed)}.`,
        'What keeps someone alive has a battery of its own as well.',
      ],
    }
  },
  'waste-small': (finding, names) => ({
    title: 'Waste tank too small',
    designer: `${capital(itOf(finding, names))} holds ${sayVolume(finding.measured)}; ${sayVolume(finding.needed)} run in before the next filling.`,
    client: 'The waste would be full long before the water is gone.',
    why: [
      `From the brief ${sayVolume(finding.facts.runsL)} run in between two fillings; never more than ${percent(finding.facts.share * 100)} of the ${sayVolume(finding.facts.freshL)} of fresh water is asked for: ${sayVolume(finding.needed)}. It holds ${sayVolume(finding.measured)}.`,
      'The page Water goes through it day by day.',
    ],
  }),
  'energy-other': ({ measured, needed, facts: { school, nights } }) => {
    const by = { 'hook-up': 'hook-ups', driving: 'driving', solar: 'the sun' }[school]
    const wants = { 'hook-up': 'an inlet', driving: 'a charger for the drive', solar: 'panels' }[school]
    return nights === 0
      ? {
          title: 'Power comes from elsewhere than asked',
          designer: `The brief has power come from ${by}, and there is no ${wants.replace(/^an? /, '')} in the plan.`,
          client: `Power would not come from ${by}.`,
          why: [`By ${by}: ${wants} is asked for, there is none.`, 'The page Power runs the year with what is there.'],
        }
      : {
          title: 'Long away from a hook-up',
          designer: `Power comes from hook-ups alone, and ${formatNumber(measured)} nights pass without one; ${formatNumber(needed)} is the limit.`,
          client: 'The battery would be empty before the next hook-up.',
          why: [
            `Nights without a hook-up, from the brief: ${formatNumber(measured)}; at most ${formatNumber(needed)} on a battery alone.`,
            'The page Power runs the year with what is there.',
          ],
        }
  },
  'socket-far': (finding, names, say) => ({
    title: 'No socket at the desk',
    designer: `${capital(itOf(finding, names))} is ${say(finding.measured)} from the nearest socket, ${names.the(finding.facts.socket)}; ${say(finding.needed)} is the limit.`,
    client: 'A lead would lie across the floor to where you work.',
    why: [`Shortest distance between the two: ${say(finding.measured)}; at most ${say(finding.needed)}.`],
  }),
  'inverter-small': (finding, names) => ({
    title: 'Inverter too small',
    designer: `${capital(itOf(finding, names))} gives ${formatNumber(finding.measured)} W; ${theAll(finding.facts.asks, names)} ${finding.facts.asks.length > 1 ? 'together ask' : 'asks'} for ${formatNumber(finding.needed)} W${finding.facts.starts ? ' for a moment' : ''}.`,
    client: `${capital(theAll(finding.facts.asks, names))} would run ${finding.facts.asks.length > 1 ? 'together ' : ''}at a hook-up only.`,
    why: [
      `What it gives for long: ${formatNumber(finding.measured)} W, and twice that for a moment. ${capital(theAll(finding.facts.asks, names))}, on at once for one habit${finding.facts.starts ? ', as the heaviest of it starts' : ''}: ${formatNumber(finding.needed)} W.`,
      'Work at mains voltage is for a licensed electrician.',
    ],
  }),
  'stowage-high': (finding, names, say) => {
    const { measured, needed, facts } = finding
    const who = person(facts.person)
    return {
      title: 'Storage too high to reach',
      designer: `The bottom of ${itOf(finding, names)} is ${say(measured)} above the floor; ${who}${tall(facts.statureMm, say)} reaches ${say(needed)}.`,
      client: `${capital(who)} would need a step to reach it.`,
      why: [
        `Shoulder 0.818 + arm 0.386 of ${say(facts.statureMm)}, less a hand over its edge: ${say(needed)}; the tallest aboard counts.`,
      ],
    }
  },
  'clearance-blocked': (finding, names, say) => {
    const { measured, needed, unit, facts } = finding
    const it = itOf(finding, names)
    const what = CLEARANCE_WORDS[facts.use]
    const blocked = inTheWay(facts.blockers, names)
    const figure = figureIn(unit, say)
    return {
      title: CLEARANCE_TITLES[facts.use],
      designer:
        unit === 'deg'
          ? `${capital(it)}: ${TURNING_WORDS[facts.use] ?? 'it opens'} only ${figure(measured)} of ${figure(needed)}; ${blocked}.`
          : `${capital(it)} needs ${figure(needed)} ${what}; ${measured === 0 ? 'nothing' : figure(measured)} is clear: ${blocked}.`,
      client: `You could not use ${it} properly: ${blocked}.`,
      why: [
        `${figure(needed)} needed; ${figure(measured)} clear${upTo(facts.blockers, names)}; ${figure(needed - measured)} short.`,
      ],
    }
  },
  'swivel-blocked': ({ measured, needed, facts }, names) => {
    const seat = ofIt(person(facts.seat), 'seat')
    return {
      title: 'Seat does not turn round',
      designer: `${capital(seat)} turns only ${formatNumber(measured, 1)}° of ${formatNumber(needed)}°: ${inTheWay(facts.blockers, names)}.`,
      client: `You could not turn ${seat} round.`,
      why: [
        `Turned in steps of 7.5° about its axis, both ways round; the better way ends at ${formatNumber(measured, 1)}°${upTo(facts.blockers, names)}.`,
        'A swivel under a belted seat needs approval: work for a licensed fitter.',
      ],
    }
  },
  'recline-blocked': ({ measured, needed, facts }, names) => {
    const seat = ofIt(person(facts.seat), 'seat')
    return {
      title: 'Seat does not lean back',
      designer: `${capital(seat)} leans back only ${formatNumber(measured, 1)}° of ${formatNumber(needed)}°: ${inTheWay(facts.blockers, names)}.`,
      client: `You could not lean back in ${seat}.`,
      why: [
        `Its backrest, leaned back about its foot in steps of 2.5°, is stopped after ${formatNumber(measured, 1)}°${upTo(facts.blockers, names)}; with nothing behind it leans ${formatNumber(needed)}°.`,
      ],
    }
  },
  'gear-too-long': ({ measured, needed, facts }, _names, say) => ({
    title: facts.hasStorage ? 'Nowhere long enough' : 'No storage yet',
    designer: !facts.hasStorage
      ? `There is no storage yet for ${pieceName(facts.piece)}, ${size(facts.size, say)}.`
      : measured === 0
        ? `No locker takes ${pieceName(facts.piece)}, ${size(facts.size, say)}.`
        : `${capital(pieceName(facts.piece))}: ${say(needed)} long; the longest space for something that thick is ${say(measured)}.`,
    client: `There is no place for ${facts.piece === '' ? 'a piece of your gear' : pieceName(facts.piece)}.`,
    why: [
      `${size(facts.size, say)} tried in every storage space, on each side and slanted on its floor; the longest piece of that thickness that goes in is ${say(measured)}.`,
    ],
  }),
  'gear-no-room': ({ facts }, names, say) => ({
    title: 'No space left',
    designer: `${capital(pieceName(facts.piece))}, ${size(facts.size, say)}, would fit, but the space is taken by other gear${
      facts.freed === undefined
        ? ''
        : `: ${names.the(facts.freed.fitting)} takes it without ${list(facts.freed.pieces.map(pieceName))}`
    }.`,
    client: `There is no space left for ${facts.piece === '' ? 'a piece of your gear' : pieceName(facts.piece)}.`,
    why: [
      'Gear is packed biggest first, in many orders; this piece fits an empty locker, but no way was found to fit it in with the rest.',
    ],
  }),
  'loose-homeless': ({ fittings, measured, needed, facts, modeId }, names, say) => {
    const part = partWord(facts.part)
    const whose = names.the(fittings[0] ?? '')
    // a stool put away is a loose part by itself
    const of = whose === `the ${part}` ? whose : ofIt(whose, part)
    const pieces = facts.count === 1 ? of : `${of} (${facts.count} pieces)`
    return {
      title: 'Nowhere to stow a loose part',
      designer: `In ${names.mode(modeId)} there is no place for ${pieces}, ${size(facts.size, say)}: ${facts.alone ? 'a locker would take it, but other things are in it' : measured === 0 ? 'no locker takes it' : `the longest space for something that thick is ${say(measured)}`}.`,
      client: `${capital(of)} would be lying about.`,
      why: [`Not in use in this mode, so it was packed with the gear, biggest first: ${say(needed)} long, left over.`],
    }
  },
  'mattress-damp': (finding, names) => ({
    title: 'Mattress cannot dry',
    designer: `The mattress of ${itOf(finding, names)} lies on a closed board.`,
    client: 'The mattress would get damp from below.',
    why: ['Slats or a drilled board let air under it; a closed board lets none.'],
  }),
  'finish-wet': (finding, names) => ({
    title: 'Bare wood at water',
    designer: `The worktop of ${itOf(finding, names)} is oiled wood, and water will stand on it.`,
    client: 'The worktop would turn grey and swell at the sink.',
    why: [
      'Oil keeps off splashes for a while, and standing water not at all: oil it often, or face it with laminate or steel.',
    ],
  }),
  'finish-hot': (finding, names) => ({
    title: 'Worktop scorches under hot pans',
    designer: `The worktop of ${itOf(finding, names)} stands up to ${finding.measured} °C; a pan put down by the hob is ${finding.needed} °C.`,
    client: 'A hot pan would leave a mark.',
    why: [
      `What the board stands for a while: ${finding.measured} °C; a pan off the flame: ${finding.needed} °C. A cork or steel mat beside the hob does as well.`,
    ],
  }),
  'finish-soaks': (finding, names) => ({
    title: finding.facts.face === 'floor' ? 'Floor soaks up water' : 'Wall soaks up water',
    designer: `Water splashes from ${itOf(finding, names)}, and the facing of the ${finding.facts.face} there soaks it up.`,
    client: 'It would stay damp, swell or smell.',
    why: [
      'Carpet stays damp; chipboard, MDF and hardboard swell at their edges. Face it with vinyl, cladding or sheet there.',
    ],
  }),
  'finish-seams': () => ({
    title: 'Click planks open in the sun',
    designer:
      'The floor is made of vinyl planks that click together: in a vehicle that stands in sun and frost they grow and shrink, and the seams open.',
    client: 'The seams of the floor would open.',
    why: ['A sheet in one piece, or planks glued all over, have no seams that move.'],
  }),
  'change-stuck': (finding, names) => {
    const { facts, modeId } = finding
    const it = itOf(finding, names)
    return {
      title: `Cannot get from ${names.mode(facts.fromMode)} to ${names.mode(modeId)}`,
      designer: `${capital(theAll(facts.by, names))} ${facts.by.length > 1 ? 'are' : 'is'} in the way of ${it} and cannot be moved first.`,
      client: `You could not change over: ${it} would be stuck.`,
      why: [
        'What it passes through on its way meets what stands there before and after every other move; no order of moves avoids it.',
      ],
    }
  },
  'worktop-few': ({ measured, needed }, _names, say) => ({
    title: 'Too little worktop',
    designer: `While cooking, the longest clear stretch of worktop is ${say(measured)}; a board and a pan need ${say.need(needed)}.`,
    client: 'You would be short of room to chop and put things down.',
    why: [
      `Clear and unbroken, less what stands on it or hangs low over it: ${say(measured)}; ${say.need(needed)} needed, as there is daily cooking.`,
    ],
  }),
  'cold-far': (finding, names, say) => ({
    title: 'Fridge far from the hob',
    designer: `${capital(itOf(finding, names))} is ${say(finding.measured)} from ${names.the(finding.facts.hob)}; ${say(finding.needed)}, two steps, is the limit.`,
    client: 'You would walk to the fridge while you cook.',
    why: [`Shortest distance between the two: ${say(finding.measured)}; at most ${say(finding.needed)}.`],
  }),
  'cold-inside': (finding, names, say) => {
    const { measured, needed, facts } = finding
    const door = names.thePart(facts.door)
    return {
      title: 'Fridge out of reach from outside',
      designer: `The front of ${itOf(finding, names)} is ${say(measured)} from ${door}; an arm reaches ${say(needed)}.`,
      client: 'You would have to climb in to fetch a drink.',
      why: [
        'From each door to the middle of the side that the fridge is used from, at three quarters of its height.',
        `Nearest: ${door}, ${say(measured)}${facts.asideMm === 0 ? ', straight in' : `, of which ${say(Math.abs(facts.asideMm))} is along the side`}.`,
      ],
    }
  },
  'cold-behind': ({ fittings, facts }, names) => {
    const [cold = '', ...between] = fittings.map((id) => names.the(id))
    return {
      title: 'Fridge blocked from outside',
      designer: `${capital(cold)} is within reach of ${names.thePart(facts.door)}, but ${list(between)} ${between.length > 1 ? 'are' : 'is'} in the way.`,
      client: `You would have to reach over ${list(between)} for a drink.`,
      why: [
        `Between the doorway and the middle of its front, as wide as an arm: ${list(between)}. Nothing may be there.`,
      ],
    }
  },
  'change-long': ({ measured, needed, facts, modeId }, names) => ({
    title: 'Slow to change over',
    designer: `${names.mode(facts.fromMode)} to ${names.mode(modeId)} takes about ${count(Math.round(measured), { one: 'minute', many: 'minutes' })} and ${count(facts.moves, { one: 'move', many: 'moves' })}; ${count(needed, { one: 'minute', many: 'minutes' })} is the limit.`,
    client: `Changing over would take about ${countWords(Math.round(measured), { one: 'minute', many: 'minutes' })} every time.`,
    why: [
      `All moves from ${names.mode(facts.fromMode)} together: ${formatNumber(measured)} min; at most ${formatNumber(needed)} min.`,
    ],
  }),
  'bed-wakes': ({ measured, facts, modeId }, names) => ({
    title: 'Making the bed gets everyone up',
    designer: `Going from ${names.mode(facts.fromMode)} to ${names.mode(modeId)} leaves nobody a seat: ${theAll(facts.by, names)} ${facts.by.length > 1 ? 'have' : 'has'} to be moved.`,
    client: 'Nobody could go to bed while someone else sits up.',
    why: [`Places to sit or lie before: ${formatNumber(measured)}; left undisturbed by the moves: none.`],
  }),
  'gear-stuck': ({ measured, needed, facts }, _names, say) => ({
    title: 'Gear that will not come out',
    designer: `${capital(pieceName(facts.piece))}, ${say(needed)} long: ${measured === 0 ? 'nothing that thick goes through any door' : `the longest of that thickness that goes through a door is ${say(measured)}`}.`,
    client: `You would not get ${pieceName(facts.piece)} out again.`,
    why: [
      `Pushed straight through each door and turned once inside: at most ${say(measured)}; the piece is ${say(needed)}.`,
    ],
  }),
  'gear-wet': (finding, names) => ({
    title: 'Wet gear among dry',
    designer: `Wet gear (${pieceName(finding.facts.piece)}) is stowed with dry things in ${itOf(finding, names)}.`,
    client: `${capital(pieceName(finding.facts.piece))} would wet what is stowed with it.`,
    why: ['Packed biggest first; storage spaces for wet things alone: none; needed: 1.'],
  }),
  'drawer-dead': (finding, names, say) => {
    const { measured, needed, facts } = finding
    return {
      title: 'Dead space behind the drawers',
      designer: `${capital(itOf(finding, names))}: the drawers pull out only ${percent(Math.round(facts.extension * 100))} of their depth and leave ${say(measured)} at the back${facts.litres > 0 ? `, ${sayVolume(facts.litres)} in all` : ''}; ${say(needed)} is as far as a hand reaches.`,
      client: 'You could not reach what lies at the back.',
      why: [
        `Depth less the pull-out: ${say(measured)}; at most ${say(needed)}. A lid, or a door from the other side, would make use of it.`,
      ],
    }
  },
  'drawer-low': (finding, names) => {
    const { measured, needed } = finding
    return {
      title: 'Dead space above the drawers',
      designer: `${capital(itOf(finding, names))}: the drawer boxes are lower than their fronts and leave ${sayVolume(measured)} empty; ${sayVolume(needed)} is the limit. Higher boxes, one more drawer or a shelf would make use of it.`,
      client: 'Space above the drawers would stay empty.',
      why: [`Space of the drawers less their boxes: ${sayVolume(measured)}; at most ${sayVolume(needed)}.`],
    }
  },
  'seats-few': ({ measured, needed }) => ({
    title: 'Too few seats inside',
    designer: `Seats inside: ${orNone(measured)}. People who sleep in it: ${needed}.`,
    client: 'On a wet day not everyone could sit inside.',
    why: [
      `Seats, those of the cab, and two on the edge of each bed that is made by day: ${orNone(measured)}; sleepers: ${needed}.`,
    ],
  }),
  'daily-behind': (finding, names, say) => {
    const { measured, needed, facts } = finding
    return {
      title: 'Daily gear behind seldom used',
      designer: `${capital(itOf(finding, names))} is ${say(measured)} deep: ${pieceName(facts.seldom)} (seldom used) would sit in front of ${pieceName(facts.daily)} (used daily).`,
      client: `You would unpack ${pieceName(facts.seldom)} every time to reach ${pieceName(facts.daily)}.`,
      why: [`Its lesser side from above: ${say(measured)}; over something an arm reaches ${say(needed)}.`],
    }
  },
  'service-missing': ({ measured, needed, unit, facts }, names) => {
    if (unit === 'litres')
      return facts.need === 'water' ? TOO_LITTLE.water(measured, needed) : TOO_LITTLE.cold(measured, needed)
    const { one, many } = NEED_WORDS[facts.need]
    const words = { one: small(one), many: small(many) }
    const asked = count(needed, words)
    if (facts.small.length > 0)
      return {
        title: `${capital(words.one)} too small`,
        designer: `${capital(theAll(facts.small, names))} ${facts.small.length === 1 ? 'is' : 'are'} too small. The brief asks for ${asked} of a certain size; the plan has ${orNone(measured)} that large.`,
        client: `The ${words.one} in the plan is too small for you.`,
        why: [
          `A must of the brief: ${needed}; as large as asked for: ${orNone(measured)}. Its size is shown with the demand.`,
        ],
      }
    return {
      title: measured === 0 ? `No ${words.one}` : `Too few ${words.many}`,
      designer:
        measured === 0
          ? `The brief asks for ${asked}; there is none in the plan.`
          : `The brief asks for ${asked}; the plan has ${measured}.`,
      client:
        measured === 0
          ? `Your ${needed === 1 ? words.one : words.many} ${needed === 1 ? 'is' : 'are'} not in the plan yet.`
          : `The plan has ${countWords(measured, words)} of the ${countWords(needed, words)} that you asked for.`,
      why: [`A must of the brief: ${needed}; offered in this mode: ${orNone(measured)}.`],
    }
  },
}
