import { sleepersOf } from '../../brief'
import { sleeping, type Placed } from '../../scene'
import { heightsAt } from '../../shell'
import { burnsGas, hasFlame } from '../burners'
import { defineRule, published } from '../define-rule'
import type { AlarmSense, Draft } from '../finding'
import { middleOf, topOf } from '../middle'

/** Smoke, carbon monoxide and gas are each sensed where they are: high, where one breathes, and low. */
export const alarmsPlaced = defineRule({
  id: 'alarms-placed',
  group: 'safety',
  modes: ['sleeping'],
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
    sleepersOf(brief).length > 0 && !scene.placed.some(({ kind }) => kind.id === 'alarm')
      ? [{ what: 'fitting', kind: 'alarm' }]
      : [],
  check: ({ scene, brief, parameters }) => {
    const alarms = scene.placed.filter(({ kind }) => kind.id === 'alarm')
    if (alarms.length === 0) return []
    const asked: readonly (readonly [AlarmSense, boolean])[] = [
      ['smoke', true],
      ['monoxide', scene.placed.some(hasFlame)],
      ['leaking-gas', scene.placed.some(burnsGas)],
    ]
    const heads = sleeping(scene, brief).map(({ head }) => head[2])
    /** How far an alarm is from where it senses, and how far it may be. */
    const away = (alarm: Placed, senses: AlarmSense): readonly [number, number] => {
      const [x, y, z] = topOf(alarm)
      if (senses === 'smoke') return [(heightsAt(scene.interior, x, y)?.max ?? z) - z, parameters.underRoofMm]
      if (senses === 'leaking-gas') return [z - (heightsAt(scene.interior, x, y)?.min ?? 0), parameters.overFloorMm]
      return [heads.length === 0 ? 0 : Math.min(...heads.map((head) => Math.abs(head - z))), parameters.breathMm]
    }
    return asked
      .filter(([, needed]) => needed)
      .flatMap(([senses]): Draft<'alarm-missing' | 'alarm-misplaced'>[] => {
        const those = alarms.filter(({ fitting }) => fitting.parameters.senses === senses)
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
        return those.flatMap((alarm): Draft<'alarm-misplaced'>[] => {
          const [measured, needed] = away(alarm, senses)
          return measured <= needed
            ? []
            : [
                {
                  code: 'alarm-misplaced',
                  fittings: [alarm.id],
                  place: topOf(alarm),
                  measured: Math.round(measured),
                  needed,
                  unit: 'mm',
                  facts: { senses },
                },
              ]
        })
      })
  },
})
