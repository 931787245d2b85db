import { partWord } from '../part-words'
import { formatNumber } from '../../units'
import { FIXING_WORDS, TASK_WORDS } from '../fitting-words'
import { capital, CHANGE_WORDS, count, FACE_WORDS, list, SIDE_WORDS } from '../words'
import { foundName, STEP_WORDS } from '../condition'
import { sayMinutes } from '../moves'
import { blockerName, type SentencesFor, the } from './kit'

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
> = {
  'outside-shell': ({ fittings, measured, facts }, names, say) => {
    const it = the(names.fitting(fittings[0]!))
    const face = FACE_WORDS[facts.face]
    return {
      title: 'Does not fit the body',
      designer: `${capital(it)} goes ${say(measured)} through ${face}${facts.scribed ? ' at its front, which cannot be cut' : ''}.`,
      client: `${capital(it)} is ${say(measured)} too big for its place.`,
      why: [
        `The ${partWord(facts.part)}’s worst corner lies ${say(measured)} outside the lined face, measured square to it; 0 is allowed.`,
        facts.scribed
          ? 'A scribed part may be cut behind; its front must stand whole.'
          : 'A rigid part must fit as it is.',
      ],
    }
  },
  'built-over': ({ fittings, measured, facts }, names) => {
    const found = foundName(facts)
    const covers = fittings.map((id) => the(names.fitting(id))).slice(0, 3)
    return {
      title: 'Built over what is not put right',
      designer: `${capital(list(covers))}${measured > 3 ? ` and ${measured - 3} more` : ''} would cover ${found}, which is not put right yet.`,
      client: `Before this is built in, the vehicle is mended there: ${found}.`,
      why: [
        `“${STEP_WORDS[facts.step]}” waits for it${facts.minutes === undefined ? '' : `: ${sayMinutes(facts.minutes)} of work`}.`,
        'Rust, water and a bad floor go on under furniture, where nobody sees them.',
      ],
    }
  },
  'cut-in-bad': ({ facts }) => {
    const found = foundName(facts)
    return {
      title: 'Cut where the body is not sound',
      designer: `The cut for “${facts.opening}” meets ${found}, which is not put right yet.`,
      client: `The opening “${facts.opening}” waits until the body is mended there.`,
      why: ['A frame is screwed or glued to sound metal all round; a body shop says what is sound.'],
    }
  },
  'meets-stays': ({ fittings, measured, facts }, names, say) => {
    const it = the(names.fitting(fittings[0]!))
    const found = foundName(facts)
    return {
      title: 'Meets what stays',
      designer: `${capital(it)} reaches ${say(measured)} into ${found}, which stays in the vehicle.`,
      client: `${capital(it)} is where ${found} stays.`,
      why: [`The room that they share is ${say(measured)} deep at its shallowest; 0 is allowed.`],
    }
  },
  'pushed-in': ({ fittings, measured, needed, facts }, names, say) => {
    const it = the(names.fitting(fittings[0]!))
    return {
      title: 'Stands off the wall',
      designer: `The foot of ${it} stands ${say(measured)} off the ${facts.side} wall, because higher up, at ${say(facts.atMm)}, the wall or roof stops it; less than ${say(needed)} is usual.`,
      client: `Behind the foot of ${it} there would be room that you cannot use.`,
      why: [
        `The wall is ${say(facts.pushedMm)} further out at its foot than at ${say(facts.atMm)} over the load floor, where it comes closest${facts.pushedMm === measured ? '' : `; it is ${say(facts.pushedMm - measured)} shallower than is usual, which leaves ${say(measured)}`}.`,
        'It stays whole, so it stands where its top clears. A lower one stands further out, a shallower one comes less far into the room, and what is built in place can be cut to the wall.',
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
        `Least side of the space that the ${partWord(facts.part)} and ${other} share: ${say(measured)}; they may touch, so 0 is allowed.`,
      ],
    }
  },
  'pokes-out': ({ fittings, measured, facts }, names, say) => {
    const [it, host] = [the(names.fitting(fittings[0]!)), the(names.fitting(fittings[1]!))]
    return {
      title: 'Too big for its hollow',
      designer: `${capital(it)} stands ${say(measured)} out of ${host}, at ${SIDE_WORDS[facts.side]}.`,
      client: `${capital(it)} is ${say(measured)} too big for its place in ${host}.`,
      why: [`From ${SIDE_WORDS[facts.side]} of the hollow to what stands out of it: ${say(measured)}; 0 is allowed.`],
    }
  },
  'hollow-taken': ({ fittings, measured, facts }, names, say) => {
    const [it, host] = [the(names.fitting(fittings[0]!)), the(names.fitting(fittings[1]!))]
    return {
      title: 'Its place is taken',
      designer: `${capital(it)} and the ${partWord(facts.part)} of ${host} share ${say(measured)}.`,
      client: `There is no room for ${it} beside the ${partWord(facts.part)} in ${host}.`,
      why: [
        `Least side of the space that it and the ${partWord(facts.part)} share: ${say(measured)}; they may touch, so 0 is allowed.`,
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
  'hangs-free': ({ fittings, measured }, names, say) => ({
    title: 'Hangs in the air',
    designer: `${capital(the(names.fitting(fittings[0]!)))} is ${say(measured)} over the floor, and nothing holds it.`,
    client: `${capital(the(names.fitting(fittings[0]!)))} has nothing to stand or hang on.`,
    why: ['Within 60 mm below, beside or behind it there is no floor, wall, roof or other fitting.'],
  }),
  'carry-stuck': ({ fittings, measured, needed, facts }, names, say) => ({
    title: 'Does not go in by a door',
    designer: `${capital(the(names.fitting(fittings[0]!)))} is ${say(needed)} long; of its section, ${say(facts.wideMm)} by ${say(facts.thickMm)}, the longest that goes in by a door is ${say(measured)}.`,
    client: `${capital(the(names.fitting(fittings[0]!)))} could not be carried in whole.`,
    why: [
      `Pushed straight through each door and turned once inside: at most ${say(measured)}; it is ${say(needed)}.`,
      'It may go in before the cab’s bulkhead, a window or a door leaf is fitted, or come in parts.',
    ],
  }),
  'hung-weakly': ({ fittings, measured, needed, facts }, names) => ({
    title: 'Hangs by too little',
    designer: `${capital(the(names.fitting(fittings[0]!)))}, with what it carries about ${formatNumber(facts.kg)} kg, hangs on ${count(measured, { one: 'point', many: 'points' })} in structure; ${formatNumber(needed)} are needed.`,
    client: `${capital(the(names.fitting(fittings[0]!)))} could come down.`,
    why: [
      `${formatNumber(facts.kg)} kg at ${formatNumber(facts.pointKg)} kg on each, a third of what it holds at rest: ${formatNumber(needed)}, never fewer than ${formatNumber(facts.least)}; straps and standing do not count.`,
    ],
  }),
}
