import { partWord } from '../part-words'
import { formatNumber, sayVolume } from '../../units'
import { CLEARANCE_WORDS } from '../fitting-words'
import { capital, count, list, NEED_WORDS } from '../words'
import { blockerName, lower, type SentencesFor, size, the } from './kit'

/** What is counted in litres and is not enough. */
const TOO_LITTLE = {
  water: (measured: number, needed: number) => ({
    title: 'Too little water',
    designer: `The tanks hold ${sayVolume(measured)}; ${sayVolume(needed)} is needed.`,
    client: 'The water would not last as long as you stay.',
    why: [`Sum of all tanks: ${sayVolume(measured)}; wanted: ${sayVolume(needed)}.`],
  }),
  cold: (measured: number, needed: number) => ({
    title: 'Too little room in the cold',
    designer: `The cold boxes hold ${sayVolume(measured)}; ${sayVolume(needed)} is needed.`,
    client: 'Your food would not all stay cold.',
    why: [
      `Sum of all cold boxes: ${sayVolume(measured)}; wanted by those who eat aboard, as often as they cook: ${sayVolume(needed)}.`,
    ],
  }),
}

/** What rules about use say. */
export const USE_SENTENCES: SentencesFor<
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
  'stowage-high': ({ fittings, measured, needed, facts }, names, say) => ({
    title: 'Stowage too high to reach',
    designer: `The bottom of ${the(names.fitting(fittings[0]!))} is ${say(measured)} over the floor; the ${facts.person}, ${say(facts.statureMm)}, reaches ${say(needed)}.`,
    client: `The ${facts.person} would need a step to get at it.`,
    why: [
      `Shoulder 0.818 + arm 0.386 of ${say(facts.statureMm)} stature, less a hand over its edge: ${say(needed)}; the tallest aboard counts.`,
    ],
  }),
  'clearance-blocked': ({ fittings, measured, needed, unit, facts }, names, say) => {
    const it = the(names.fitting(fittings[0]!))
    const what = CLEARANCE_WORDS[facts.use]
    const by = list(facts.blockers.map((blocker) => blockerName(blocker, names)))
    const figure = (value: number) => (unit === 'deg' ? `${formatNumber(value)}°` : say(value))
    const verb = unit === 'deg' ? 'opens only' : 'is only'
    return {
      title: unit === 'deg' ? 'Does not open' : 'Too little room to use it',
      designer: `${capital(what)} at ${it} ${verb} ${figure(measured)} of ${figure(needed)}, stopped by ${by}.`,
      client: `${capital(it)} cannot be used well: too near it, ${by}.`,
      why: [
        `Needed ${figure(needed)}; grown from nothing until it meets ${by}: ${figure(measured)}, short by ${figure(needed - measured)}.`,
      ],
    }
  },
  'swivel-blocked': ({ measured, needed, facts }, names) => {
    const by = list(facts.blockers.map((blocker) => blockerName(blocker, names)))
    return {
      title: 'The seat does not turn',
      designer: `The ${facts.seat}’s seat turns only ${formatNumber(measured, 1)}° of ${formatNumber(needed)}°, stopped by ${by}.`,
      client: `You could not turn the ${facts.seat}’s seat round.`,
      why: [
        `Turned in steps of 7.5° about its axis, both ways round; the better way ends at ${formatNumber(measured, 1)}°, where it meets ${by}.`,
        'A swivel under a belted seat needs approval: work for a licensed fitter.',
      ],
    }
  },
  'recline-blocked': ({ measured, needed, facts }, names) => {
    const by = list(facts.blockers.map((blocker) => blockerName(blocker, names)))
    return {
      title: 'The seat does not lean back',
      designer: `The ${facts.seat}’s seat leans back only ${formatNumber(measured, 1)}° of ${formatNumber(needed)}°, stopped by ${by}.`,
      client: `You could not lean back in the ${facts.seat}’s seat.`,
      why: [
        `Its backrest, leant about its foot in steps of 2.5°, meets ${by} after ${formatNumber(measured, 1)}°; by itself it leans ${formatNumber(needed)}°.`,
      ],
    }
  },
  'gear-too-long': ({ measured, needed, facts }, _names, say) => ({
    title: 'No stowage is long enough',
    designer:
      measured === 0
        ? `No stowage takes ${facts.piece || 'a piece of gear'}, ${size(facts.size, say)}.`
        : `${facts.piece || 'A piece of gear'} is ${say(needed)} long; the longest stowage for its section takes ${say(measured)}.`,
    client: `${facts.piece || 'A piece of gear'} has no place.`,
    why: [
      `${size(facts.size, say)} tried in every stowage, on each side and slanted on its floor; the longest piece of that section that goes in is ${say(measured)}.`,
    ],
  }),
  'gear-no-room': ({ facts }, _names, say) => ({
    title: 'No room left for gear',
    designer: `${facts.piece || 'A piece of gear'}, ${size(facts.size, say)}, would fit, but other gear is in its place.`,
    client: `${facts.piece || 'A piece of gear'} has no place left.`,
    why: [
      'Pieces are packed biggest first; what is left over fits an empty stowage but none of the rooms that remain.',
    ],
  }),
  'loose-homeless': ({ fittings, measured, needed, facts }, names, say) => {
    const pieces = facts.count === 1 ? `The ${partWord(facts.part)}` : `${facts.count} × the ${partWord(facts.part)}`
    const whose = names.fitting(fittings[0]!)
    // a stool put away is a loose part by itself
    const of = whose.toLowerCase() === partWord(facts.part) ? '' : ` of ${the(whose)}`
    return {
      title: 'A loose part has no place',
      designer: `${pieces}${of}, ${size(facts.size, say)}, ${facts.count === 1 ? 'has' : 'have'} no place in this mode${facts.alone ? ': a stowage would take it, but other things are in it' : measured === 0 ? ': no stowage takes it' : `: the longest stowage for its section takes ${say(measured)}`}.`,
      client: `The ${partWord(facts.part)} would lie about.`,
      why: [
        `Not in use in this stance, so it was packed with the gear, biggest first: ${say(needed)} long, left over.`,
      ],
    }
  },
  'mattress-damp': ({ fittings }, names) => ({
    title: 'The mattress cannot dry',
    designer: `The mattress of ${the(names.fitting(fittings[0]!))} lies on a closed board.`,
    client: 'The mattress would get damp from below.',
    why: ['Slats or a drilled board let air under it; a closed board lets none.'],
  }),
  'finish-wet': ({ fittings }, names) => ({
    title: 'Bare wood at water',
    designer: `The worktop of ${the(names.fitting(fittings[0]!))} is oiled wood, and water stands there.`,
    client: 'The board would turn grey and swell at the basin.',
    why: [
      'Oil keeps splashes off for a while and standing water not at all: oil it often, or face it with laminate or steel.',
    ],
  }),
  'finish-hot': ({ fittings, measured, needed }, names) => ({
    title: 'Hot pans on a worktop that scorches',
    designer: `The worktop of ${the(names.fitting(fittings[0]!))} bears ${measured} °C; a pan that is put down by the hob has ${needed} °C.`,
    client: 'A hot pan would leave its mark.',
    why: [
      `What the board bears for a while: ${measured} °C; a pan from the flame: ${needed} °C. A mat of cork or steel beside the hob does as well.`,
    ],
  }),
  'finish-soaks': ({ fittings, facts }, names) => ({
    title: facts.face === 'floor' ? 'A floor that soaks' : 'A wall that soaks',
    designer: `Water splashes from ${the(names.fitting(fittings[0]!))}, and the ${facts.face} there is faced with what takes it up.`,
    client: 'It would stay damp, swell or smell.',
    why: [
      'Carpet stays damp; chipboard, MDF and hardboard swell at their edges. Face it with vinyl, cladding or sheet there.',
    ],
  }),
  'finish-seams': () => ({
    title: 'Planks that click open in the sun',
    designer:
      'The floor is of vinyl planks that are clicked together: in a vehicle that stands in the sun and in frost they grow and shrink, and their seams open.',
    client: 'The seams of the floor would open.',
    why: ['A sheet in one piece, or planks that are glued all over, have no seams that move.'],
  }),
  'change-stuck': ({ fittings, facts }, names) => ({
    title: 'The change cannot be made',
    designer: `From ${names.mode(facts.fromMode)}, ${the(names.fitting(fittings[0]!))} cannot be moved: ${list(facts.by.map((id) => the(names.fitting(id))))} ${facts.by.length > 1 ? 'are' : 'is'} in its way and cannot go first.`,
    client: `${capital(the(names.fitting(fittings[0]!)))} could not be changed over.`,
    why: [
      'What it passes through on its way meets what stands there before and after every other move; no order of moves avoids it.',
    ],
  }),
  'worktop-few': ({ measured, needed }, _names, say) => ({
    title: 'Little worktop to cook at',
    designer: `The longest free stretch of worktop while one cooks is ${say(measured)}; ${say(needed)} take a board.`,
    client: 'There is little room to cut and to put down.',
    why: [
      `Free and unbroken, what stands on it or hangs low over it taken away: ${say(measured)}; wanted ${say(needed)}, as the brief cooks daily.`,
    ],
  }),
  'cold-far': ({ fittings, measured, needed, facts }, names, say) => ({
    title: 'The cold box is a walk away',
    designer: `${capital(the(names.fitting(fittings[0]!)))} is ${say(measured)} from ${the(names.fitting(facts.hob))}; within ${say(needed)} it is two steps.`,
    client: 'You would walk to the cold box while you cook.',
    why: [`Least distance between the two: ${say(measured)}; at most ${say(needed)}.`],
  }),
  'cold-inside': ({ fittings, measured, needed, facts }, names, say) => ({
    title: 'The cold box is not reached from outside',
    designer: `${capital(the(names.fitting(fittings[0]!)))} is ${say(measured)} from ${the(names.part(facts.door))}, measured to the middle of its front; an arm reaches ${say(needed)}.`,
    client: 'For a drink you would climb in.',
    why: [
      'From each door to the middle of the side that the box is used from, at three quarters of its height.',
      `Nearest: ${the(names.part(facts.door))}, ${say(measured)}${facts.asideMm === 0 ? ', straight in' : `, of it ${say(Math.abs(facts.asideMm))} along the side`}.`,
    ],
  }),
  'cold-behind': ({ fittings, measured, needed, facts }, names) => {
    const [cold, ...between] = fittings.map((id) => the(names.fitting(id)))
    return {
      title: 'Something stands before the cold box',
      designer: `${capital(cold!)} is in reach of ${the(names.part(facts.door))}, but ${list(between)} ${between.length > 1 ? 'stand' : 'stands'} between.`,
      client: `You would reach over ${list(between)} for a drink.`,
      why: [
        `Between the doorway and the middle of its front, as wide as an arm: ${count(measured, { one: 'thing', many: 'things' })}; ${formatNumber(needed)} are to stand there.`,
      ],
    }
  },
  'change-long': ({ measured, needed, facts }, names) => ({
    title: 'Long to change over',
    designer: `From ${names.mode(facts.fromMode)} it takes about ${formatNumber(measured)} minutes and ${count(facts.moves, { one: 'move', many: 'moves' })}; patience ends at ${formatNumber(needed)}.`,
    client: `It takes ${formatNumber(measured)} minutes every time.`,
    why: [
      `Sum of the moves from ${names.mode(facts.fromMode)}: ${formatNumber(measured)} min; at most ${formatNumber(needed)} min.`,
    ],
  }),
  'bed-wakes': ({ measured, facts }, names) => ({
    title: 'Everyone must get up',
    designer: `To get here from ${names.mode(facts.fromMode)}, everyone gets up from all ${formatNumber(measured)} places to rest: ${list(facts.by.map((id) => the(names.fitting(id))))} must be moved.`,
    client: 'No one can go to bed while the other still sits.',
    why: [`Places to sit or lie before: ${formatNumber(measured)}; left in peace by the moves: 0.`],
  }),
  'gear-stuck': ({ measured, needed, facts }, _names, say) => ({
    title: 'Gear that does not come out',
    designer: `${facts.piece} is ${say(needed)} long; of its section ${say(measured)} go through a door.`,
    client: `${facts.piece} would not come out again.`,
    why: [`Pushed straight through each door and turned once: at most ${say(measured)}; it is ${say(needed)}.`],
  }),
  'gear-wet': ({ fittings, facts }, names) => ({
    title: 'Wet among dry',
    designer: `${facts.piece} comes back wet and shares ${the(names.fitting(fittings[0]!))} with dry things.`,
    client: `${facts.piece} would wet what lies beside it.`,
    why: ['Packed biggest first; stowages for wet things alone: 0, wanted: 1.'],
  }),
  'drawer-dead': ({ fittings, measured, needed, facts }, names, say) => ({
    title: 'A dead end in the drawers',
    designer: `${capital(the(names.fitting(fittings[0]!)))} run out ${formatNumber(facts.extension * 100)} % of their depth: ${say(measured)} stay dead${facts.litres > 0 ? `, ${formatNumber(facts.litres)} l in all` : ''}; ${say(needed)} a hand still reaches. A lid or a door from the other side would use it.`,
    client: 'You would not reach what lies at the back.',
    why: [`Depth less the run: ${say(measured)}; at most ${say(needed)}.`],
  }),
  'drawer-low': ({ fittings, measured, needed }, names) => ({
    title: 'Dead room over the drawers',
    designer: `The drawers’ boxes of ${the(names.fitting(fittings[0]!))} are lower than their fronts: ${formatNumber(measured)} l over them stay empty. Higher boxes, one drawer more or a shelf would use them.`,
    client: `${formatNumber(measured)} litres over the drawers would stay empty.`,
    why: [`Room of the drawers less their boxes: ${formatNumber(measured)} l; at most ${formatNumber(needed)} l.`],
  }),
  'seats-few': ({ measured, needed }) => ({
    title: 'Too few dry seats',
    designer: `${formatNumber(needed)} sleep in it and ${formatNumber(measured)} can sit inside.`,
    client: 'On a wet day not everyone could sit inside.',
    why: [
      `Seats, those of the cab, and two on the edge of each bed that is made by day: ${formatNumber(measured)}; sleepers: ${formatNumber(needed)}.`,
    ],
  }),
  'daily-behind': ({ fittings, measured, needed, facts }, names, say) => ({
    title: 'Daily behind seldom',
    designer: `${facts.daily} and ${facts.seldom} share ${the(names.fitting(fittings[0]!))}, which is ${say(measured)} deep: one lies behind the other.`,
    client: `You would unpack ${facts.seldom} to get at ${facts.daily}.`,
    why: [`Its lesser side from above: ${say(measured)}; an arm reaches ${say(needed)} over something.`],
  }),
  'service-missing': ({ measured, needed, unit, facts }, names) => {
    const words = NEED_WORDS[facts.need]
    if (unit === 'litres')
      return facts.need === 'water' ? TOO_LITTLE.water(measured, needed) : TOO_LITTLE.cold(measured, needed)
    const small = facts.small.map((id) => `“${names.fitting(id)}”`)
    if (small.length > 0)
      return {
        title: `${words.one} too small`,
        designer: `${capital(list(small))} ${small.length === 1 ? 'is' : 'are'} smaller than the brief asks for; of ${count(needed, { one: lower(words.one), many: lower(words.many) })} that large the plan has ${measured === 0 ? 'none' : measured}.`,
        client: `${words.one}: what is in the plan is too small for you.`,
        why: [`A must of the brief: ${needed}; as large as asked for: ${measured}. Its size stands with the demand.`],
      }
    return {
      title: `${words.one} is missing`,
      designer: `The brief asks for ${count(needed, { one: lower(words.one), many: lower(words.many) })}; the plan has ${measured === 0 ? 'none' : measured}.`,
      client: `${words.one} is not in the plan yet.`,
      why: [`A must of the brief: ${needed}; offered in this mode: ${measured}.`],
    }
  },
}
