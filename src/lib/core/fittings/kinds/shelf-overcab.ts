import { z } from 'zod'
import { DETAIL, DETAIL_MM, END, FRONT } from '../adjust'
import { becomesBerth, keptForParameter } from '../bed'
import { board, inPly, LIGHT_PLY_MM, plyParameter, PLY_MM } from '../boards'
import { defineKind } from '../contract'
import { PLAIN } from '../facts'
import { centred, choiceParameter, insideOf, lengthParameter, rigid } from '../shapes'
import { line, parted } from '../symbols'

const parameters = z.object({
  lengthMm: lengthParameter(1300, 400, 2000).describe('Across the vehicle'),
  depthMm: lengthParameter(450, 200, 900).describe('Fore and aft'),
  heightMm: lengthParameter(260, 120, 500).describe('From its board to the headlining'),
  lipMm: lengthParameter(80, 20, 250).describe('Board along its edge that keeps things in'),
  kept: choiceParameter(['lip', 'net']).describe('What flies forward hits heads: a net, or a lip and light things'),
  keptFor: keptForParameter,
  ply: plyParameter,
})

/** A shelf over the cab for light things; one reaches it from behind the seats. */
export const shelfOvercab = defineKind({
  id: 'shelf-overcab',
  group: 'stowage',
  parameters,
  stances: ['fixed'],
  stanceFor: { driving: 'fixed', living: 'fixed', sleeping: 'fixed' },
  meets: ['stowage'],
  home: {
    along: { from: 'bulkhead', mm: -500 },
    across: { from: 'centreline', mm: 0 },
    up: { from: 'roof', mm: 0 },
    turn: 270,
    mirrored: false,
  },
  scribedAt: 'top',
  footprint: (p) => ({ lengthMm: p.lengthMm, depthMm: p.depthMm, heightMm: p.heightMm }),
  solids: (p) => [rigid('shelf', centred(p.lengthMm, p.depthMm, 0, p.heightMm))],
  clearances: () => [],
  services: (p) => [insideOf(p.lengthMm, p.depthMm, 0, p.heightMm, PLY_MM)],
  facts: (p) => ({ ...PLAIN, becomesBerth: becomesBerth(p), reaches: [{ what: 'shelf', zMm: p.lipMm }] }),
  adjust: {
    lengthMm: END,
    depthMm: FRONT,
    heightMm: DETAIL_MM,
    lipMm: DETAIL_MM,
    kept: DETAIL,
    keptFor: DETAIL,
    ply: DETAIL,
  },
  features: (p) => {
    const half = p.lengthMm / 2
    const lip = Math.min(p.lipMm, p.heightMm)
    return [
      line('top', [-half, -p.depthMm / 2 + 12], [half, -p.depthMm / 2 + 12]),
      line('front', [-half, lip], [half, lip]),
      ...(p.kept === 'net' ? parted('front', -half, half, lip, p.heightMm, Math.round(p.lengthMm / 80)) : []),
      line('side', [-p.depthMm / 2, PLY_MM], [p.depthMm / 2, PLY_MM]),
    ]
  },
  parts: (p) =>
    inPly(p.ply, [
      board('shelf', p.lengthMm, p.depthMm, PLY_MM),
      board('lip', p.lengthMm, p.lipMm, LIGHT_PLY_MM),
      board('ends', p.depthMm, p.heightMm, LIGHT_PLY_MM, 2),
    ]),
  cautions: () => ['overhead', 'crash-path'],
})
