import { partWord } from './part-words'
import type { Job } from '../job'
import type { ModeChange, Move } from '../scene'
import { stanceWord } from './fitting-words'
import type { Names } from './names'
import { capital, list, ofIt, person } from './grammar'

export interface ChangeWords {
  /** One line for each move, in order. */
  readonly moves: readonly string[]
  /** “about 4 min, one person”. */
  readonly total: string
  /** Who can stay where they are, and who must get up. */
  readonly resting: readonly string[]
  readonly stuck: readonly string[]
}

/** “30 s”, “2 min”, “12 min”. */
export function sayMinutes(minutes: number): string {
  if (minutes < 0.95) return `${Math.max(5, Math.round((minutes * 60) / 5) * 5)} s`
  const whole = Math.round(minutes)
  if (whole < LONG_MIN) return `${whole} min`
  const rest = whole % 60
  return `${Math.floor(whole / 60)} h${rest === 0 ? '' : ` ${rest} min`}`
}
/** From here on minutes are said in hours. */
const LONG_MIN = 100

const seatName = (job: Job, id: string): string =>
  ofIt(person(job.shell.cabSeats.find((seat) => seat.id === id)?.label ?? 'cab'), 'seat')

function sayLoose({ loose }: Move): string {
  if (loose.length === 0) return ''
  const parts = loose.map(
    ({ part, count, used }) =>
      `${partWord(part)}${count === 1 ? '' : ` (${count} pieces)`} ${used ? 'brought out' : 'put away'}`,
  )
  return `; ${parts.join('; ')}`
}

/** A move in words, with what must have gone before it. */
export function sayMove(move: Move, job: Job, names: Names): string {
  const name = capital(move.what === 'turn-seat' ? seatName(job, move.id) : names.the(move.id))
  const change = ((): string => {
    switch (move.what) {
      case 'turn-seat':
        return `${move.from} → ${move.to}`
      case 'stance':
        return `${stanceWord(move.from ?? '', job.units)} → ${stanceWord(move.to ?? '', job.units)}`
      case 'carry':
        return 'carried to another place'
      case 'take-out':
        return 'taken out of the vehicle'
      case 'bring-in':
        return 'brought into the vehicle'
    }
  })()
  const waits = move.after.length === 0 ? '' : `, after ${list(move.after.map((id) => nameOf(id, job, names)))}`
  return `${name}: ${change}, ${sayMinutes(move.minutes)}${move.hands === 2 ? ', two people' : ''}${waits}${sayLoose(move)}`
}

const nameOf = (id: string, job: Job, names: Names): string =>
  job.shell.cabSeats.some((seat) => seat.id === id) ? seatName(job, id) : names.the(id)

/** A change of mode in words. */
export function sayChange(change: ModeChange, job: Job, names: Names): ChangeWords {
  const { people, pets } = job.brief
  const who = (id: string | undefined, on: string | undefined): string => {
    const label = id === undefined ? undefined : (people[id]?.label ?? pets[id]?.label)
    const place = on === undefined ? '' : ` on ${names.the(on)}`
    return `${capital(person(label ?? ''))}${place}`
  }
  const alone = change.moves.every(({ hands }) => hands === 1)
  return {
    moves: change.moves.map((move) => sayMove(move, job, names)),
    total:
      change.moves.length === 0
        ? 'nothing to move'
        : `about ${sayMinutes(change.minutes)}, ${alone ? 'one person' : 'two people for some of it'}`,
    resting: change.resting.map((one) =>
      one.disturbedBy.length === 0
        ? `${who(one.who, one.on)} can stay there.`
        : `${who(one.who, one.on)} has to get up for ${list(one.disturbedBy.map((id) => nameOf(id, job, names)))}.`,
    ),
    stuck: change.stuck.map(
      ({ id, by }) =>
        `${capital(nameOf(id, job, names))} cannot be moved: ${list(by.map((other) => nameOf(other, job, names)))} ${by.length > 1 ? 'are' : 'is'} in the way.`,
    ),
  }
}
