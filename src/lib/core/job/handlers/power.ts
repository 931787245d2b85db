import type { Draft } from 'mutative'
import type { Job } from '../schema'
import {
  extraSchema,
  legSchema,
  MOST_EXTRAS,
  MOST_LEGS,
  powerSchema,
  weatherSchema,
  type Extra,
  type Leg,
  type PowerNotes,
  type WeatherNotes,
} from '../power-schema'
import { checked, drop, must, putInto, type HandlersOf } from './kit'

const notesOf = (job: Draft<Job>): Draft<PowerNotes> => (job.power ??= {})

/** The notes of power without lists that hold nothing, so that undoing the first leaves no trace. */
function tidied(job: Draft<Job>): void {
  const { power } = job
  if (power === undefined) return
  for (const key of ['assume', 'legs', 'extras', 'loads'] as const)
    if (power[key] !== undefined && Object.keys(power[key]).length === 0) delete power[key]
  if (Object.keys(power).length === 0) delete job.power
}

export const POWER_HANDLERS: HandlersOf<'power'> = {
  'power.assume': (job, { key, value }) => {
    const assume = (notesOf(job).assume ??= {})
    if (value === null) delete assume[key]
    else assume[key] = value
    checked(powerSchema, job.power)
    tidied(job)
  },
  'power.leg': (job, { id, leg }) => {
    if (leg === null) drop(must(job.power?.legs, 'leg'), id, 'leg')
    else putInto((notesOf(job).legs ??= {}), id, checked(legSchema, leg) as Draft<Leg>, MOST_LEGS, 'leg')
    tidied(job)
  },
  'power.extra': (job, { id, extra }) => {
    if (extra === null) drop(must(job.power?.extras, 'load'), id, 'load')
    else putInto((notesOf(job).extras ??= {}), id, checked(extraSchema, extra) as Draft<Extra>, MOST_EXTRAS, 'load')
    tidied(job)
  },
  'power.load': (job, { id, hours, onlyHookUp }) => {
    const loads = (notesOf(job).loads ??= {})
    const note = (loads[id] ??= {})
    if (hours === null) delete note.hours
    else if (hours !== undefined) note.hours = hours
    if (onlyHookUp === null) delete note.onlyHookUp
    else if (onlyHookUp !== undefined) note.onlyHookUp = onlyHookUp
    if (Object.keys(note).length === 0) delete loads[id]
    checked(powerSchema, job.power)
    tidied(job)
  },
  'power.weather': (job, { weather }) => {
    if (weather === null) delete must(job.power, 'weather').weather
    else notesOf(job).weather = checked(weatherSchema, weather) as Draft<WeatherNotes>
    tidied(job)
  },
}
