import { figureOf, type HandleName } from '../../fittings'
import { hollowFault, type InsideTapeId, matterOf, tapeOf } from '../../scene'
import { byFitting, defineRule, plainGeometry } from '../define-rule'
import { middleOfBox } from '../middle'
import type { RemedyCode } from '../finding'
import { setHandle, shiftsClearOf } from '../ways-out'

declare module '../finding' {
  interface FactsByCode {
    'pokes-out': { readonly side: InsideTapeId }
    'hollow-taken': { readonly part: string }
  }
}

/** Which handle makes a thing larger between two sides of a hollow, and how a remedy says so. */
const HANDLES: Record<InsideTapeId, readonly [HandleName, RemedyCode]> = {
  'in-left': ['end', 'set-length'],
  'in-right': ['end', 'set-length'],
  'in-front': ['front', 'set-depth'],
  'in-back': ['front', 'set-depth'],
  'in-bottom': ['top', 'set-height'],
  'in-top': ['top', 'set-height'],
}

/** What was put into a hollow lies in it, clear of what takes room in there. */
export const fitsHollow = defineRule({
  id: 'fits-hollow',
  group: 'fit',
  modes: 'every',
  reads: ['scene'],
  gravity: { 'pokes-out': 'stop', 'hollow-taken': 'stop' },
  basis: plainGeometry('its outline block against the sides of the space, and against what is in it'),
  parameters: {},
  key: byFitting(({ fittings }) => fittings[1] ?? ''),
  check: ({ scene }) =>
    scene.placed.flatMap((placed) => {
      const fault = hollowFault(scene, placed)
      if (fault === undefined) return []
      const common = {
        fittings: [placed.id, fault.hostId],
        place: middleOfBox(placed.bounds),
        measured: Math.max(1, Math.round(fault.byMm)),
        needed: 0,
        unit: 'mm' as const,
      }
      return [
        fault.kind === 'pokes-out'
          ? { ...common, code: 'pokes-out' as const, facts: { side: fault.side } }
          : { ...common, code: 'hollow-taken' as const, facts: { part: fault.part } },
      ]
    }),
  remedies: (input, finding) => {
    const placed = input.first(finding)
    const host = finding.fittings[1] === undefined ? undefined : input.find(finding.fittings[1])
    if (placed === undefined || host === undefined) return []
    const shifts = shiftsClearOf(
      input,
      placed,
      placed.inner.map(({ prism }) => prism),
      matterOf(host).map(({ prism }) => prism),
    )
    if (finding.code !== 'pokes-out') {
      // shorter drawers leave what is behind them its room
      const front = tapeOf(input.scene, placed).find(({ id }) => id === 'in-front')
      return front === undefined
        ? shifts
        : [...shifts, ...setHandle(input, host, 'set-parameter', 'drawer-box', Math.floor(front.mm))]
    }
    const [handle, code] = HANDLES[finding.facts.side]
    const now = figureOf(host.fitting, handle)
    return typeof now === 'number'
      ? [...shifts, ...setHandle(input, host, code, handle, Math.ceil(now + finding.measured))]
      : shifts
  },
})
