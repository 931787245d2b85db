import { partWord } from './part-words'
import type { Job } from '../job'
import type { ModeChange, Move } from '../scene'
import { stanceWord } from './fitting-words'
import type { Names } from './names'
import { list } from './words'

export interface ChangeWords {
  /** One line for each move, in order. */
  readonly moves: readonly string[]
  /** “about 4 minutes, one person alone”. */
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
  `${job.shell.cabSeats.find((seat) => seat.id === id)?.label ?? 'cab'}’s seat`

function sayLoose({ loose }: Move): string {
  if (loose.length === 0) return ''
  const parts = loose.map(
    ({ part, count, used }) => `${count} × ${partWord(part)} ${used ? 'brought into use' : 'put away'}`,
  )
  return `; ${parts.join('; ')}`
}

/** A move in words, with what must have gone before it. */
export function sayMove(move: Move, job: Job, names: Names): string {
  const name = move.what === 'turn-seat' ? seatName(job, move.id) : names.fitting(move.id)
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
  job.shell.cabSeats.some((seat) => seat.id === id) ? seatName(job, id) : names.fitting(id)

/** A change of mode in words. */
export function sayChange(change: ModeChange, job: Job, names: Names): ChangeWords {
  const { people, pets } = job.brief
  const who = (id: string | undefined, on: string | undefined): string => {
    const label = id === undefined ? undefined : (people[id]?.label ?? pets[id]?.label)
    const place = on === undefined ? '' : ` on the ${names.fitting(on).toLowerCase()}`
    return label === undefined ? `Someone${place}` : `The ${label}${place}`
  }
  const alone = change.moves.every(({ hands }) => hands === 1)
  return {
    moves: change.moves.map((move) => sayMove(move, job, names)),
    total:
      change.moves.length === 0
        ? 'nothing to move'
        : `about ${sayMinutes(change.minutes)}, ${alone ? 'one person alone' : 'two people for some of it'}`,
    resting: change.resting.map((one) =>
      one.disturbedBy.length === 0
        ? `${who(one.who, one.on)} can stay there.`
        : `${who(one.who, one.on)} must get up for ${list(one.disturbedBy.map((id) => `the ${nameOf(id, job, names).toLowerCase()}`))}.`,
    ),
    stuck: change.stuck.map(
      ({ id, by }) =>
        `${nameOf(id, job, names)} cannot be moved: ${list(by.map((other) => nameOf(other, job, names)))} ${by.length > 1 ? 'are' : 'is'} in its way.`,
    ),
  }
}
