import type { Draft } from 'mutative'
import {
  bodyChangeSchema,
  changeFaults,
  liningSchema,
  overlapFaults,
  mirroredShell,
  type BodyChanges,
  type Shell,
} from '../../shell'
import { foundSchema, mirroredFound, MOST_FOUND, type Found } from '../../condition'
import { mirroredSurvey, surveySchema, type Survey } from '../../readings'
import { MAX_CHANGES, type Job, type Plan } from '../schema'
import { CommandError } from '../command-error'
import { mirrorPlan } from './mirror'
import { checked, drop, must, putInto, unreadable, variantOf, type HandlersOf } from './kit'

export const VEHICLE_HANDLERS: HandlersOf<'shell' | 'vehicle' | 'survey' | 'found' | 'lining' | 'change'> = {
  'shell.put': (job, { shell }) => {
    job.shell = shell as Draft<Job>['shell']
    // what the new body has no place for goes with the old one
    const turns = shell.cabSeats.flatMap(({ id, swivel }) => (swivel === undefined ? [] : [id]))
    for (const { plan } of Object.values(job.variants)) {
      for (const { path } of changeFaults(shell, plan.changes)) delete plan.changes[path[0]!]
      for (const mode of Object.values(plan.modes))
        if (mode.turned !== undefined) mode.turned = mode.turned.filter((id) => turns.includes(id))
    }
  },
  'vehicle.mirror': (job) => {
    // what is locked is locked in the vehicle, and goes with that
    job.shell = mirroredShell(job.shell as Shell) as Draft<Job>['shell']
    for (const { plan } of Object.values(job.variants)) mirrorPlan(job, plan)
    if (job.survey !== undefined) job.survey = mirroredSurvey(job.survey as Survey) as Draft<Job>['survey']
    for (const [id, found] of Object.entries(job.found ?? {}))
      job.found![id] = mirroredFound(found as Found) as Draft<Found>
    for (const weighing of Object.values(job.weight?.weighings ?? {})) {
      const { padsKg, plannedKg } = weighing
      if (padsKg !== undefined) weighing.padsKg = [padsKg[1], padsKg[0], padsKg[3], padsKg[2]]
      plannedKg.left = plannedKg.total - plannedKg.left
    }
  },
  'survey.put': (job, { survey }) => void (job.survey = checked(surveySchema, survey) as Draft<Job>['survey']),
  'survey.read': (job, { id, reading }) => {
    const survey = must(job.survey, 'survey')
    if (reading.first === undefined && reading.second === undefined) delete survey.readings[id]
    else survey.readings[id] = reading
    checked(surveySchema, survey)
  },
  'found.put': (job, { id, found }) => {
    job.found ??= {}
    putInto(job.found, id, checked(foundSchema, found) as Draft<Found>, MOST_FOUND, 'found')
  },
  'found.remove': (job, { id }) => drop(must(job.found, 'found'), id, 'found'),
  'lining.set': (job, { variant, lining }) =>
    void (variantOf(job, variant).plan.lining = checked(liningSchema, lining) as Draft<Plan>['lining']),
  'change.put': (job, { variant, id, change }) => {
    checked(bodyChangeSchema, change)
    const { changes } = variantOf(job, variant).plan
    const fault = changeFaults(job.shell, { [id]: change })[0] ?? overlapFaults(id, change, changes as BodyChanges)[0]
    if (fault !== undefined) throw new CommandError(unreadable(fault))
    if (changes[id] === undefined && Object.keys(changes).length >= MAX_CHANGES)
      throw new CommandError({ code: 'too-many', thing: 'change', most: MAX_CHANGES })
    changes[id] = change as Draft<Plan>['changes'][string]
  },
  'change.remove': (job, { variant, id }) => drop(variantOf(job, variant).plan.changes, id, 'change'),
}
