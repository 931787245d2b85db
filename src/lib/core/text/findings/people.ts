import { capital, list } from '../words'
import { blockerName, the, type SentencesFor } from './kit'

/** Whom a height suits that does not suit another. */
const suiting = (suits: string | undefined): string => (suits === undefined ? '' : `; it suits the ${suits}`)

/** What rules about people say. */
export const PEOPLE_SENTENCES: SentencesFor<
  | 'bed-high'
  | 'berth-short'
  | 'berth-narrow'
  | 'berths-few'
  | 'table-few'
  | 'standing-low'
  | 'standing-nowhere'
  | 'figure-blocked'
  | 'sit-up-low'
  | 'climb-over'
  | 'rail-in-lining'
  | 'head-by-feet'
  | 'head-bump'
  | 'worktop-off'
  | 'basin-off'
  | 'seat-deep'
  | 'rail-low'
  | 'table-off'
  | 'seat-high'
  | 'bed-hole'
> = {
  'bed-high': ({ fittings, measured, needed, facts }, names, say) => ({
    title: 'Bed too high to get into',
    designer: `${capital(the(names.fitting(fittings[0]!)))} is ${say(measured)} ${facts.steps === 0 ? 'high with its mattress' : 'up from one step to the next'}; the ${facts.sleeper} gets onto ${say(needed)}.`,
    client: `The ${facts.sleeper} would have to climb into bed.`,
    why: [
      facts.mobility === 'stiff' || facts.mobility === 'free'
        ? `From the lined floor to the mattress’s top${facts.steps === 0 ? '' : `, by ${facts.steps} steps beside it, the highest rise`}: ${say(measured)}; ${facts.mobility === 'stiff' ? `a stiff knee sits down on ${say(needed)} and does not climb` : `one gets onto ${say(needed)} without a ladder`}.`
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
    why: [
      `${facts.widthsMm.map(say).join(' + ')}${facts.sleepers > 1 ? ` = ${say(needed)}` : ''} needed; ${say(measured)} there.`,
    ],
  }),
  'berths-few': ({ measured, needed }) => ({
    title: 'Not enough berths',
    designer: `${needed === 1 ? 'One sleeps' : `${needed} sleep`} in it and there ${measured === 1 ? 'is 1 place' : `are ${measured} places`} to lie.`,
    client: `There is nowhere to sleep for ${needed - measured} of you.`,
    why: [`Sleeping places of all berths in this mode: ${measured}; sleepers in the brief: ${needed}.`],
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
        `${say(facts.statureMm)} stature${facts.spareMm === 0 ? ', without shoes' : ` + ${say(facts.spareMm)} for shoes = ${say(needed)}`}; floor to what is overhead: ${say(measured)}; short by ${say(needed - measured)}.`,
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
  'figure-blocked': ({ measured, facts }, names, say) => {
    const by = list(facts.blockers.map((blocker) => blockerName(blocker, names)))
    return {
      title: 'No room for the body',
      designer: `The ${facts.who}, ${facts.pose}, meets ${by} by up to ${say(measured)}.`,
      client: `There is no room for the ${facts.who} to be ${facts.pose} there.`,
      why: [`The body as blocks by its measures; up to 60 mm gives, ${say(measured)} is more.`],
    }
  },
  'sit-up-low': ({ fittings, measured, needed, facts }, names, say) => ({
    title: 'Too low to sit up in bed',
    designer: `Over the mattress of ${the(names.fitting(fittings[0]!))} there ${measured === 1 ? 'is' : 'are'} ${say(measured)} at best, at the ${facts.end} end, to ${list(facts.blockers.map((blocker) => blockerName(blocker, names)))}; the ${facts.sleeper} wants ${say(needed)} to sit up.`,
    client: `The ${facts.sleeper} could not sit up in bed.`,
    why: [
      `Sitting height ${say(facts.sittingMm)} (0.520 × ${say(facts.statureMm)} stature unless measured) + ${say(facts.spareMm)} to spare − ${say(facts.pressedMm)} that the mattress gives = ${say(needed)}.`,
      `Tried over a trunk and a head at both ends of the bed, and a little down from them: ${say(measured)} at best.`,
    ],
  }),
  'climb-over': ({ fittings, measured }, names) => ({
    title: 'One climbs over the other',
    designer: `From ${the(names.fitting(fittings[0]!))} ${measured === 1 ? 'one sleeper gets' : `${measured} sleepers get`} out over another.`,
    client: 'Whoever sleeps inside wakes the other to get out.',
    why: ['Two side by side, with the way in along one long side only; from the foot each gets out alone.'],
  }),
  'rail-in-lining': ({ fittings }, names) => ({
    title: 'The grab rail does not hold',
    designer: `${capital(the(names.fitting(fittings[0]!)))} is fixed to the lining alone; it must be bolted into framing.`,
    client: 'The rail could come off in your hand.',
    why: ['A grab bar is to bear 1112 N (250 lbf); a lining of thin board does not.'],
  }),
  'head-by-feet': ({ measured, needed, facts }, _names, say) => ({
    title: 'A head by feet',
    designer: `The ${facts.sleeper}’s head lies ${say(measured)} from the ${facts.other}’s feet; ${say(needed)} keep them apart.`,
    client: `The ${facts.sleeper} would sleep by the ${facts.other}’s feet.`,
    why: [`Middle of the head to the middle of the feet: ${say(measured)}; at least ${say(needed)}.`],
  }),
  'head-bump': ({ fittings, measured, needed, facts }, names, say) => ({
    title: 'A knock on the head',
    designer: `Over ${the(facts.cabSeat === undefined ? names.fitting(fittings[0]!) : names.part(facts.cabSeat))} there are ${say(measured)} to ${facts.over === undefined ? 'the roof' : the(names.fitting(facts.over))}; the ${facts.person} sits ${say(facts.sittingMm)} high and needs ${say(needed)}.`,
    client: `The ${facts.person} would hit ${facts.over === undefined ? 'the roof' : the(names.fitting(facts.over))}.`,
    why: [
      `Sitting height ${say(facts.sittingMm)} + ${say(needed - facts.sittingMm)} to rise = ${say(needed)}; seat to what hangs over it: ${say(measured)}.`,
    ],
  }),
  'worktop-off': ({ fittings, measured, needed, facts }, names, say) => ({
    title: measured < needed ? 'The worktop is low' : 'The worktop is high',
    designer: `The worktop of ${the(names.fitting(fittings[0]!))} is ${say(measured)} high; the ${facts.person}, ${say(facts.statureMm)}, works well at ${say(facts.lowMm)} to ${say(facts.highMm)}${suiting(facts.suits)}.`,
    client: `The ${facts.person} would ${measured < needed ? 'stoop' : 'reach up'} to cook.`,
    why: [
      `Elbow of ${say(facts.statureMm)} stature, less ${say(facts.leastBelowMm)} to ${say(facts.mostBelowMm)} for light work, and ${say(facts.slackMm)} either way: ${say(facts.lowMm)} to ${say(facts.highMm)}; floor to worktop: ${say(measured)}.`,
      ...(facts.suits === undefined ? [] : [`Whoever cooks most should have it: name the cook in the brief.`]),
    ],
  }),
  'basin-off': ({ fittings, measured, needed, facts }, names, say) => ({
    title: measured < needed ? 'The basin is low' : 'The basin is high',
    designer: `The basin of ${the(names.fitting(fittings[0]!))} has its rim at ${say(measured)}; the ${facts.person}, ${say(facts.statureMm)}, washes well at ${say(facts.lowMm)} to ${say(facts.highMm)}${suiting(facts.suits)}.`,
    client: `The ${facts.person} would ${measured < needed ? 'stoop' : 'reach up'} to wash.`,
    why: [
      `Elbow of ${say(facts.statureMm)} stature, less ${say(facts.leastBelowMm)} to ${say(facts.mostBelowMm)} to wash, and ${say(facts.slackMm)} either way: ${say(facts.lowMm)} to ${say(facts.highMm)}; floor to rim: ${say(measured)}.`,
    ],
  }),
  'seat-deep': ({ fittings, measured, needed, facts }, names, say) => {
    const it = capital(the(names.fitting(fittings[0]!)))
    const shallow = measured < needed
    return {
      title: shallow ? 'A shallow seat' : 'A deep seat',
      designer: shallow
        ? `${it} is ${say(measured)} deep to sit on; ${say(needed)} bear the thighs.`
        : `${it} is ${say(measured)} deep to sit on; the ${facts.person}, ${say(facts.statureMm)}, leans back up to ${say(needed)}.`,
      client: shallow
        ? `${it} is a perch, no seat.`
        : `The ${facts.person} could not lean back with feet on the floor.`,
      why: [
        shallow
          ? `From its back cushion to its front: ${say(measured)}; at least ${say(needed)}.`
          : `From the back to the hollow of the knee ${say(facts.thighMm)} (0.290 of the stature where not measured), and ${say(needed - facts.thighMm)} that a loose cushion takes up: ${say(needed)}; from its back cushion to its front: ${say(measured)}.`,
      ],
    }
  },
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
  'table-off': ({ fittings, measured, needed, facts }, names, say) => ({
    title: measured < needed ? 'No room for knees' : 'The table is high for its seat',
    designer: `From the cushion of ${the(names.fitting(facts.seat))} to the top of ${the(names.fitting(fittings[0]!))} there are ${say(measured)}; ${measured < needed ? 'at least' : 'at most'} ${say(needed)} sit well.`,
    client: measured < needed ? 'Your knees would meet the table.' : 'The table would be under your chin.',
    why: [
      `Height of the top less height of the cushion: ${say(measured)}; ${measured < needed ? 'at least' : 'at most'} ${say(needed)}.`,
    ],
  }),
  'seat-high': ({ fittings, measured, needed, facts }, names, say) => ({
    title: 'Feet do not reach the floor',
    designer: `The cushion of ${the(names.fitting(fittings[0]!))} is ${say(measured)} up; the hollow of the ${facts.person}’s knee is at ${say(needed - facts.overKneeMm)}.`,
    client: `The ${facts.person}’s feet would not reach the floor.`,
    why: [
      `Hollow of the knee of the shortest adult, 0.245 of the stature where not measured: ${say(needed - facts.overKneeMm)}, + ${say(facts.overKneeMm)} for shoes and cushion = ${say(needed)}; the cushion: ${say(measured)}.`,
    ],
  }),
  'bed-hole': ({ fittings, measured, needed, facts }, names, say) => ({
    title: 'A hole in the bed',
    designer: `Beside ${the(names.fitting(fittings[0]!))} nothing is under ${say(measured)} by ${say(facts.longMm)} of the bed; up to ${say(needed)} a cushion bridges. Bring the benches nearer, make the board wider, or set them to one height.`,
    client: 'A leg would sink in between the cushions.',
    why: [
      `The bed is looked over every 20 mm for what lies within 30 mm of its top: the widest open place is ${say(measured)}, at most ${say(needed)}.`,
    ],
  }),
}
