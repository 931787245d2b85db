import type { Brief } from '../brief'
import type { Lining, Shell } from '../shell'
import { emptyPlan } from './empty-plan'
import { JOB_FORMAT, JOB_VERSION, type Job } from './schema'

export const STANDARD_LINING: Lining = { floorMm: 37, wallMm: 30, roofMm: 25 }

/** An empty brief whose demands follow from its answers. */
export const newBrief = (): Brief => ({
  people: {},
  pets: {},
  nightsOffHookUp: 3,
  derives: true,
  notes: '',
  demands: {},
})

/** A brief with the demands that nearly every client has, typed. */
export const standardBrief = (): Brief => ({
  people: {},
  pets: {},
  nightsOffHookUp: 3,
  notes: '',
  demands: {
    'demand-berth': { need: 'berth', must: true },
    'demand-belt': { need: 'belt', must: true },
    'demand-table': { need: 'table-seat', must: true },
    'demand-hob': { need: 'hob', must: true },
    'demand-cold': { need: 'cold-box', must: false },
    'demand-toilet': { need: 'toilet', must: false },
    'demand-water': { need: 'water', must: true },
  },
})

/** A job with one empty variant and the modes Drive, Day and Night. */
export const newJob = (id: string, name: string, shell: Shell, brief: Brief): Job => ({
  format: JOB_FORMAT,
  version: JOB_VERSION,
  id,
  name,
  units: 'mm',
  brief,
  shell,
  variants: { 'variant-a': { name: 'A', order: 0, plan: emptyPlan(STANDARD_LINING) } },
})
