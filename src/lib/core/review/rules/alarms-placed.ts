import { addedNear, together } from '../add'
import type { Vec3 } from '../../geometry'
import { type AlarmSense, heatsWith, burnsFuel } from '../../fittings'
import { sleepersOf } from '../../brief'
import { isOutside, type Placed, type Scene, sleeping } from '../../scene'
import { heightsAt } from '../../shell'
import { byFitting, defineRule, published, type RuleInput } from '../define-rule'
import type { Draft } from '../finding'
import { middleOf, topOf } from '../middle'

declare module '../finding' {
  interface FactsByCode {
    'alarm-missing': { readonly senses: AlarmSense }
    'alarm-misplaced': { readonly senses: AlarmSense }
  }
}

/** What must be sensed in a scene. */
const asked = (scene: Scene): readonly AlarmSense[] => [
  'smoke',
  ...(burnsInside(scene) ? (['monoxide'] as const) : []),
  ...(scene.placed.some(({ facts }) => heatsWith(facts, 'gas')) ? (['leaking-gas'] as const) : []),
]

interface Alarm {
  readonly placed: Placed
  readonly senses: AlarmSense
}
const alarmsOf = (scene: Scene): readonly Alarm[] =>
  scene.placed.flatMap((placed) => {
    const { guards } = placed.facts
    return guards !== undefined && 'senses' in guards ? [{ placed, senses: guards.senses }] : []
  })

/** Whether something burns inside the body: not one that is drawn out and cooked at from outside. */
const burnsInside = (scene: Scene): boolean =>
  scene.placed.some(
    (placed) => burnsFuel(placed.facts) && !isOutside(placed) && !placed.facts.fronts.some((front) => front.isOutside),
  )

/** Smoke, carbon monoxide and gas are each sensed where they are: high, where one breathes, and low. */
export const alarmsPlaced = defineRule({
  id: 'alarms-placed',
  group: 'safety',
  modes: ['sleeping'],
  reads: ['scene', 'brief'],
  gravity: { 'alarm-missing': 'caution', 'alarm-misplaced': 'caution' },
  basis: published(
    'carbon monoxide where sleepers breathe: EN 50292; bottled gas is heavier than air and smoke rises; all from memory, the maker’s sheet rules',
  ),
  parameters: {
    underRoofMm: {
      default: 300,
      min: 50,
      max: 600,
      unit: 'mm',
      basis: published('smoke gathers under the roof (from memory)'),
    },
    overFloorMm: {
      default: 300,
      min: 50,
      max: 600,
      unit: 'mm',
      basis: published('propane and butane sink (from memory)'),
    },
    breathMm: {
      default: 600,
      min: 200,
      max: 1500,
      unit: 'mm',
      basis: published('at the height of a sleeper’s head: EN 50292 (from memory)'),
    },
  },
  needs: ({ scene, brief }) =>
    // a plan without alarms may leave them for later; one that burns fuel where people sleep may not
    sleepersOf(brief).length > 0 && alarmsOf(scene).length === 0 && !burnsInside(scene)
      ? [{ what: 'thing', thing: 'alarm' }]
      : [],
  key: byFitting((draft) => (draft.code === 'alarm-missing' ? draft.facts.senses : '')),
  check: ({ scene, brief, parameters }) => {
    const alarms = alarmsOf(scene)
    if (alarms.length === 0 && !burnsInside(scene)) return []
    const heads = sleeping(scene, brief).map(({ head }) => head[2])
    /** How far an alarm is from where it senses, and how far it may be. */
    const away = ({ placed: alarm }: Alarm, senses: AlarmSense): readonly [number, number] => {
      const [x, y, z] = topOf(alarm)
      if (senses === 'smoke') return [(heightsAt(scene.interior, x, y)?.max ?? z) - z, parameters.underRoofMm]
      if (senses === 'leaking-gas') return [z - (heightsAt(scene.interior, x, y)?.min ?? 0), parameters.overFloorMm]
      return [heads.length === 0 ? 0 : Math.min(...heads.map((head) => Math.abs(head - z))), parameters.breathMm]
    }
    return asked(scene).flatMap((senses): Draft<'alarm-missing' | 'alarm-misplaced'>[] => {
      const those = alarms.filter((alarm) => alarm.senses === senses)
      if (those.length === 0)
        return [
          {
            code: 'alarm-missing',
            fittings: [],
            place: middleOf(scene),
            measured: 0,
            needed: 1,
            unit: 'count',
            facts: { senses },
          },
        ]
      // of several one that is well placed is enough
      const [nearest] = those
        .map((alarm) => ({ alarm, at: away(alarm, senses) }))
        .sort((a, b) => a.at[0] - a.at[1] - (b.at[0] - b.at[1]))
      if (nearest === undefined) return []
      const {
        alarm,
        at: [measured, needed],
      } = nearest
      return measured <= needed
        ? []
        : [
            {
              code: 'alarm-misplaced',
              fittings: [alarm.placed.id],
              place: topOf(alarm.placed),
              measured: Math.round(measured),
              needed,
              unit: 'mm',
              facts: { senses },
            },
          ]
    })
  },
  remedies: (input, finding) => {
    const { scene } = input
    // those that are missing as well come with it: they are one fault
    const there = new Set(alarmsOf(scene).map(({ senses }) => senses))
    const all =
      finding.code === 'alarm-misplaced'
        ? [finding.facts.senses]
        : asked(scene).filter((senses) => senses === finding.facts.senses || !there.has(senses))
    // each sense is tried at the same places, so that there are as many ways for each
    const ways = all.map((senses) => addedNear(input, 'alarm', bestFor(input, senses), { senses }))
    const [first, ...others] = ways
    return (first ?? []).map((way, at) =>
      together(
        input,
        way,
        others.flatMap((other) => other[at] ?? []),
      ),
    )
  },
})

/** Where a sense is best served: under the roof, by the heads, over the floor by the gas. */
function bestFor({ scene, brief }: Pick<RuleInput, 'scene' | 'brief'>, senses: AlarmSense): Vec3 {
  const [head] = sleeping(scene, brief).map((one) => one.head)
  const gas = scene.placed.find(({ facts }) => heatsWith(facts, 'gas'))
  const [x, y, z] = head ?? middleOf(scene)
  const roof = heightsAt(scene.interior, x, y)?.max ?? z + 1200
  if (senses === 'smoke') return [x, y, roof - 250]
  return senses === 'leaking-gas' ? [gas === undefined ? x : topOf(gas)[0], y, 100] : [x, y, z + 250]
}
