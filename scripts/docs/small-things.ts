// The small things that every build has: what covers each, where it is usually put.
import { kindOf, type FittingKind } from '../../src/lib/core/fittings'
import { KIND_WORDS } from '../../src/lib/core/text'

type Row = readonly [thing: string, kinds: readonly string[], how?: string]

/** By the part of the trade that they belong to. Where no kind is named, the place that covers it is. */
const THINGS: readonly (readonly [string, readonly Row[]])[] = [
  [
    'Beds',
    [
      [
        'lift bed, at any number of heights',
        ['bed-lift'],
        '`raised to`, two stops, `lowered to`; in any mode a height of its own',
      ],
      ['bed from folded rear seats, with belts or without', ['seat-bed'], '`with belts`'],
      [
        'bed of cushions over benches',
        ['lounge-bed', 'lounge-u', 'infill-board'],
        'a gap between board and cushions is reported',
      ],
      [
        'a cupboard kept to become a berth',
        ['locker', 'shelf-overcab'],
        '`kept for`: its room is the reserve of a child to come',
      ],
      ['a bed whose way in faces a wall', [], 'its other side is offered among the remedies'],
      ['bunks for two, later three', ['bunks'], '`levels`'],
    ],
  ],
  [
    'Tables and seats',
    [
      ['arm and rail tables', ['table-arm', 'table-rail']],
      ['a pedestal table that sinks into the bed', ['table-sink']],
      ['a table for the stove, inside and out', ['table-outside', 'table-flap']],
      ['lids with a hinge side', ['bench-side', 'lid-chest'], '`lid`: at the back, at an end, or lifted off'],
      ['reclining and folding seats', ['recliner', 'seat-drop', 'stool']],
    ],
  ],
  [
    'Galley',
    [
      ['hobs of one to five rings', ['galley-hob'], '`rings`'],
      ['hob over an oven', ['galley-hob', 'oven'], 'the oven is put into the hollow of the hob’s unit'],
      [
        'shallow drawers, dead room in litres',
        ['drawer-unit', 'galley-drawers'],
        '`drawer boxes, high`; what is lost behind and above them is reported',
      ],
      ['dividers in drawers', ['drawer-unit', 'pan-drawer'], '`dividers`'],
      ['bin under the sink, or on a front', ['galley-bin', 'galley-basin'], 'a bin unit, or a bin put under the sink'],
      ['spice rack in a door', ['spice-rack', 'door-pocket']],
      [
        'drawers from two sides',
        ['through-cupboard', 'drawer-unit'],
        '`drawer boxes, deep`: two units back to back share the depth',
      ],
      ['slides to 227 kg', ['drawer-unit'], '`load, kg`'],
    ],
  ],
  [
    'Washing',
    [
      ['hand spray outside, and where it hangs', ['hand-shower', 'shower-rear'], '`hangs from`'],
      ['two outlets of one shower', ['wet-cubicle', 'hand-shower'], '`outlets`, or a spray by the door'],
      ['a toilet on a slide', ['toilet-portable']],
      ['a separating toilet that pulls out', ['toilet-portable', 'toilet-separating'], '`works by`'],
    ],
  ],
  [
    'Storage and covers',
    [
      ['window covers, stiff and soft', ['window-cover'], 'a stiff one is loose by day and needs a place'],
      ['door screens and curtains', ['door-screen', 'curtain']],
      ['clothes rod, hooks', ['clothes-rod', 'hooks']],
      ['crates that are taken singly', ['crate-slots']],
      ['racks and boxes on doors', ['door-pocket', 'gear-rack', 'door-box'], '“hangs on”: it moves with the door'],
      ['bicycles, e-bikes head to tail, hitch and rack', ['hitch-rack', 'gear-rack']],
      ['winch, steps, ladder', ['winch', 'step', 'roof-ladder']],
      ['awning, also round a corner; tent at the doors', ['awning', 'tent'], '`round the corner`'],
      ['shelf and berth over the cab', ['shelf-overcab', 'berth-overcab', 'cot']],
    ],
  ],
  [
    'Machines',
    [
      ['sealed lead battery', ['battery'], '`cells`: no vent to the room'],
      ['portable power station', ['power-station'], 'what it holds, where it is charged, its outlets'],
      ['a lead that feeds the vehicle by adapter', ['feed-lead', 'inlet']],
      [
        'heaters: tankless, catalytic, under the floor',
        ['heater-flow', 'heater-catalytic', 'heater-air'],
        'hung under the floor by their seat',
      ],
      ['air conditioner in two parts', ['aircon-indoor', 'aircon-outdoor', 'aircon']],
      ['three and more joined tanks', ['tank-pair'], '`tanks`'],
      ['timers', ['timer']],
      ['panels that come off with so many screws', ['service-panel'], 'minutes by the screw'],
      ['vents that the wind turns', ['vent-wind']],
      ['a fan that blows out only, or also in', ['fan-extract'], '`blows`'],
      ['boiler with two elements', ['heater-water'], '`heated by`: both'],
    ],
  ],
  [
    'Electrics as things',
    [
      ['sockets for 12 V, USB, mains', ['socket']],
      ['switches and dimmers', ['switch-plate']],
      ['control panel, main switch', ['control-panel']],
      ['charge controller, chargers', ['charge-controller', 'inverter']],
      ['shunt', ['shunt']],
      ['distribution box, inside and outside', ['junction-box', 'fuse-board'], '`kept`: indoors or rain-tight'],
      ['solar panel', ['solar-panel'], 'a box of its real thickness'],
      ['loudspeaker, screen or projector', ['loudspeaker', 'screen']],
      ['camera, alarm, temperature watch, hotspot', ['camera', 'watch', 'alarm', 'hotspot']],
      ['light strip', ['light-strip', 'light'], 'hangs by its length, not on points'],
    ],
  ],
  [
    'Linings and openings',
    [
      [
        'spray foam, MDF, hardboard, chipboard, plastic cladding, sheet metal, foil foam, carpet, marine vinyl',
        [],
        'materials of a lining’s layers, on the vehicle’s page',
      ],
      ['dog gate in an opening', ['dog-gate']],
      ['partition with a hidden door', ['partition-door', 'partition']],
      ['window that is blanked, or given a cover', ['window-cover'], 'a change to the body, or a cover'],
      ['hatch behind a locker', [], 'a change to the body; what lies behind it is reached by it'],
    ],
  ],
  [
    'The vehicle as bought',
    [
      [
        'rust, leaks, floor, seals, what comes out or stays',
        [],
        'a list beside the survey, each with photo, place, cost and hours, and the step that waits for it',
      ],
    ],
  ],
  ['Going back', [['what is changed for good, and minutes to undo the rest', [], 'on the bench, under “Fit-out”']]],
  [
    'Registration',
    [['seats, bed length, cooking, gross mass, licence', [], 'questions on the page of rules, which a shop edits']],
  ],
]

const PLACES: Readonly<Record<FittingKind['home']['up']['from'], string>> = {
  floor: 'on the floor',
  'top-of': 'on another',
  roof: 'under the roof',
  'on-roof': 'on the roof',
  'under-floor': 'under the floor',
}

/** Where a kind is put when it comes into a plan. */
function usually({ home }: FittingKind): string {
  const { up } = home
  if (up.from === 'floor' && up.mm > 0) return `${up.mm} mm up the wall`
  return PLACES[up.from]
}

/** The rows of each part: thing, kind or place, where it is usually put. */
export const smallThings = (): readonly (readonly [string, readonly (readonly [string, string, string])[]])[] =>
  THINGS.map(([part, rows]) => [
    part,
    rows.map(([thing, kinds, how]) => [
      thing,
      [kinds.map((id) => KIND_WORDS[kindOf(id).id]!).join(', '), how ?? ''].filter((one) => one !== '').join(': '),
      kinds.length === 0 ? '' : usually(kindOf(kinds[0]!)),
    ]),
  ])
