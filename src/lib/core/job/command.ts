import { z } from 'zod'
import {
  adjustIdSchema,
  adjustSchema,
  briefSchema,
  demandSchema,
  gearSchema,
  personSchema,
  petSchema,
  PURPOSES,
  useSchema,
} from '../brief'
import { seatSchema } from '../fittings'
import { bodyChangeSchema, idSchema, liningSchema, shellSchema, wordsSchema } from '../shell'
import { foundSchema } from '../condition'
import { readingSchema, surveySchema } from '../readings'
import { LENGTH_UNITS } from '../units'
import { patchSchema } from './patch'
import { houseRuleSchema, ownRulesSchema, ruleSettingSchema } from './rules-schema'
import { undoneSchema } from './told-schema'
import { ASSUMED, AXLE_FIGURES, MASS_FIGURES, weighingSchema, type AssumedKey } from './weight-schema'
import {
  carriesSchema,
  circuitSchema,
  extraSchema,
  legSchema,
  loadIdSchema,
  POWER_ASSUMED,
  sectionSchema,
  weatherSchema,
  wireNoteSchema,
  type PowerAssumedKey,
} from './power-schema'
import { WARMTH_ASSUMED, type WarmthAssumedKey } from './warmth-schema'
import { drawnSchema } from './drawn-schema'
import { figureSchema, fittingSchema, fixingSchema, groupSchema, MAX_MODES, modeSchema, waiverSchema } from './schema'

const id = idSchema
const command = <T extends string, S extends z.ZodRawShape>(type: T, fields: S) =>
  z.object({ type: z.literal(type), ...fields })

const simple = [
  command('job.rename', { name: wordsSchema(120).min(1) }),
  command('job.units', { units: z.enum(LENGTH_UNITS) }),
  command('brief.nights', { nights: z.number().min(0).max(60) }),
  command('brief.notes', { notes: wordsSchema(4000) }),
  command('brief.use', { use: useSchema }),
  command('brief.derives', { derives: z.boolean() }),
  command('brief.put', { brief: briefSchema }),
  command('gear.put', { id, gear: gearSchema }),
  command('gear.remove', { id }),
  command('demand.adjust', { id: adjustIdSchema, adjust: adjustSchema }),
  command('person.put', { id, person: personSchema }),
  command('person.remove', { id }),
  command('pet.put', { id, pet: petSchema }),
  command('pet.remove', { id }),
  command('demand.put', { id, demand: demandSchema }),
  command('demand.remove', { id }),
  command('shell.put', { shell: shellSchema }),
  command('vehicle.mirror', {}),
  command('survey.put', { survey: surveySchema }),
  command('survey.read', { id: z.string().max(60), reading: readingSchema }),
  command('found.put', { id, found: foundSchema }),
  command('found.remove', { id }),
  command('masses.set', {
    axles: z.partialRecord(z.enum(AXLE_FIGURES), z.number().nullable()).default({}),
    masses: z.partialRecord(z.enum(MASS_FIGURES), z.number().nullable()).default({}),
    kerbWith: z.object({ driverKg: z.number(), fuelPercent: z.number() }).nullable().optional(),
  }),
  command('weight.assume', { key: z.enum(Object.keys(ASSUMED) as [AssumedKey]), value: z.number().nullable() }),
  command('weighing.put', { id, weighing: weighingSchema }),
  command('weighing.remove', { id }),
  command('weighing.base', { id: id.nullable() }),
  command('power.assume', {
    key: z.enum(Object.keys(POWER_ASSUMED) as [PowerAssumedKey]),
    value: z.number().nullable(),
  }),
  command('warmth.assume', {
    key: z.enum(Object.keys(WARMTH_ASSUMED) as [WarmthAssumedKey]),
    value: z.number().nullable(),
  }),
  command('power.leg', { id, leg: legSchema.nullable() }),
  command('power.extra', { id, extra: extraSchema.nullable() }),
  command('power.load', {
    id: loadIdSchema,
    hours: z.number().min(0).max(24).nullable().optional(),
    onlyHookUp: z.boolean().nullable().optional(),
  }),
  command('power.circuit', { id, circuit: circuitSchema.nullable() }),
  command('power.wire', {
    id: loadIdSchema,
    mm2: sectionSchema.nullable().optional(),
    fuseA: wireNoteSchema.shape.fuseA.unwrap().nullable().optional(),
    parts: wireNoteSchema.shape.with.unwrap().nullable().optional(),
  }),
  command('power.carries', { mm2: sectionSchema, amps: carriesSchema.nullable() }),
  command('power.weather', { weather: weatherSchema.nullable() }),
  command('variant.add', { id, name: wordsSchema(60).min(1), from: id.optional() }),
  command('variant.rename', { variant: id, name: wordsSchema(60).min(1) }),
  command('variant.remove', { variant: id }),
  command('lining.set', { variant: id, lining: liningSchema }),
  command('change.put', { variant: id, id, change: bodyChangeSchema }),
  command('change.remove', { variant: id, id }),
  command('fitting.add', { variant: id, id, fitting: fittingSchema }),
  command('fitting.seat', { variant: id, id, seat: seatSchema }),
  command('fitting.parameters', {
    variant: id,
    id,
    parameters: z.record(z.string().max(40), z.union([z.number(), z.string().max(60), z.boolean()])),
  }),
  command('fitting.label', { variant: id, id, label: wordsSchema(60) }),
  command('fitting.remove', { variant: id, id }),
  command('fitting.lock', { variant: id, id, locked: z.boolean() }),
  command('fitting.cut', { variant: id, id, cut: z.boolean() }),
  command('fitting.fixing', { variant: id, id, fixing: fixingSchema.optional() }),
  command('group.put', { variant: id, id, group: groupSchema }),
  command('group.remove', { variant: id, id }),
  command('drawn.put', { variant: id, id, drawn: drawnSchema }),
  command('drawn.remove', { variant: id, id }),
  command('waiver.put', { variant: id, id, waiver: waiverSchema }),
  command('waiver.remove', { variant: id, id }),
  command('rule.set', { id, setting: ruleSettingSchema.optional().describe('Left out: as the book says') }),
  command('house.put', { id, rule: houseRuleSchema }),
  command('house.remove', { id }),
  command('rules.put', { rules: ownRulesSchema }),
  command('plan.mirror', { variant: id }),
  command('plan.transferable', { variant: id, transferable: z.boolean() }),
  command('mode.add', {
    variant: id,
    id,
    name: wordsSchema(40).min(1),
    purpose: z.enum(PURPOSES),
    from: id.optional().describe('The mode that it starts as a copy of'),
  }),
  command('mode.rename', { variant: id, mode: id, name: wordsSchema(40).min(1) }),
  command('mode.remove', { variant: id, mode: id }),
  command('mode.order', { variant: id, modes: z.array(id).min(1).max(MAX_MODES) }),
  command('mode.seat', {
    variant: id,
    mode: id,
    fitting: id,
    seat: seatSchema.optional().describe('Left out: as always'),
  }),
  command('mode.away', { variant: id, mode: id, fitting: id, away: z.boolean() }),
  command('mode.put', { variant: id, id, mode: modeSchema }),
  command('mode.turned', { variant: id, mode: id, seat: id, turned: z.boolean() }),
  command('figure.put', { variant: id, mode: id, id, figure: figureSchema }),
  command('figure.remove', { variant: id, mode: id, id }),
  command('mode.stance', { variant: id, mode: id, fitting: id, stance: z.string().max(40) }),
] as const

const simpleSchema = z.discriminatedUnion('type', simple)
export type SimpleCommand = z.infer<typeof simpleSchema>

/** The most commands of a batch, and patches of a diff, that go as one. */
export const MOST_IN_BATCH = 200
export const MOST_PATCHES = 5000

export const commandSchema = z.discriminatedUnion('type', [
  ...simple,
  command('batch', {
    what: z.enum([
      'remedy',
      'duplicate',
      'place',
      'remove',
      'move',
      'size',
      'align',
      'distribute',
      'run',
      'lock',
      'module',
    ]),
    commands: z.array(simpleSchema).min(1).max(MOST_IN_BATCH),
  }),
  command('diff', {
    direction: z.enum(['undo', 'redo', 'merge']),
    what: undoneSchema.describe('What it undoes or does again; words are of earlier days'),
    patches: z.array(patchSchema).max(MOST_PATCHES),
  }),
  command('job.restore', { revision: z.number().int().min(0), document: z.record(z.string(), z.unknown()) }),
])
/** The only way to change a job. Plain data: it can be sent, stored and replayed. */
export type Command = z.infer<typeof commandSchema>
