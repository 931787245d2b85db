import type { Draft } from 'mutative'
import { adjustSchema, briefSchema, gearSchema, MOST_GEAR } from '../../brief'
import type { Job } from '../schema'
import { checked, CommandError, drop, type HandlersOf } from './kit'

export const BRIEF_HANDLERS: HandlersOf<'job' | 'brief' | 'gear' | 'demand' | 'person' | 'pet'> = {
  'job.rename': (job, { name }) => void (job.name = name),
  'job.units': (job, { units }) => void (job.units = units),
  'brief.nights': (job, { nights }) => void (job.brief.nightsOffHookUp = nights),
  'brief.notes': (job, { notes }) => void (job.brief.notes = notes),
  'brief.use': (job, { use }) => void (job.brief.use = use as Draft<Job>['brief']['use']),
  'brief.derives': (job, { derives }) => void (job.brief.derives = derives),
  'brief.put': (job, { brief }) => void (job.brief = checked(briefSchema, brief) as Draft<Job>['brief']),
  'gear.put': (job, { id, gear }) => {
    const pieces = (job.brief.gear ??= {})
    if (pieces[id] === undefined && Object.keys(pieces).length >= MOST_GEAR)
      throw new CommandError(`a brief holds at most ${MOST_GEAR} pieces of gear: count alike ones together`)
    pieces[id] = checked(gearSchema, gear) as Draft<typeof gear>
  },
  'gear.remove': (job, { id }) => drop((job.brief.gear ??= {}), id, 'that piece of gear'),
  'demand.adjust': (job, { id, adjust }) => {
    const changed = (job.brief.adjust ??= {})
    if (Object.keys(adjust).length === 0) delete changed[id]
    else changed[id] = checked(adjustSchema, adjust) as Draft<typeof adjust>
  },
  'person.put': (job, { id, person }) => void (job.brief.people[id] = person),
  'person.remove': (job, { id }) => drop(job.brief.people, id, 'that person'),
  'pet.put': (job, { id, pet }) => void (job.brief.pets[id] = pet),
  'pet.remove': (job, { id }) => drop(job.brief.pets, id, 'that pet'),
  'demand.put': (job, { id, demand }) => void (job.brief.demands[id] = demand),
  'demand.remove': (job, { id }) => drop(job.brief.demands, id, 'that demand'),
}
