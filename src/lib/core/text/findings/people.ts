import { capital, count, countWords, list, ofIt, orNone, person } from '../grammar'
import { blockerName, itOf, range, type SentencesFor, tall, upTo } from './kit'

/** Whom a height suits that does not suit another. */
const suiting = (suits: string | undefined): string =>
  suits === undefined ? '' : `; the present height suits ${person(suits)}`

const NO_ROOM = {
  standing: 'No room to stand there',
  sitting: 'No room to sit there',
  lying: 'No room to lie there',
  working: 'No room to work there',
} as const

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
  'bed-high': (finding, names, say) => {
    const { measured, needed, facts } = finding
    const who = person(facts.sleeper)
    const walks = facts.mobility === 'stiff' || facts.mobility === 'free'
    return {
      title: 'Bed too high to get into',
      designer: `${capital(itOf(finding, names))} ${facts.steps === 0 ? `is ${say(measured)} high, mattress included` : `has a step of ${say(measured)} up to it`}; ${who} can get onto ${say(needed)} at most.`,
      client: `${capital(who)} would have to climb into bed.`,
      why: [
        walks
          ? `From the lined floor to the top of the mattress${facts.steps === 0 ? '' : `, by ${count(facts.steps, { one: 'step', many: 'steps' })} beside it, the highest rise`}: ${say(measured)}; ${facts.mobility === 'stiff' ? `with stiff knees ${say(needed)} is the most to sit down on, without climbing` : `${say(needed)} is the most without a ladder`}.`
          : `From the lined floor to the top of the mattress: ${say(measured)}; to transfer from a wheelchair, ${say(needed)} at most, as published for seats.`,
      ],
    }
  },
  'berth-short': (finding, names, say) => {
    const { measured, needed, facts } = finding
    const who = person(facts.sleeper)
    return {
      title: 'Bed too short',
      designer: `${capital(itOf(finding, names))} is ${say(measured)} long at mattress height; ${who}${tall(facts.statureMm, say)} needs ${say.need(needed)}.`,
      client: `${capital(who)} could not lie straight: the bed is ${say(needed - measured)} too short.`,
      why: [
        `${say(facts.statureMm)} tall + ${say(facts.spareMm)} to spare = ${say.need(needed)} needed; ${say(measured)} is there${facts.along === 'y' ? ', across the vehicle' : ''}; ${say(needed - measured)} too short.`,
      ],
    }
  },
  'berth-narrow': (finding, names, say) => {
    const { measured, needed, facts } = finding
    return {
      title: 'Bed too narrow',
      designer: `${capital(itOf(finding, names))} is ${say(measured)} wide; ${facts.sleepers === 1 ? 'one sleeper needs' : `${facts.sleepers} sleepers need`} ${say.need(needed)}.`,
      client: `The bed is ${say(needed - measured)} too narrow.`,
      why: [
        `${facts.widthsMm.map(say).join(' + ')}${facts.sleepers > 1 ? ` = ${say.need(needed)}` : ''} needed; ${say(measured)} is there.`,
      ],
    }
  },
  'berths-few': ({ measured, needed }) => ({
    title: 'Too few berths',
    designer: `Berths: ${orNone(measured)}. People who sleep in it: ${needed}.`,
    client: `${capital(countWords(needed - measured, { one: 'of you would have', many: 'of you would have' }))} nowhere to sleep.`,
    why: [`Berths in this mode: ${orNone(measured)}; sleepers in the brief: ${needed}.`],
  }),
  'table-few': ({ measured, needed, facts }, _names, say) => ({
    title: 'Not everyone fits at the table',
    designer: `Places at the table: ${orNone(measured)}. People who eat together: ${needed}.`,
    client: `${capital(countWords(needed - measured, { one: 'of you would have', many: 'of you would have' }))} no place at the table.`,
    why: [
      `Places along table edges at ${say(550)} each: ${orNone(measured)}; needed: ${needed}. Seats beside them: ${orNone(facts.seats)}.`,
    ],
  }),
  'standing-low': (finding, names, say) => {
    const { measured, needed, facts } = finding
    const it = itOf(finding, names)
    const who = person(facts.person)
    const place = facts.use === 'stand-inside' ? `in ${it}` : `at ${it}`
    const over = facts.under === 'roof' ? 'under the roof' : `under ${names.the(facts.under.fittingId)}`
    return {
      title: 'Too little headroom',
      designer: `${facts.use === 'stand-inside' ? `${capital(it)} has ${say(measured)} of headroom` : `The headroom ${place} is ${say(measured)} ${over}`}; ${who}${tall(facts.statureMm, say)} needs ${say.need(needed)}.`,
      client: `${capital(who)} would have to stoop ${place}.`,
      why: [
        `${say(facts.statureMm)} tall${facts.spareMm === 0 ? ', without shoes' : ` + ${say(facts.spareMm)} for shoes = ${say.need(needed)}`}; from the floor to what is overhead: ${say(measured)}; ${say(needed - measured)} too low.`,
      ],
    }
  },
  'standing-nowhere': ({ measured, needed, facts }, _names, say) => {
    const who = person(facts.person)
    return {
      title: 'No standing headroom',
      designer: `${capital(who)}${tall(facts.statureMm, say)} cannot stand up anywhere in this vehicle: the most headroom is ${say(measured)}.`,
      client: `${capital(who)} could not stand up in this vehicle.`,
      why: [
        `${say(facts.statureMm)} tall + ${say(facts.spareMm)} for shoes = ${say.need(needed)}; the most between lined floor and lined roof: ${say(measured)}; ${say(needed - measured)} too low. A higher roof is work for a body builder.`,
      ],
    }
  },
  'figure-blocked': ({ measured, facts }, names, say) => {
    const by = list([...new Set(facts.blockers.map((blocker) => blockerName(blocker, names)))])
    const who = person(facts.who)
    return {
      title: NO_ROOM[facts.pose],
      designer: `${capital(who)}, ${facts.pose}, runs ${say(measured)} into ${by}.`,
      client: `There is no room for ${who} ${facts.pose} there.`,
      why: [
        `The figure is drawn as blocks from its measurements; an overlap of up to ${say(60)} is let pass, and this is ${say(measured)}.`,
      ],
    }
  },
  'sit-up-low': (finding, names, say) => {
    const { measured, needed, facts } = finding
    const who = person(facts.sleeper)
    return {
      title: 'Too low to sit up in bed',
      designer: `Above the mattress of ${itOf(finding, names)} ${say(measured)} is clear at best, at the ${facts.end} end${upTo(facts.blockers, names)}; to sit up ${who} needs ${say.need(needed)}.`,
      client: `${capital(who)} could not sit up in bed.`,
      why: [
        `Sitting height ${say(facts.sittingMm)} (0.520 × ${say(facts.statureMm)}, unless measured) + ${say(facts.spareMm)} to spare − ${say(facts.pressedMm)} that the mattress gives = ${say.need(needed)}.`,
        `Tried over a trunk and a head at both ends of the bed, and a little down from them: ${say(measured)} at best.`,
      ],
    }
  },
  'climb-over': (finding, names) => ({
    title: 'Climbing over each other',
    designer: `${finding.measured === 1 ? 'One sleeper can' : `${finding.measured} sleepers can`} only get out of ${itOf(finding, names)} over another.`,
    client: 'Whoever sleeps by the wall has to climb over the other to get out.',
    why: ['Two side by side, with the way in along one long side only; from the foot each gets out alone.'],
  }),
  'rail-in-lining': (finding, names) => ({
    title: 'Grab rail fixed to lining only',
    designer: `${capital(itOf(finding, names))} is fixed to the lining alone; it must be bolted into framing.`,
    client: 'The rail could come off in your hand.',
    why: ['A grab bar has to hold 1112 N (250 lbf); a lining of thin board does not.'],
  }),
  'head-by-feet': ({ measured, needed, facts }, _names, say) => ({
    title: 'Head next to feet',
    designer: `${capital(ofIt(person(facts.sleeper), 'head'))} lies ${say(measured)} from ${ofIt(person(facts.other), 'feet')}; at least ${say.need(needed)} is needed.`,
    client: `${capital(person(facts.sleeper))} would sleep next to ${ofIt(person(facts.other), 'feet')}.`,
    why: [`From the middle of the head to the middle of the feet: ${say(measured)}; at least ${say.need(needed)}.`],
  }),
  'head-bump': (finding, names, say) => {
    const { measured, needed, facts } = finding
    const seat = facts.cabSeat === undefined ? itOf(finding, names) : names.thePart(facts.cabSeat)
    const over = facts.over === undefined ? 'the roof' : names.the(facts.over)
    const who = person(facts.person)
    return {
      title: 'Too little headroom over the seat',
      designer: `Between ${seat} and ${over} there is ${say(measured)}; sitting, ${who} needs ${say.need(needed)}.`,
      client: `${capital(who)} would hit ${over} when sitting down or getting up.`,
      why: [
        `Sitting height ${say(facts.sittingMm)} + ${say(needed - facts.sittingMm)} to rise = ${say.need(needed)}; from the seat to what is over it: ${say(measured)}.`,
      ],
    }
  },
  'worktop-off': (finding, names, say) => {
    const { measured, needed, facts } = finding
    const who = person(facts.person)
    return {
      title: measured < needed ? 'Worktop too low' : 'Worktop too high',
      designer: `The worktop of ${itOf(finding, names)} is ${say(measured)} high; for ${who}${tall(facts.statureMm, say)} ${range(facts.lowMm, facts.highMm, say)} works best${suiting(facts.suits)}.`,
      client: `${capital(who)} would have to ${measured < needed ? 'stoop' : 'reach up'} to cook.`,
      why: [
        `Elbow height of someone ${say(facts.statureMm)} tall, less ${range(facts.leastBelowMm, facts.mostBelowMm, say)} for light work, and ${say(facts.slackMm)} either way: ${range(facts.lowMm, facts.highMm, say)}; from the floor to the worktop: ${say(measured)}.`,
        ...(facts.suits === undefined ? [] : ['Whoever cooks most should decide: name the cook in the brief.']),
      ],
    }
  },
  'basin-off': (finding, names, say) => {
    const { measured, needed, facts } = finding
    const who = person(facts.person)
    return {
      title: measured < needed ? 'Basin too low' : 'Basin too high',
      designer: `The rim of the basin at ${itOf(finding, names)} is ${say(measured)} high; for ${who}${tall(facts.statureMm, say)} ${range(facts.lowMm, facts.highMm, say)} works best${suiting(facts.suits)}.`,
      client: `${capital(who)} would have to ${measured < needed ? 'stoop' : 'reach up'} to wash.`,
      why: [
        `Elbow height of someone ${say(facts.statureMm)} tall, less ${range(facts.leastBelowMm, facts.mostBelowMm, say)} to wash, and ${say(facts.slackMm)} either way: ${range(facts.lowMm, facts.highMm, say)}; from the floor to the rim: ${say(measured)}.`,
      ],
    }
  },
  'seat-deep': (finding, names, say) => {
    const { measured, needed, facts } = finding
    const it = itOf(finding, names)
    const who = person(facts.person)
    const shallow = measured < needed
    return {
      title: shallow ? 'Seat too shallow' : 'Seat too deep',
      designer: shallow
        ? `The seat of ${it} is ${say(measured)} deep; at least ${say.need(needed)} is needed to support the thighs.`
        : `The seat of ${it} is ${say(measured)} deep; ${who}${tall(facts.statureMm, say)} can lean back on ${say(needed)} at most.`,
      client: shallow
        ? `${capital(it)} would be more of a perch than a seat.`
        : `${capital(who)} could not lean back with both feet on the floor.`,
      why: [
        shallow
          ? `From the back cushion to the front edge: ${say(measured)}; at least ${say.need(needed)}.`
          : `From the back to the hollow of the knee ${say(facts.thighMm)} (0.290 of the height, unless measured), and ${say(needed - facts.thighMm)} that a loose cushion takes up: ${say(needed)}; from the back cushion to the front edge: ${say(measured)}.`,
      ],
    }
  },
  'rail-low': (finding, names, say) => {
    const { measured, needed, facts } = finding
    const who = facts.child === undefined ? 'Whoever sleeps there' : capital(person(facts.child))
    return {
      title: measured === 0 ? 'No rail on a high bed' : 'Rail too low on a high bed',
      designer: `${capital(itOf(finding, names))}: the mattress is ${say(facts.overFloorMm)} up${facts.child === undefined ? '' : `, ${person(facts.child)} sleeps in it`} and ${measured === 0 ? 'there is no rail' : `the rail stands ${say(measured)} above it`}; at least ${say.need(needed)} is needed.`,
      client: `${who} could fall out of bed.`,
      why: [
        `Rail above the mattress: ${say(measured)}; at least ${say.need(needed)} on a bed that is ${say(facts.overFloorMm)} up.`,
      ],
    }
  },
  'table-off': (finding, names, say) => {
    const { measured, needed, facts } = finding
    const low = measured < needed
    return {
      title: low ? 'No room for knees' : 'Table too high for its seat',
      designer: `The top of ${itOf(finding, names)} is ${say(measured)} above the cushion of ${names.the(facts.seat)}; ${low ? `at least ${say.need(needed)} leaves room for knees` : `${say(needed)} is the limit`}.`,
      client: low ? 'Your knees would meet the table.' : 'The table would be too high to eat at comfortably.',
      why: [
        `Height of the top less height of the cushion: ${say(measured)}; ${low ? 'at least' : 'at most'} ${say(needed)}.`,
      ],
    }
  },
  'seat-high': (finding, names, say) => {
    const { measured, needed, facts } = finding
    const who = person(facts.person)
    return {
      title: 'Feet do not reach the floor',
      designer: `The cushion of ${itOf(finding, names)} is ${say(measured)} above the floor; ${who} needs ${say(needed)} or less.`,
      client: `${capital(ofIt(who, 'feet'))} would not reach the floor.`,
      why: [
        `Hollow of the knee of the shortest adult, 0.245 of the height unless measured: ${say(needed - facts.overKneeMm)}, + ${say(facts.overKneeMm)} for shoes and cushion = ${say(needed)}; the cushion: ${say(measured)}.`,
      ],
    }
  },
  'bed-hole': (finding, names, say) => {
    const { measured, needed, facts } = finding
    return {
      title: 'Gap in the bed',
      designer: `Beside ${itOf(finding, names)} nothing supports the bed over ${say(measured)} by ${say(facts.longMm)}; a cushion bridges ${say(needed)} at most. Bring the benches nearer, make the board wider, or set them to one height.`,
      client: 'A leg would sink in between the cushions.',
      why: [
        `The bed is checked every ${say(20)} for what lies within ${say(30)} of its top: the widest gap is ${say(measured)}, at most ${say(needed)}.`,
      ],
    }
  },
}
