import type { Draft } from 'mutative'
import { bodyChangeSchema, changeFaults, liningSchema } from '../../shell'
import { surveySchema } from '../../readings'
import type { Job, Plan } from '../schema'
import { checked, CommandError, drop, must, variantOf, type HandlersOf } from './kit'

export const VEHICLE_HANDLERS: HandlersOf<'shell' | 'survey' | 'lining' | 'change'> = {
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
  'survey.put': (job, { survey }) => void (job.survey = checked(surveySchema, survey) as Draft<Job>['survey']),
  'survey.read': (job, { id, reading }) => {
    const survey = must(job.survey, 'the survey')
    if (reading.first === undefined && reading.second === undefined) delete survey.readings[id]
    else survey.readings[id] = reading
    checked(surveySchema, survey)
  },
  'lining.set': (job, { variant, lining }) =>
    void (variantOf(job, variant).plan.lining = checked(liningSchema, lining) as Draft<Plan>['lining']),
  'change.put': (job, { variant, id, change }) => {
    checked(bodyChangeSchema, change)
    const fault = changeFaults(job.shell, { [id]: change })[0]
    if (fault !== undefined) throw new CommandError(fault.message)
    variantOf(job, variant).plan.changes[id] = change as Draft<Plan>['changes'][string]
  },
  'change.remove': (job, { variant, id }) => drop(variantOf(job, variant).plan.changes, id, 'that change'),
}
