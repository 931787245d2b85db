import type { Basis } from '../brief'
import type { Finding, FindingCode } from '../review'
import type { Access, Blocker, WaySide } from '../scene'
import { formatNumber, sayLength, type LengthUnit } from '../units'
import type { Names } from './names'
import type { FindingWords } from './finding-words'
import { sayHouse } from './house'
import { CLEARANCE_WORDS, FIXING_WORDS, SERVICE_WORDS, TASK_WORDS } from './fitting-words'
import { capital, CHANGE_WORDS, count, FACE_WORDS, list, NEED_WORDS, PURPOSE_WORDS } from './words'

type Say = (mm: number) => string
type Sentences<C extends FindingCode> = (
  finding: Extract<Finding, { code: C }>,
  names: Names,
  say: Say,
  unit: LengthUnit,
) => FindingWords

const lower = (text: string): string => text.charAt(0).toLowerCase() + text.slice(1)
const the = (text: string): string => (/^(the|a) /i.test(text) ? lower(text) : `the ${lower(text)}`)

const blockerName = (blocker: Blocker, names: Names): string =>
  blocker.kind === 'fitting'
    ? `${the(names.fitting(blocker.id))}${blocker.part === undefined ? '' : `’s ${blocker.part}`}`
    : blocker.kind === 'keep-out'
      ? the(names.part(blocker.id))
      : 'the body'

const accessName = (of: Access['of'], names: Names): string =>
  the(of.kind === 'fitting' ? names.fitting(of.id) : names.part(of.id))

const sideName = (side: WaySide, names: Names): string => {
  if (side.kind === 'fitting') return the(names.fitting(side.id))
  if (side.kind === 'keep-out') return the(names.part(side.id))
  return side.id === 'rear' ? 'the rear doors' : side.id === 'front' ? 'the bulkhead' : `the ${side.id} wall`
}

/** Where a way leads: two things by name, the rest by their number. */
const wayTo = (fittings: readonly string[], names: Names): string => {
  const all = fittings.map((id) => the(names.fitting(id)))
  return all.length <= 3 ? list(all) : list([...all.slice(0, 2), `${all.length - 2} more`])
}

const between = (sides: readonly WaySide[], names: Names): string =>
  sides.length === 0 ? '' : ` between ${list(sides.map((side) => sideName(side, names)))}`

const ALARM_WORDS = {
  smoke: 'smoke',
  monoxide: 'carbon monoxide',
  'leaking-gas': 'leaking gas',
} as const

const SENTENCES: { readonly [C in FindingCode]: Sentences<C> } = {
  'outside-shell': ({ fittings, measured, facts }, names, say) => {
    const it = the(names.fitting(fittings[0]!))
    const face = FACE_WORDS[facts.face]
    return {
      title: 'Does not fit the body',
      designer: `${capital(it)} goes ${say(measured)} through ${face}${facts.scribed ? ' at its front, which cannot be cut' : ''}.`,
      client: `${capital(it)} is ${say(measured)} too big for its place.`,
      why: [
        `The ${facts.part}’s worst corner lies ${say(measured)} outside the lined face, measured square to it; 0 is allowed.`,
        facts.scribed
          ? 'A scribed part may be cut behind; its front must stand whole.'
          : 'A rigid part must fit as it is.',
      ],
    }
  },
  overlap: ({ fittings, measured, facts }, names, say) => {
    const it = the(names.fitting(fittings[0]!))
    const other = blockerName(facts.other, names)
    return {
      title: 'Two things in one place',
      designer: `${capital(it)} and ${other} share ${say(measured)}.`,
      client: `${capital(it)} stands in ${other}.`,
      why: [
        `Least side of the space that the ${facts.part} and ${other} share: ${say(measured)}; they may touch, so 0 is allowed.`,
      ],
    }
  },
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
  'door-blocked': ({ fittings, measured, needed, facts }, names, say) => {
    const door = the(names.part(facts.openingId))
    const by = list(fittings.map((id) => the(names.fitting(id))))
    return {
      title: 'The way in is blocked',
      designer: `${capital(by)} leave${fittings.length > 1 ? '' : 's'} ${say(measured)} of ${door} free; ${say(needed)} must stay free.`,
      client: `You could not get in by ${door}.`,
      why: [
        `${capital(door)} is ${say(facts.wholeMm)} wide; the widest stretch with nothing within 300 mm behind it is ${say(measured)}.`,
      ],
    }
  },
  'bed-high': ({ fittings, measured, needed, facts }, names, say) => ({
    title: 'Bed too high to get into',
    designer: `${capital(the(names.fitting(fittings[0]!)))} is ${say(measured)} high with its mattress; the ${facts.sleeper} gets onto ${say(needed)}.`,
    client: `The ${facts.sleeper} would have to climb into bed.`,
    why: [
      facts.mobility === 'stiff'
        ? `From the lined floor to the mattress’s top: ${say(measured)}; a stiff knee sits down on ${say(needed)} and does not climb.`
        : `From the lined floor to the mattress’s top: ${say(measured)}; one moves over onto at most ${say(needed)}, as published for seats.`,
    ],
  }),
  'berth-short': ({ fittings, measured, needed, facts }, names, say) => ({
    title: 'Bed too short',
    designer: `${capital(the(names.fitting(fittings[0]!)))} is ${say(measured)} long${facts.along === 'y' ? ' across' : ''} at mattress height; the ${facts.sleeper}, ${say(facts.statureMm)}, needs ${say(needed)}.`,
    client: `The ${facts.sleeper} could not lie straight: the bed is ${say(needed - measured)} too short.`,
    why: [
      `${say(facts.statureMm)} stature + ${say(facts.spareMm)} to spare = ${say(needed)} needed; ${say(measured)} there; short by ${say(needed - measured)}.`,
    ],
  }),
  'berth-narrow': ({ fittings, measured, needed, facts }, names, say) => ({
    title: 'Bed too narrow',
    designer: `${capital(the(names.fitting(fittings[0]!)))} is ${say(measured)} wide; ${facts.sleepers === 1 ? 'one sleeper needs' : `${facts.sleepers} sleepers need`} ${say(needed)}.`,
    client: `The bed is ${say(needed - measured)} too narrow.`,
    why: [`${facts.sleepers} × ${say(facts.eachMm)} = ${say(needed)} needed; ${say(measured)} there.`],
  }),
  'berths-few': ({ measured, needed }) => ({
    title: 'Not enough berths',
    designer: `${needed} sleep in it and there ${measured === 1 ? 'is 1 place' : `are ${measured} places`} to lie.`,
    client: `There is nowhere to sleep for ${needed - measured} of you.`,
    why: [`Sleeping places of all berths in this mode: ${measured}; sleepers in the brief: ${needed}.`],
  }),
  'belts-few': ({ measured, needed, facts }) => ({
    title: 'Not enough belts',
    designer: `${needed} travel and there ${measured === 1 ? 'is 1 belted seat' : `are ${measured} belted seats`}.`,
    client: `${needed - measured} of you could not travel in it.`,
    why: [
      `${facts.cab} in the cab + ${facts.fitted} fitted = ${measured}; ${needed} needed. Belts and anchorages are work for a licensed fitter and subject to approval.`,
    ],
  }),
  'table-few': ({ measured, needed, facts }) => ({
    title: 'Not everyone at the table',
    designer: `${needed} want to eat together and there ${measured === 1 ? 'is 1 place' : `are ${measured} places`} at a table.`,
    client: `${needed - measured} of you would eat standing.`,
    why: [`Places along table edges at 550 mm each: ${measured}; ${needed} needed. Seats beside: ${facts.seats}.`],
  }),
  'standing-low': ({ fittings, measured, needed, facts }, names, say) => {
    const it = the(names.fitting(fittings[0]!))
    const place = facts.use === 'stand-inside' ? `in ${it}` : `at ${it}`
    const over =
      facts.under === 'roof'
        ? 'under the roof'
        : facts.use === 'stand-inside'
          ? 'under its top'
          : `under ${the(names.fitting(facts.under.fittingId))}`
    return {
      title: 'Cannot stand upright',
      designer: `Standing ${place} leaves ${say(measured)} ${over}; the ${facts.person}, ${say(facts.statureMm)}, needs ${say(needed)}.`,
      client: `The ${facts.person} would have to stoop ${place}.`,
      why: [
        `${say(facts.statureMm)} stature + ${say(facts.spareMm)} for shoes = ${say(needed)}; floor to what is overhead: ${say(measured)}; short by ${say(needed - measured)}.`,
      ],
    }
  },
  'standing-nowhere': ({ measured, needed, facts }, _names, say) => ({
    title: 'Nowhere to stand upright',
    designer: `The ${facts.person}, ${say(facts.statureMm)}, stands upright nowhere in this body: it leaves ${say(measured)} at its highest.`,
    client: `The ${facts.person} cannot stand upright in this vehicle.`,
    why: [
      `${say(facts.statureMm)} stature + ${say(facts.spareMm)} for shoes = ${say(needed)}; the most between lined floor and lined roof: ${say(measured)}; short by ${say(needed - measured)}. A higher roof is work for the body builder.`,
    ],
  }),
  'way-narrow': ({ fittings, measured, needed, facts }, names, say) => ({
    title: 'Narrow way',
    designer: `The way to ${wayTo(fittings, names)} narrows to ${say(measured)}${between(facts.between, names)}; ${facts.aid ? `the ${facts.person}, with wheelchair or walker, needs ${say(needed)}` : `the ${facts.person || 'tallest'}’s shoulders want ${say(needed)}`}.`,
    client: facts.aid
      ? `${capital(wayTo(fittings, names))} could not be reached with the wheelchair or walker.`
      : `You would go sideways to reach ${wayTo(fittings, names)}.`,
    why: [
      `${facts.aid ? `A route of ${say(needed)}, as published` : `Shoulder breadth 0.259 × ${say(facts.statureMm)} = ${say(needed)}`}; the widest way from the entrance is ${say(measured)} at its narrowest.`,
      `Free from 150 mm above the floor to shoulder height, to the ${list(facts.services.map((type) => SERVICE_WORDS[type]))}.`,
    ],
  }),
  'way-shut': ({ fittings, measured, needed, purpose, facts }, names, say) => ({
    title: 'No way through',
    designer:
      measured === 0
        ? `There is no way from the entrance to ${wayTo(fittings, names)} ${PURPOSE_WORDS[purpose]}.`
        : `The way to ${wayTo(fittings, names)} narrows to ${say(measured)}${between(facts.between, names)}; below ${say(needed)} no one sidles past.`,
    client: `You could not get to ${wayTo(fittings, names)} ${PURPOSE_WORDS[purpose]}.`,
    why: [
      `Widest way from any entrance, free from 150 mm above the floor to shoulder height: ${say(measured)}; at least ${say(facts.leastMm)} needed.`,
    ],
  }),
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
  'figure-blocked': ({ measured, facts }, names, say) => {
    const by = list(facts.blockers.map((blocker) => blockerName(blocker, names)))
    return {
      title: 'No room for the body',
      designer: `The ${facts.who}, ${facts.pose}, meets ${by} by up to ${say(measured)}.`,
      client: `There is no room for the ${facts.who} to be ${facts.pose} there.`,
      why: [`The body as blocks by its measures; up to 60 mm gives, ${say(measured)} is more.`],
    }
  },
  'turning-small': ({ measured, needed }, _names, say) => ({
    title: 'No room to turn',
    designer: `The largest free circle on the floor is ${say(measured)} across; the wheelchair turns in ${say(needed)}.`,
    client: `The wheelchair could not be turned round: ${say(needed - measured)} are missing.`,
    why: [`Twice the largest distance from anything that stands on the floor, on a grid of 25 mm: ${say(measured)}.`],
  }),
  'access-first': ({ measured, facts }, names) => {
    const what = TASK_WORDS[facts.task]
    const movedNames = list(facts.toMove.map(({ id }) => the(names.fitting(id))))
    return {
      title: 'Something must be moved first',
      designer: `${capital(accessName(facts.of, names))}: ${what}, ${count(measured, { one: 'thing is', many: 'things are' })} moved first: ${movedNames}.`,
      client: `Once in a while you move ${movedNames} ${what}.`,
      why: [
        `Room to get at it once in a while, held against all that stands there: ${movedNames} can be put in another stance or carried off.`,
      ],
    }
  },
  'access-blocked': ({ measured, needed, unit, facts }, names, say) => {
    const figure = (value: number) => (unit === 'deg' ? `${formatNumber(value)}°` : say(value))
    const what = TASK_WORDS[facts.task]
    const by = list([
      ...facts.blockers.map((blocker) => blockerName(blocker, names)),
      ...facts.toMove.map(({ id }) => the(names.fitting(id))),
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
  'loose-homeless': ({ fittings, measured, needed, facts }, names, say) => {
    const pieces = facts.count === 1 ? `The ${facts.part}` : `${facts.count} × the ${facts.part}`
    const whose = names.fitting(fittings[0]!)
    // a stool put away is a loose part by itself
    const of = whose.toLowerCase() === facts.part ? '' : ` of ${the(whose)}`
    return {
      title: 'A loose part has no place',
      designer: `${pieces}${of}, ${size(facts.size, say)}, ${facts.count === 1 ? 'has' : 'have'} no place in this mode${facts.alone ? ': a stowage would take it, but other things are in it' : measured === 0 ? ': no stowage takes it' : `: the longest stowage for its section takes ${say(measured)}`}.`,
      client: `The ${facts.part} would lie about.`,
      why: [
        `Not in use in this stance, so it was packed with the gear, biggest first: ${say(needed)} long, left over.`,
      ],
    }
  },
  'opening-missing': ({ fittings, needed, facts }, names, say) => ({
    title: 'An opening in the body is missing',
    designer: `${capital(the(names.fitting(fittings[0]!)))} needs an opening ${say(needed)} wide ${facts.through === 'roof' ? 'in the roof above it' : 'in the wall behind it'}${facts.task === 'air' ? '' : ` ${TASK_WORDS[facts.task]}`}; the body has none there.`,
    client: `${capital(the(names.fitting(fittings[0]!)))} needs a hole in the body that is not planned yet.`,
    why: [
      'Held against every door, window and hatch of the body with its changes: none holds the whole opening.',
      'Cutting the body is work for a licensed body shop; the maker’s body-builder guide and local codes rule.',
    ],
  }),
  'sit-up-low': ({ fittings, measured, needed, facts }, names, say) => ({
    title: 'Too low to sit up in bed',
    designer: `Over the mattress of ${the(names.fitting(fittings[0]!))} there ${measured === 1 ? 'is' : 'are'} ${say(measured)} to ${list(facts.blockers.map((blocker) => blockerName(blocker, names)))}; the ${facts.sleeper} sits ${say(needed)} high.`,
    client: `The ${facts.sleeper} could not sit up in bed.`,
    why: [
      `0.520 × ${say(facts.statureMm)} stature = ${say(needed)} sitting height; ${say(measured)} free over the head end.`,
    ],
  }),
  'climb-over': ({ fittings, measured }, names) => ({
    title: 'One climbs over the other',
    designer: `From ${the(names.fitting(fittings[0]!))} ${measured === 1 ? 'one sleeper gets' : `${measured} sleepers get`} out over another.`,
    client: 'Whoever sleeps inside wakes the other to get out.',
    why: ['Two side by side, with the way in along one long side only; from the foot each gets out alone.'],
  }),
  'mattress-damp': ({ fittings }, names) => ({
    title: 'The mattress cannot dry',
    designer: `The mattress of ${the(names.fitting(fittings[0]!))} lies on a closed board.`,
    client: 'The mattress would get damp from below.',
    why: ['Slats or a drilled board let air under it; a closed board lets none.'],
  }),
  'drawer-flies': ({ fittings, measured, needed }, names) => ({
    title: 'A drawer may fly out',
    designer: `The drawers of ${the(names.fitting(fittings[0]!))} carry ${measured} kg each and have no latch that locks; above ${needed} kg they need one.`,
    client: 'A heavy drawer could open in a bend.',
    why: [`${measured} kg in each drawer against ${needed} kg that a soft-close or a lip holds.`],
  }),
  'rail-in-lining': ({ fittings }, names) => ({
    title: 'The grab rail does not hold',
    designer: `${capital(the(names.fitting(fittings[0]!)))} is fixed to the lining alone; it must be bolted into framing.`,
    client: 'The rail could come off in your hand.',
    why: ['A grab bar is to bear 1112 N (250 lbf); a lining of thin board does not.'],
  }),
  'change-stuck': ({ fittings, facts }, names) => ({
    title: 'The change cannot be made',
    designer: `From ${names.mode(facts.fromMode)}, ${the(names.fitting(fittings[0]!))} cannot be moved: ${list(facts.by.map((id) => the(names.fitting(id))))} ${facts.by.length > 1 ? 'are' : 'is'} in its way and cannot go first.`,
    client: `${capital(the(names.fitting(fittings[0]!)))} could not be changed over.`,
    why: [
      'What it passes through on its way meets what stands there before and after every other move; no order of moves avoids it.',
    ],
  }),
  'fixing-drills': ({ fittings, measured, facts }, names) => ({
    title: 'It needs holes',
    designer:
      facts.how === undefined
        ? `How ${the(names.fitting(fittings[0]!))} is fixed is not said; this fit-out is to leave no holes.`
        : `${capital(the(names.fitting(fittings[0]!)))} is held by ${measured} × ${FIXING_WORDS[facts.how]}; this fit-out is to leave no holes.`,
    client: `${capital(the(names.fitting(fittings[0]!)))} would leave holes in the vehicle.`,
    why: [
      'The fit-out is marked to move to another vehicle: rails, the maker’s points, straps, or standing by itself.',
    ],
  }),
  'body-cut': ({ facts }) => ({
    title: 'The body is cut',
    designer: `${CHANGE_WORDS[facts.change]}: this fit-out is to leave the body as it is.`,
    client: 'A hole in the body stays when the furniture moves on.',
    why: ['The fit-out is marked to move to another vehicle.'],
  }),
  'gas-far': ({ fittings, measured, needed, facts }, names, say) => ({
    title: 'Gas far from its bottle',
    designer: `${capital(the(names.fitting(fittings[0]!)))} burns gas ${say(measured)} from ${the(names.fitting(facts.bottle))}; all gas belongs in one zone of ${say(needed)}.`,
    client: 'The gas line would run through half the vehicle.',
    why: [
      `Least distance between the two: ${say(measured)}; at most ${say(needed)}.`,
      'Gas lines are work for a licensed gas fitter, and are pressure-tested; local codes rule.',
    ],
  }),
  'gas-vent-high': ({ fittings, measured, needed }, names, say) => ({
    title: 'The gas locker cannot drain',
    designer: `${capital(the(names.fitting(fittings[0]!)))} stands ${say(measured)} over the floor; gas that leaks sinks into the space below and stays.`,
    client: 'Leaking gas could not flow out.',
    why: [
      `Its base over the lined floor: ${say(measured)}; at most ${say(needed)}, so that its vent goes down through the floor.`,
      'Sealed to the inside, vented at its lowest point: work for a licensed gas fitter; local codes rule.',
    ],
  }),
  'hob-beside': ({ fittings, measured, needed, facts }, names, say) => ({
    title: 'Too near the flame',
    designer: `${capital(the(names.fitting(facts.other)))} rises ${say(measured)} beside ${the(names.fitting(fittings[0]!))}; ${say(needed)} of air, or a splashback.`,
    client: `${capital(the(names.fitting(facts.other)))} could scorch beside the hob.`,
    why: [
      `Free air at the height of the pans: ${say(measured)}; needed ${say(needed)}. A splashback between counts as a heat-proof board; the hob maker’s sheet rules.`,
    ],
  }),
  'electrics-wet': ({ fittings, measured, needed, facts }, names, say) => ({
    title: 'Electrics near water',
    designer: `${capital(the(names.fitting(fittings[0]!)))} sits ${say(measured)} from ${the(names.fitting(facts.water))}; ${say(needed)} keep it dry.`,
    client: 'Water could reach the electrics.',
    why: [
      `Least distance between the two: ${say(measured)}; needed ${say(needed)}.`,
      'Batteries and mains can injure or kill: work for a licensed electrician; local codes rule.',
    ],
  }),
  'fuse-far': ({ fittings, measured, needed, facts }, names, say) => ({
    title: 'Fuses far from the battery',
    designer: `${capital(the(names.fitting(fittings[0]!)))} is ${say(measured)} from ${the(names.fitting(facts.battery))}; at most ${say(needed)}.`,
    client: 'A long cable would lie before its fuse.',
    why: [
      `Least distance between the two: ${say(measured)}; at most ${say(needed)}. The main fuse sits at the battery’s pole itself.`,
      'Work for a licensed electrician; local codes rule.',
    ],
  }),
  'air-one-way': ({ fittings, measured, needed, facts }, names, say) => ({
    title: 'Air goes out and none comes in',
    designer:
      facts.openings === 0
        ? `${capital(the(names.fitting(fittings[0]!)))} has no opening to draw from: it moves nothing.`
        : `The furthest opening that ${the(names.fitting(fittings[0]!))} can draw from is ${say(measured)} away; ${say(needed)} draw air across the space.`,
    client: 'The fan would run and the air would stand.',
    why: [
      `Other openings for air (fans, roof hatches, windows that open): ${facts.openings}; the furthest ${say(measured)} off, needed ${say(needed)}.`,
    ],
  }),
  'berth-airless': ({ fittings, measured, needed, facts }, names, say) => ({
    title: 'No air at the head',
    designer: `The ${facts.sleeper}’s head on ${the(names.fitting(fittings[0]!))} is ${say(measured)} from the next opening for air; within ${say(needed)} it is felt.`,
    client: `The ${facts.sleeper} would sleep in still air.`,
    why: [
      `From above, head to the nearest fan, roof hatch or window that opens: ${say(measured)}; at most ${say(needed)}.`,
    ],
  }),
  'hob-airless': ({ fittings, measured, needed }, names, say) => ({
    title: 'Steam stays in',
    designer: `The nearest fan, opening window or door is ${say(measured)} from ${the(names.fitting(fittings[0]!))}; ${say(needed)} take the steam out.`,
    client: 'Cooking would steam up the vehicle.',
    why: [`From above, the hob’s middle to the nearest opening: ${say(measured)}; at most ${say(needed)}.`],
  }),
  'head-noise': ({ measured, needed, facts }, names, say) => ({
    title: 'Noise at the pillow',
    designer: `The ${facts.sleeper}’s head lies ${say(measured)} from ${the(names.fitting(facts.source))}; ${say(needed)} keep it quiet.`,
    client: `The ${facts.sleeper} would hear ${the(names.fitting(facts.source))} all night.`,
    why: [`Head to the nearest part of it: ${say(measured)}; at least ${say(needed)}.`],
  }),
  'head-by-feet': ({ measured, needed, facts }, _names, say) => ({
    title: 'A head by feet',
    designer: `The ${facts.sleeper}’s head lies ${say(measured)} from the ${facts.other}’s feet; ${say(needed)} keep them apart.`,
    client: `The ${facts.sleeper} would sleep by the ${facts.other}’s feet.`,
    why: [`Middle of the head to the middle of the feet: ${say(measured)}; at least ${say(needed)}.`],
  }),
  'head-bump': ({ fittings, measured, needed, facts }, names, say) => ({
    title: 'A knock on the head',
    designer: `Over ${the(names.fitting(fittings[0]!))} there are ${say(measured)} to ${the(names.fitting(facts.over))}; the ${facts.person} sits ${say(facts.sittingMm)} high and needs ${say(needed)}.`,
    client: `The ${facts.person} would hit ${the(names.fitting(facts.over))}.`,
    why: [
      `Sitting height ${say(facts.sittingMm)} + ${say(needed - facts.sittingMm)} to rise = ${say(needed)}; seat to what hangs over it: ${say(measured)}.`,
    ],
  }),
  'worktop-off': ({ fittings, measured, needed, facts }, names, say) => ({
    title: measured < needed ? 'The worktop is low' : 'The worktop is high',
    designer: `The worktop of ${the(names.fitting(fittings[0]!))} is ${say(measured)} high; the ${facts.cook}, ${say(facts.statureMm)}, works well at ${say(facts.lowMm)} to ${say(facts.highMm)}.`,
    client: `The ${facts.cook} would ${measured < needed ? 'stoop' : 'reach up'} to cook.`,
    why: [
      `Elbow of ${say(facts.statureMm)} stature, less ${say(facts.leastBelowMm)} to ${say(facts.mostBelowMm)} for light work, and ${say(facts.slackMm)} either way: ${say(facts.lowMm)} to ${say(facts.highMm)}; floor to worktop: ${say(measured)}.`,
    ],
  }),
  'worktop-few': ({ measured, needed }, _names, say) => ({
    title: 'Little worktop to cook at',
    designer: `The longest free stretch of worktop while one cooks is ${say(measured)}; ${say(needed)} take a board and a pan.`,
    client: 'There is little room to cut and to put down.',
    why: [
      `Free and unbroken, what stands on it or hangs low over it taken away: ${say(measured)}; wanted ${say(needed)}, as the brief cooks daily.`,
    ],
  }),
  'cold-far': ({ fittings, measured, needed, facts }, names, say) => ({
    title: 'The cold box is a walk away',
    designer: `${capital(the(names.fitting(fittings[0]!)))} is ${say(measured)} from ${the(names.fitting(facts.hob))}; within ${say(needed)} it is a step.`,
    client: 'You would walk to the cold box while you cook.',
    why: [`Least distance between the two: ${say(measured)}; at most ${say(needed)}.`],
  }),
  'belt-sideways': ({ fittings, measured, needed, facts }, names) => ({
    title: 'Belted sideways',
    designer: `${capital(count(facts.places, { one: 'belt', many: 'belts' }))} of ${the(names.fitting(fittings[0]!))} ${facts.places === 1 ? 'looks' : 'look'} ${formatNumber(measured)}° off the way of travel; at most ${formatNumber(needed)}°.`,
    client: 'No one may travel on a seat that looks sideways.',
    why: [
      `Angle between the seat and the vehicle’s length: ${formatNumber(measured)}°; at most ${formatNumber(needed)}°.`,
      'Belts and their anchorages need approval: work for a licensed fitter; local codes rule.',
    ],
  }),
  'not-held': ({ fittings, measured, needed }, names) => ({
    title: 'Not held on the road',
    designer: `${capital(the(names.fitting(fittings[0]!)))}, ${formatNumber(measured)} kg empty, stands by itself on the road; over ${formatNumber(needed)} kg it is strapped.`,
    client: `${capital(the(names.fitting(fittings[0]!)))} would fly forward when you brake.`,
    why: [`Its boards and parts: ${formatNumber(measured)} kg; free to stand: up to ${formatNumber(needed)} kg.`],
  }),
  'exit-few': ({ measured, needed, facts }, names, say) => ({
    title: 'One way out',
    designer: `There ${measured === 1 ? 'is' : 'are'} ${count(measured, { one: 'way', many: 'ways' })} out of the sleeping space that a person gets through; ${needed} are needed.`,
    client: measured === 0 ? 'No one could get out at night.' : 'If that way is blocked, no one gets out at night.',
    why: [
      `Doors, roof hatches, windows that open and an open cab, at least ${say(facts.longMm)} × ${say(facts.shortMm)} of them free: ${facts.exits.length === 0 ? 'none' : list(facts.exits.map((id) => (id === 'cab' ? 'the cab' : the(names.part(id)))))}.`,
      'An emergency exit opens from inside without a tool; local codes rule.',
    ],
  }),
  'parking-high': ({ fittings, measured, needed, facts }, names, say) => ({
    title: 'Too high for where it parks',
    designer: `With ${the(names.fitting(fittings[0]!))} on the roof it is ${say(measured)} high; the client’s lowest bar is ${say(needed)}.`,
    client: 'It would not fit where you park.',
    why: [
      `Load floor over the ground ${say(facts.floorMm)}, top of ${the(names.fitting(fittings[0]!))} over it ${say(measured - facts.floorMm)}: together ${say(measured)}; the bare vehicle is ${say(facts.outerMm)}.`,
      'Empty and on level ground: measure it before you trust it.',
    ],
  }),
  'ground-low': ({ fittings, measured, needed, facts }, names, say) => ({
    title: 'Hangs lower than the vehicle',
    designer: `${capital(the(names.fitting(fittings[0]!)))} leaves ${say(measured)} to the ground; the vehicle itself clears ${say(needed)}.`,
    client: `${capital(the(names.fitting(fittings[0]!)))} would touch where the vehicle does not.`,
    why: [
      `Load floor over the ground ${say(facts.floorMm)} less what hangs below it ${say(facts.floorMm - measured)}: ${say(measured)}.`,
    ],
  }),
  'stealth-seen': ({ measured, needed, facts }) => ({
    title: 'It shows from outside',
    designer: `${capital(count(measured, { one: 'mark', many: 'marks' }))} can be seen from outside; the brief wants to stand unseen, at most ${formatNumber(needed)}.`,
    client: 'One sees that someone lives in it.',
    why: [
      `On the roof or outside: ${formatNumber(measured - facts.changes)}; changes to the body: ${formatNumber(facts.changes)}.`,
    ],
  }),
  'awning-away': ({ fittings, measured, facts }, names, say) => ({
    title: 'The awning hangs beside the door',
    designer:
      facts.doors === 0
        ? `${capital(the(names.fitting(fittings[0]!)))} hangs on the ${facts.side}, where there is no door.`
        : `${capital(the(names.fitting(fittings[0]!)))} on the ${facts.side} is ${say(measured)} from the next door of that side.`,
    client: 'You would step out into the rain.',
    why: [
      facts.doors === 0
        ? `Doors on the ${facts.side}: none.`
        : `Along the vehicle, from its end to the nearest edge of a door on the ${facts.side}: ${say(measured)}; 0 is over it.`,
    ],
  }),
  'resale-short': ({ measured, needed }, _names, say) => ({
    title: 'No bed that counts',
    designer: `The longest bed is ${say(measured)}; ${say(needed)} are asked of a motor caravan, and the brief thinks of selling.`,
    client: 'It might not be registered as a motor caravan for its next owner.',
    why: [`Longest mattress at night: ${say(measured)}; ${say(needed)} needed. Other countries ask other things.`],
  }),
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
  'no-passing': ({ measured, needed, facts }, _names, say) => ({
    title: 'No place to pass',
    designer: `The largest free circle of floor is ${say(measured)}; ${say(needed)} let one stand aside for the other.`,
    client: `The ${facts.people} of you could not pass one another.`,
    why: [
      `Shoulders of the broadest and a body’s depth: ${say(needed)}; the largest free circle inside: ${say(measured)}.`,
    ],
  }),
  'hangs-free': ({ fittings, measured }, names, say) => ({
    title: 'Hangs in the air',
    designer: `${capital(the(names.fitting(fittings[0]!)))} is ${say(measured)} over the floor, and nothing holds it.`,
    client: `${capital(the(names.fitting(fittings[0]!)))} has nothing to stand or hang on.`,
    why: ['Within 60 mm below, beside or behind it there is no floor, wall, roof or other fitting.'],
  }),
  'alarm-missing': ({ facts }) => ({
    title: 'An alarm is missing',
    designer: `There is no alarm for ${ALARM_WORDS[facts.senses]}.`,
    client: `Nothing would warn you of ${ALARM_WORDS[facts.senses]}.`,
    why: [`Asked for by what is aboard: 1 alarm for ${ALARM_WORDS[facts.senses]}; drawn: 0.`],
  }),
  'alarm-misplaced': ({ fittings, measured, needed, facts }, names, say) => {
    const it = the(names.fitting(fittings[0]!))
    const from = {
      smoke: 'under the roof',
      monoxide: 'above or below the nearest sleeper’s head',
      'leaking-gas': 'over the floor',
    }[facts.senses]
    return {
      title: 'An alarm in the wrong place',
      designer: `${capital(it)} for ${ALARM_WORDS[facts.senses]} is ${say(measured)} ${from}; at most ${say(needed)} is where it would sense it.`,
      client: `The alarm for ${ALARM_WORDS[facts.senses]} hangs where it would be late.`,
      why: [
        facts.senses === 'smoke'
          ? 'Smoke rises and fills from the roof down.'
          : facts.senses === 'leaking-gas'
            ? 'Bottled gas is heavier than air and fills from the floor up.'
            : 'Carbon monoxide mixes with the air that one breathes.',
        `Measured ${say(measured)} ${from}; at most ${say(needed)}.`,
      ],
    }
  },
  'extinguisher-far': ({ measured, needed, facts }, _names, say) => ({
    title: 'The extinguisher is far',
    designer: `The extinguisher is ${say(measured)} from ${facts.from === 'exit' ? 'the nearest exit' : 'the nearest pillow'}; at most ${say(needed)}.`,
    client: 'You would have to look for the extinguisher.',
    why: [
      `Straight from it to ${facts.from === 'exit' ? 'the nearest door that must stay free' : 'the nearest head'}: ${say(measured)}; at most ${say(needed)}.`,
    ],
  }),
  'light-none': ({ facts }, _names, say) => ({
    title: 'No light to read by',
    designer: `Within ${say(facts.nearMm)} of the ${facts.sleeper}’s head there is no reading light.`,
    client: `The ${facts.sleeper} has no light to read by.`,
    why: [`Reading lights within ${say(facts.nearMm)} of the head: 0; wanted: 1.`],
  }),
  'light-on': ({ fittings }, names) => ({
    title: 'A light that wakes',
    designer: `${capital(the(names.fitting(fittings[0]!)))} by the door has no switch of its own.`,
    client: 'Whoever goes out at night lights up everyone.',
    why: ['A light that only the door works cannot be put out; wanted: 1 switch.'],
  }),
  'inlets-live': ({ measured }) => ({
    title: 'More than one live inlet',
    designer: `Mains comes in at ${formatNumber(measured)} places; with one plugged in, the pins of the other are live.`,
    client: 'An open plug could be live. This is a danger to life.',
    why: [`Inlets for the mains: ${formatNumber(measured)}; at most 1. A licensed electrician decides how.`],
  }),
  'hook-up-at-door': ({ measured, needed, facts }, names, say) => ({
    title: 'The cable lies at the door',
    designer: `The inlet for the mains is ${say(measured)} beside ${the(names.part(facts.openingId))}; ${say(needed)} keep the cable out of the way.`,
    client: 'You would step over the cable.',
    why: [`Along the side from the inlet to the door: ${say(measured)}; at least ${say(needed)}.`],
  }),
  'fill-dirty': ({ measured, needed, facts }, names, say) => ({
    title: 'Clean water beside waste',
    designer: `The filler for water is ${say(measured)} from ${the(names.fitting(facts.other))}; at least ${say(needed)}.`,
    client: 'You would fill clean water where waste comes out.',
    why: [`Straight from the filler to ${the(names.fitting(facts.other))}: ${say(measured)}; at least ${say(needed)}.`],
  }),
  'berth-cold': ({ fittings, measured, needed, facts }, names, say) => ({
    title: 'A bed against a cold wall',
    designer: `${capital(the(names.fitting(fittings[0]!)))}’s mattress is ${say(facts.gapMm)} from a wall of ${formatNumber(measured, 2)} W/m²K; over ${formatNumber(needed, 2)} it gets damp there.`,
    client: 'The mattress would get damp at the wall.',
    why: [
      `U-value of the wall as it is lined: ${formatNumber(measured, 2)} W/m²K; at most ${formatNumber(needed, 2)}.`,
      `From the mattress to the wall: ${say(facts.gapMm)}.`,
    ],
  }),
  'step-high': ({ measured, needed, facts }, _names, say) => ({
    title: 'A high step in',
    designer: `The highest of ${count(facts.steps, { one: 'step', many: 'steps' })} at the entrance is ${say(measured)}; the ${facts.person} takes ${say(needed)}.`,
    client: `The ${facts.person} could not get in without a stool or a hand.`,
    why: [
      `From the ground to the lined floor by way of the steps that are out, the highest: ${say(measured)}; at most ${say(needed)}.`,
    ],
  }),
  'pet-step-high': ({ measured, needed, facts }, _names, say) => ({
    title: 'Too high for the pet',
    designer: `The highest step at the entrance is ${say(measured)}; the ${facts.pet} takes ${say(needed)}.`,
    client: `The ${facts.pet} must be lifted in.`,
    why: [`The brief says of the ${facts.pet}: ${say(needed)} at most; the highest step: ${say(measured)}.`],
  }),
  'rail-low': ({ fittings, measured, needed, facts }, names, say) => {
    const it = the(names.fitting(fittings[0]!))
    return {
      title: measured === 0 ? 'No rail at a high bed' : 'A low rail at a high bed',
      designer: `${capital(it)} is ${say(facts.overFloorMm)} up${facts.child === undefined ? '' : ` and the ${facts.child} sleeps in it`}; its rail is ${measured === 0 ? 'missing' : `${say(measured)} over the mattress`}, ${say(needed)} keep one in.`,
      client: `The ${facts.child ?? 'sleeper'} could fall out of bed.`,
      why: [
        `Rail over the mattress: ${say(measured)}; at least ${say(needed)} on a bed that is ${say(facts.overFloorMm)} up.`,
      ],
    }
  },
  'reserve-missing': ({ measured, needed, facts }) => {
    const what = { berth: 'berth', belt: 'belted seat', battery: 'place for a second battery' }[facts.what]
    return {
      title: 'No room for what is to come',
      designer: `The brief foresees one more ${what}: ${formatNumber(needed)} wanted, ${formatNumber(measured)} there.`,
      client: `There is no ${what} for later.`,
      why: [`Wanted with the one to come: ${formatNumber(needed)}; there: ${formatNumber(measured)}.`],
    }
  },
  'carry-stuck': ({ fittings, measured, needed, facts }, names, say) => ({
    title: 'Does not go in by a door',
    designer: `${capital(the(names.fitting(fittings[0]!)))} is ${say(needed)} long; of its section, ${say(facts.wideMm)} by ${say(facts.thickMm)}, the longest that goes in by a door is ${say(measured)}.`,
    client: `${capital(the(names.fitting(fittings[0]!)))} could not be carried in whole.`,
    why: [
      `Pushed straight through each door and turned once inside: at most ${say(measured)}; it is ${say(needed)}.`,
      'It may go in before the cab’s bulkhead, a window or a door leaf is fitted, or come in parts.',
    ],
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
  'table-off': ({ fittings, measured, needed, facts }, names, say) => ({
    title: measured < needed ? 'No room for knees' : 'The table is high for its seat',
    designer: `From the cushion of ${the(names.fitting(facts.seat))} to the top of ${the(names.fitting(fittings[0]!))} there are ${say(measured)}; ${measured < needed ? 'at least' : 'at most'} ${say(needed)} sit well.`,
    client: measured < needed ? 'Your knees would meet the table.' : 'The table would be under your chin.',
    why: [
      `Height of the top less height of the cushion: ${say(measured)}; ${measured < needed ? 'at least' : 'at most'} ${say(needed)}.`,
    ],
  }),
  'drain-flat': ({ fittings, measured, needed, facts }, names, say) => ({
    title: 'Waste water does not run off',
    designer: `From ${the(names.fitting(fittings[0]!))} to ${the(names.fitting(facts.tank))} there are ${say(measured)} of fall; its length of pipe needs ${say(needed)}.`,
    client: 'Water would stand in the tray.',
    why: [
      `${say(facts.fallMm)} for each metre between their middles: ${say(needed)}; outlet over the tank’s top: ${say(measured)}.`,
    ],
  }),
  'heater-near': ({ fittings, measured, needed, facts }, names, say) => {
    const to = the(facts.to.kind === 'fitting' ? names.fitting(facts.to.id) : names.part(facts.to.id))
    return {
      title: 'The heater is near',
      designer: `${capital(the(names.fitting(fittings[0]!)))} is ${say(measured)} from ${to}; at least ${say(needed)}.`,
      client: 'Exhaust or heat could come where it should not.',
      why: [
        `${facts.to.kind === 'fitting' ? 'Straight between them' : 'Along the side from its middle, where the flue goes out'}: ${say(measured)}; at least ${say(needed)}.`,
        'The maker’s sheet and a licensed fitter decide where intake and exhaust go.',
      ],
    }
  },
  'battery-gases': ({ measured, needed, facts }, _names, say) => ({
    title: 'A lead battery by a head',
    designer: `A lead battery stands ${say(measured)} from the ${facts.sleeper}’s head; ${say(needed)}, or a box with a vent to the outside.`,
    client: 'The battery would gas beside your head.',
    why: [`Straight from the battery to the head: ${say(measured)}; at least ${say(needed)}.`],
  }),
  'view-blocked': ({ fittings, measured }, names, say) => ({
    title: 'In front of those in front',
    designer: `On the road ${the(names.fitting(fittings[0]!))} reaches ${say(measured)} into where one looks out and airbags unfold.`,
    client: 'Something is in the driver’s way.',
    why: [
      `Least side of the room that it shares with the space over and ahead of a cab seat: ${say(measured)}; 0 is allowed.`,
    ],
  }),
  'belt-unfounded': ({ fittings, measured, needed }, names, say) => ({
    title: 'Belts without structure below',
    designer: `${capital(the(names.fitting(fittings[0]!)))} stands ${say(measured)} from the nearest seat rail or point in the floor; at most ${say(needed)}.`,
    client: 'The belts might not hold: a licensed fitter must look at the floor.',
    why: [`In plan, from its foot to the nearest rail or point: ${say(measured)}; at most ${say(needed)}.`],
  }),
  'drawer-dead': ({ fittings, measured, needed, facts }, names, say) => ({
    title: 'A dead end in the drawers',
    designer: `${capital(the(names.fitting(fittings[0]!)))} run out ${formatNumber(facts.extension * 100)} % of their depth: ${say(measured)} stay dead, ${say(needed)} a hand still reaches. A lid or a door from the other side would use it.`,
    client: 'You would not reach what lies at the back.',
    why: [`Depth less the run: ${say(measured)}; at most ${say(needed)}.`],
  }),
  'hung-weakly': ({ fittings, measured, needed, facts }, names) => ({
    title: 'Hangs by too little',
    designer: `${capital(the(names.fitting(fittings[0]!)))}, filled about ${formatNumber(facts.kg)} kg, hangs on ${count(measured, { one: 'point', many: 'points' })} in structure; ${formatNumber(needed)} are needed.`,
    client: `${capital(the(names.fitting(fittings[0]!)))} could come down.`,
    why: [
      `${formatNumber(facts.kg)} kg at ${formatNumber(facts.pointKg)} kg on each point: ${formatNumber(needed)}, never fewer than 2; straps and standing do not count.`,
    ],
  }),
  'seats-few': ({ measured, needed }) => ({
    title: 'Too few dry seats',
    designer: `${formatNumber(needed)} live in it and ${formatNumber(measured)} can sit inside.`,
    client: 'On a wet day not everyone could sit inside.',
    why: [
      `Seats, turned cab seats, and two on the edge of each bed that is made by day: ${formatNumber(measured)}; people: ${formatNumber(needed)}.`,
    ],
  }),
  'daily-behind': ({ fittings, measured, needed, facts }, names, say) => ({
    title: 'Daily behind seldom',
    designer: `${facts.daily} and ${facts.seldom} share ${the(names.fitting(fittings[0]!))}, which is ${say(measured)} deep: one lies behind the other.`,
    client: `You would unpack ${facts.seldom} to get at ${facts.daily}.`,
    why: [`Its lesser side from above: ${say(measured)}; an arm reaches ${say(needed)} over something.`],
  }),
  'seat-high': ({ fittings, measured, needed, facts }, names, say) => ({
    title: 'Feet do not reach the floor',
    designer: `The cushion of ${the(names.fitting(fittings[0]!))} is ${say(measured)} up; the ${facts.person}’s knees are at ${say(needed - facts.overKneeMm)}.`,
    client: `The ${facts.person}’s feet would not reach the floor.`,
    why: [
      `Knee of the shortest adult ${say(needed - facts.overKneeMm)} + ${say(facts.overKneeMm)} for shoes and cushion = ${say(needed)}; the cushion: ${say(measured)}.`,
    ],
  }),
  'window-covered': ({ fittings, measured, needed, facts }, names) => ({
    title: 'A window that cannot be opened',
    designer: `${capital(list(fittings.map((id) => the(names.fitting(id)))))} ${fittings.length === 1 ? 'stands' : 'stand'} before ${the(names.part(facts.openingId))}: ${formatNumber(measured)} % of it stay free, ${formatNumber(needed)} % are wanted.`,
    client: `You could not open ${the(names.part(facts.openingId))}.`,
    why: [`Share of the pane with nothing before it: ${formatNumber(measured)} %; at least ${formatNumber(needed)} %.`],
  }),
  'transfer-small': ({ fittings, measured, needed, facts }, names, say) => ({
    title: 'No room to move over',
    designer: `Beside ${the(names.fitting(fittings[0]!))} there are ${say(measured)} of ${say(needed)} for the ${facts.person}’s chair${facts.blockers.length === 0 ? '' : `, stopped by ${list(facts.blockers.map((blocker) => blockerName(blocker, names)))}`}.`,
    client: `The ${facts.person} could not move over to ${the(names.fitting(fittings[0]!))}.`,
    why: [`A chair’s clear floor is ${say(needed)} wide; free where one gets at it: ${say(measured)}.`],
  }),
  house: (finding, names, _say, unit) => sayHouse(finding, names, unit),
  'service-missing': ({ measured, needed, unit, facts }) => {
    const words = NEED_WORDS[facts.need]
    return unit === 'litres'
      ? {
          title: 'Not enough water',
          designer: `The tanks hold ${measured} L; the brief asks for ${needed} L.`,
          client: `The water would not last as long as you stay.`,
          why: [`Sum of all tanks: ${measured} L; wanted: ${needed} L.`],
        }
      : {
          title: `${words.one} is missing`,
          designer: `The brief asks for ${count(needed, { one: lower(words.one), many: lower(words.many) })}; the plan has ${measured === 0 ? 'none' : measured}.`,
          client: `${words.one} is not in the plan yet.`,
          why: [`A must of the brief: ${needed}; offered in this mode: ${measured}.`],
        }
  },
}

const size = (sides: readonly number[], say: Say): string => sides.map(say).join(' × ')

/** The words of a finding, in the units of the screen. */
export function sayFinding(finding: Finding, names: Names, unit: LengthUnit): FindingWords {
  const sentences = SENTENCES[finding.code] as Sentences<FindingCode>
  return sentences(finding as never, names, (mm) => sayLength(mm, unit), unit)
}

/** Where a figure comes from, in words. */
export function sayBasis(basis: Basis): string {
  switch (basis.kind) {
    case 'practice':
      return `Common practice, no source: ${basis.note}.`
    case 'source':
      return `Source: ${basis.note}.`
    case 'geometry':
      return `Geometry: ${basis.note}.`
    case 'brief':
      return `From the brief: ${basis.note}.`
  }
}
