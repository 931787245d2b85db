import { defaultsOf, kindOf, type Inside, type ParameterValue, type Seat } from '$lib/core/fittings'
import type { Fitting } from '$lib/core/job'
import { moduleOf, type Module } from '$lib/core/module'

type Parameters = Readonly<Record<string, ParameterValue>>

/** A part of a module: where it begins along the run, how it stands, and what of it is otherwise than usual. */
interface Part {
  readonly id: string
  readonly kind: string
  readonly atMm?: number
  readonly parameters?: Parameters
  readonly seat?: Partial<Seat>
  /** The part that it is put into, from the left front corner of its inside. */
  readonly inside?: { readonly part: string; readonly alongMm?: number; readonly acrossMm?: number }
}

const insideOf = (part: string, alongMm = 0, acrossMm = 0): Inside => ({
  fitting: part,
  hollow: 'inside',
  along: { from: 'left', mm: alongMm },
  across: { from: 'front', mm: acrossMm },
  upMm: 0,
  turn: 0,
  mirrored: false,
})

function made({ kind, atMm = 0, parameters, seat, inside }: Part): Fitting {
  const { home } = kindOf(kind)
  return {
    kind,
    parameters: { ...defaultsOf(kindOf(kind)), ...parameters },
    seat: {
      ...home,
      along: { from: 'rear', mm: atMm },
      ...seat,
      ...(inside === undefined ? {} : { inside: insideOf(inside.part, inside.alongMm, inside.acrossMm) }),
    },
  } as Fitting
}

const moduleFor = (id: string, name: string, note: string, parts: readonly Part[]): Module =>
  moduleOf(
    `module-${id}`,
    name,
    note,
    parts.map((part) => {
      const fitting = made(part)
      return { id: part.id, fitting, fromRearMm: part.atMm ?? 0, overFloorMm: fitting.seat.up.mm }
    }),
  )

const after = (part: string): Partial<Seat> => ({ along: { from: 'after', fitting: part, mm: 0 } })

/** What the library of modules of a new workshop begins with: common pieces to change and save anew. Common practice, no source. */
export const STARTER_MODULES: readonly Module[] = [
  moduleFor('galley-run', 'Galley run, sink and hob', 'A sink, a cupboard and a hob in a row under one worktop.', [
    { id: 'fit-basin', kind: 'galley-basin' },
    { id: 'fit-doors', kind: 'galley-doors', seat: after('fit-basin') },
    { id: 'fit-hob', kind: 'galley-hob', seat: after('fit-doors') },
  ]),
  moduleFor('galley-drawers', 'Galley run with drawers', 'Drawers between the sink and a cupboard.', [
    { id: 'fit-basin', kind: 'galley-basin' },
    { id: 'fit-drawers', kind: 'galley-drawers', seat: after('fit-basin') },
    { id: 'fit-doors', kind: 'galley-doors', seat: after('fit-drawers') },
  ]),
  moduleFor('galley-fridge', 'Galley and fridge', 'A block galley with the fridge at its end.', [
    { id: 'fit-galley', kind: 'galley', parameters: { lengthMm: 1100 } },
    { id: 'fit-fridge', kind: 'cold-box', seat: after('fit-galley') },
  ]),
  moduleFor(
    'bench-battery',
    'Side bench, battery inside',
    'A bench to sit on; the battery is reached through its lid.',
    [
      { id: 'fit-bench', kind: 'bench-side', parameters: { lengthMm: 1200 } },
      { id: 'fit-battery', kind: 'battery', inside: { part: 'fit-bench', alongMm: 20, acrossMm: 20 } },
    ],
  ),
  moduleFor('bench-water', 'Side bench, water inside', 'A bench to sit on; fresh water under it, near the wall.', [
    { id: 'fit-bench', kind: 'bench-side', parameters: { lengthMm: 1300 } },
    {
      id: 'fit-water',
      kind: 'water-tank',
      parameters: { lengthMm: 700, depthMm: 320, heightMm: 260 },
      inside: { part: 'fit-bench', alongMm: 20, acrossMm: 20 },
    },
  ]),
  moduleFor('lounge', 'Lounge that becomes a bed', 'Two benches and a table; the table goes down for the night.', [
    { id: 'fit-lounge', kind: 'lounge-bed' },
  ]),
  moduleFor('wardrobes', 'Wardrobe and shelves', 'A wardrobe, and a narrow one with shelves beside it.', [
    { id: 'fit-tall', kind: 'wardrobe', parameters: { lengthMm: 500 } },
    { id: 'fit-shelves', kind: 'wardrobe', parameters: { lengthMm: 400, shelves: 5 }, seat: after('fit-tall') },
  ]),
  moduleFor('lockers', 'Three overhead lockers', 'In a row under the roof.', [
    { id: 'fit-first', kind: 'locker', parameters: { lengthMm: 800 } },
    { id: 'fit-second', kind: 'locker', parameters: { lengthMm: 800 }, seat: after('fit-first') },
    { id: 'fit-third', kind: 'locker', parameters: { lengthMm: 800 }, seat: after('fit-second') },
  ]),
  moduleFor('desk', 'Desk with light and sockets', 'A desk at the wall, a light over it and sockets beside it.', [
    { id: 'fit-desk', kind: 'desk', parameters: { lengthMm: 1000 } },
    { id: 'fit-socket', kind: 'socket', atMm: 100, seat: { up: { from: 'floor', mm: 900 } } },
    { id: 'fit-light', kind: 'light', atMm: 400 },
  ]),
  moduleFor('washing', 'Shower cubicle', 'A cubicle with its tray; the waste goes through the floor.', [
    { id: 'fit-cubicle', kind: 'wet-cubicle' },
  ]),
  moduleFor('electrics', 'Electrics in a chest', 'Battery, inverter and charge controller in one chest with a lid.', [
    { id: 'fit-chest', kind: 'lid-chest', parameters: { lengthMm: 1000, heightMm: 460 } },
    { id: 'fit-battery', kind: 'battery', inside: { part: 'fit-chest', alongMm: 20, acrossMm: 20 } },
    { id: 'fit-inverter', kind: 'inverter', inside: { part: 'fit-chest', alongMm: 520, acrossMm: 20 } },
  ]),
  moduleFor(
    'safety',
    'What every vehicle has',
    'An extinguisher by the door, and alarms for smoke and carbon monoxide.',
    [
      { id: 'fit-extinguisher', kind: 'extinguisher' },
      { id: 'fit-alarm', kind: 'alarm', atMm: 400 },
    ],
  ),
]
