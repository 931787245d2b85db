import type { Draft } from 'mutative'
import { adjustSchema, briefSchema, gearSchema, MAX_ENTRIES, MOST_GEAR, MOST_PEOPLE } from '../../brief'
import type { Job } from '../schema'
import { checked, drop, putInto, type HandlersOf } from './kit'

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
    const piece = checked(gearSchema, gear) as Draft<typeof gear>
    putInto(pieces, id, piece, MOST_GEAR, 'gear')
  },
  'gear.remove': (job, { id }) => drop((job.brief.gear ??= {}), id, 'gear'),
  'demand.adjust': (job, { id, adjust }) => {
    const changed = (job.brief.adjust ??= {})
    if (Object.keys(adjust).length === 0) delete changed[id]
    else putInto(changed, id, checked(adjustSchema, adjust) as Draft<typeof adjust>, MAX_ENTRIES, 'adjusted-demand')
  },
  'person.put': (job, { id, person }) => putInto(job.brief.people, id, person, MOST_PEOPLE, 'person'),
  'person.remove': (job, { id }) => drop(job.brief.people, id, 'person'),
  'pet.put': (job, { id, pet }) => putInto(job.brief.pets, id, pet, MOST_PEOPLE, 'pet'),
  'pet.remove': (job, { id }) => drop(job.brief.pets, id, 'pet'),
  'demand.put': (job, { id, demand }) => putInto(job.brief.demands, id, demand, MAX_ENTRIES, 'demand'),
  'demand.remove': (job, { id }) => drop(job.brief.demands, id, 'demand'),
}
