import type { Draft } from 'mutative'
import type { Job } from '../schema'
import {
  extraSchema,
  legSchema,
  MOST_EXTRAS,
  MOST_LEGS,
  circuitSchema,
  MOST_CIRCUITS,
  powerSchema,
  weatherSchema,
  type Extra,
  type Leg,
  type OwnCircuit,
  type PowerNotes,
  type WeatherNotes,
} from '../power-schema'
import { checked, drop, must, putInto, type HandlersOf } from './kit'

const notesOf = (job: Draft<Job>): Draft<PowerNotes> => (job.power ??= {})

/** The notes of power without lists that hold nothing, so that undoing the first leaves no trace. */
function tidied(job: Draft<Job>): void {
  const { power } = job
  if (power === undefined) return
  for (const key of ['assume', 'legs', 'extras', 'loads', 'circuits', 'wires', 'carries'] as const)
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
  'power.circuit': (job, { id, circuit }) => {
    if (circuit === null) drop(must(job.power?.circuits, 'circuit'), id, 'circuit')
    else {
      const circuits = (notesOf(job).circuits ??= {})
      putInto(circuits, id, checked(circuitSchema, circuit) as Draft<OwnCircuit>, MOST_CIRCUITS, 'circuit')
      // a thing hangs on one fuse
      for (const [other, one] of Object.entries(circuits)) {
        if (other === id) continue
        one.serves = one.serves.filter((served) => !circuit.serves.includes(served))
        if (one.serves.length === 0) delete circuits[other]
      }
    }
    tidied(job)
  },
  'power.wire': (job, { id, mm2, fuseA, parts }) => {
    const wires = (notesOf(job).wires ??= {})
    const note = (wires[id] ??= {})
    if (mm2 === null) delete note.mm2
    else if (mm2 !== undefined) note.mm2 = mm2
    if (fuseA === null) delete note.fuseA
    else if (fuseA !== undefined) note.fuseA = fuseA
    if (parts === null) delete note.with
    else if (parts !== undefined) note.with = [...new Set(parts)]
    if (Object.keys(note).length === 0) delete wires[id]
    checked(powerSchema, job.power)
    tidied(job)
  },
  'power.carries': (job, { mm2, amps }) => {
    const carries = (notesOf(job).carries ??= {})
    if (amps === null) delete carries[String(mm2)]
    else carries[String(mm2)] = amps
    checked(powerSchema, job.power)
    tidied(job)
  },
  'power.weather': (job, { weather }) => {
    if (weather === null) delete must(job.power, 'weather').weather
    else notesOf(job).weather = checked(weatherSchema, weather) as Draft<WeatherNotes>
    tidied(job)
  },
}
