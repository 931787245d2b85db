import type { Draft } from 'mutative'
import { shellSchema } from '../../shell'
import type { Job } from '../schema'
import { MOST_WEIGHINGS, weighingSchema, weightSchema, type Weighing, type WeightNotes } from '../weight-schema'
import { CommandError } from '../command-error'
import { checked, drop, must, putInto, type HandlersOf } from './kit'

const notesOf = (job: Draft<Job>): Draft<WeightNotes> => (job.weight ??= {})

/** The notes of masses without lists that hold nothing, so that undoing the first leaves no trace. */
function tidied(job: Draft<Job>): void {
  const { weight } = job
  if (weight === undefined) return
  if (weight.assume !== undefined && Object.keys(weight.assume).length === 0) delete weight.assume
  if (weight.weighings !== undefined && Object.keys(weight.weighings).length === 0) delete weight.weighings
  if (Object.keys(weight).length === 0) delete job.weight
}

export const WEIGHT_HANDLERS: HandlersOf<'masses' | 'weight' | 'weighing'> = {
  'masses.set': (job, { axles, masses, kerbWith }) => {
    const take = (from: object, set: Readonly<Record<string, unknown>>): void => {
      const into = from as Record<string, unknown>
      for (const [key, value] of Object.entries(set))
        if (value === null) delete into[key]
        else into[key] = value
    }
    take(job.shell.axles, axles)
    take(job.shell.masses, { ...masses, ...(kerbWith === undefined ? {} : { kerbWith }) })
    const { kerbFrontKg, kerbRearKg } = job.shell.axles
    // what both axles carry is the whole
    if (kerbFrontKg !== undefined && kerbRearKg !== undefined && ('kerbFrontKg' in axles || 'kerbRearKg' in axles))
      job.shell.masses.kerbKg = kerbFrontKg + kerbRearKg
    checked(shellSchema, JSON.parse(JSON.stringify(job.shell)))
  },
  'weight.assume': (job, { key, value }) => {
    const assume = (notesOf(job).assume ??= {})
    if (value === null) delete assume[key]
    else assume[key] = value
    checked(weightSchema, job.weight)
    tidied(job)
  },
  'weighing.put': (job, { id, weighing }) => {
    const weighings = (notesOf(job).weighings ??= {})
    putInto(weighings, id, checked(weighingSchema, weighing) as Draft<Weighing>, MOST_WEIGHINGS, 'weighing')
  },
  'weighing.remove': (job, { id }) => {
    drop(must(job.weight?.weighings, 'weighing'), id, 'weighing')
    if (job.weight?.base === id) delete job.weight.base
    tidied(job)
  },
  'weighing.base': (job, { id }) => {
    if (id === null) {
      delete must(job.weight, 'weighing').base
      return tidied(job)
    }
    if (job.weight?.weighings?.[id] === undefined) throw new CommandError({ code: 'gone', thing: 'weighing', id })
    job.weight.base = id
  },
}
