import type { FittingKind } from './contract'
import type { Parameters } from './parameters'
import { aircon } from './kinds/aircon'
import { airconIndoor } from './kinds/aircon-indoor'
import { airconOutdoor } from './kinds/aircon-outdoor'
import { alarm } from './kinds/alarm'
import { awning } from './kinds/awning'
import { battery } from './kinds/battery'
import { bedFixed } from './kinds/bed-fixed'
import { bedLift } from './kinds/bed-lift'
import { bedPanels } from './kinds/bed-panels'
import { bedSlide } from './kinds/bed-slide'
import { bedWall } from './kinds/bed-wall'
import { bedsideShelf } from './kinds/bedside-shelf'
import { benchBelted } from './kinds/bench-belted'
import { benchSide } from './kinds/bench-side'
import { berthOvercab } from './kinds/berth-overcab'
import { bunkHammock } from './kinds/bunk-hammock'
import { bunks } from './kinds/bunks'
import { camera } from './kinds/camera'
import { chargeController } from './kinds/charge-controller'
import { clothesRod } from './kinds/clothes-rod'
import { coldBox } from './kinds/cold-box'
import { coldChest } from './kinds/cold-chest'
import { controlPanel } from './kinds/control-panel'
import { cot } from './kinds/cot'
import { crateSlots } from './kinds/crate-slots'
import { curtain } from './kinds/curtain'
import { desk } from './kinds/desk'
import { dogCrate } from './kinds/dog-crate'
import { dogGate } from './kinds/dog-gate'
import { doorBox } from './kinds/door-box'
import { doorPocket } from './kinds/door-pocket'
import { doorScreen } from './kinds/door-screen'
import { drawerUnit } from './kinds/drawer-unit'
import { extinguisher } from './kinds/extinguisher'
import { fanExtract } from './kinds/fan-extract'
import { feedLead } from './kinds/feed-lead'
import { fuseBoard } from './kinds/fuse-board'
import { galley } from './kinds/galley'
import { galleyBasin } from './kinds/galley-basin'
import { galleyBin } from './kinds/galley-bin'
import { galleyDoors } from './kinds/galley-doors'
import { galleyDrawers } from './kinds/galley-drawers'
import { galleyHob } from './kinds/galley-hob'
import { galleyOutdoor } from './kinds/galley-outdoor'
import { garage } from './kinds/garage'
import { gasLocker } from './kinds/gas-locker'
import { gasUnder } from './kinds/gas-under'
import { gearRack } from './kinds/gear-rack'
import { grabRail } from './kinds/grab-rail'
import { handShower } from './kinds/hand-shower'
import { hatchRoof } from './kinds/hatch-roof'
import { heaterAir } from './kinds/heater-air'
import { heaterCatalytic } from './kinds/heater-catalytic'
import { heaterCombi } from './kinds/heater-combi'
import { heaterFlow } from './kinds/heater-flow'
import { heaterWater } from './kinds/heater-water'
import { hitchRack } from './kinds/hitch-rack'
import { hobLoose } from './kinds/hob-loose'
import { hooks } from './kinds/hooks'
import { hotspot } from './kinds/hotspot'
import { infillBoard } from './kinds/infill-board'
import { inlet } from './kinds/inlet'
import { inverter } from './kinds/inverter'
import { junctionBox } from './kinds/junction-box'
import { lidChest } from './kinds/lid-chest'
import { lift } from './kinds/lift'
import { light } from './kinds/light'
import { lightStrip } from './kinds/light-strip'
import { locker } from './kinds/locker'
import { loudspeaker } from './kinds/loudspeaker'
import { loungeBed } from './kinds/lounge-bed'
import { loungeU } from './kinds/lounge-u'
import { microwave } from './kinds/microwave'
import { outsideBox } from './kinds/outside-box'
import { oven } from './kinds/oven'
import { panDrawer } from './kinds/pan-drawer'
import { partition } from './kinds/partition'
import { partitionDoor } from './kinds/partition-door'
import { powerStation } from './kinds/power-station'
import { recliner } from './kinds/recliner'
import { roofLadder } from './kinds/roof-ladder'
import { screen } from './kinds/screen'
import { seatBed } from './kinds/seat-bed'
import { seatDrop } from './kinds/seat-drop'
import { servicePanel } from './kinds/service-panel'
import { shelfOvercab } from './kinds/shelf-overcab'
import { showerRear } from './kinds/shower-rear'
import { shunt } from './kinds/shunt'
import { socket } from './kinds/socket'
import { sofaExtend } from './kinds/sofa-extend'
import { solarPanel } from './kinds/solar-panel'
import { spiceRack } from './kinds/spice-rack'
import { splashback } from './kinds/splashback'
import { step } from './kinds/step'
import { stool } from './kinds/stool'
import { switchPlate } from './kinds/switch-plate'
import { tableArm } from './kinds/table-arm'
import { tableDrop } from './kinds/table-drop'
import { tableFlap } from './kinds/table-flap'
import { tableOutside } from './kinds/table-outside'
import { tablePull } from './kinds/table-pull'
import { tableRail } from './kinds/table-rail'
import { tableSink } from './kinds/table-sink'
import { tankPair } from './kinds/tank-pair'
import { tankUnder } from './kinds/tank-under'
import { tankWaste } from './kinds/tank-waste'
import { tent } from './kinds/tent'
import { throughCupboard } from './kinds/through-cupboard'
import { timer } from './kinds/timer'
import { toiletBox } from './kinds/toilet-box'
import { toiletCassette } from './kinds/toilet-cassette'
import { toiletDry } from './kinds/toilet-dry'
import { toiletPortable } from './kinds/toilet-portable'
import { toiletSeparating } from './kinds/toilet-separating'
import { trayRollin } from './kinds/tray-rollin'
import { ventWind } from './kinds/vent-wind'
import { wardrobe } from './kinds/wardrobe'
import { warmOutlet } from './kinds/warm-outlet'
import { washTub } from './kinds/wash-tub'
import { watch } from './kinds/watch'
import { waterCan } from './kinds/water-can'
import { waterFilter } from './kinds/water-filter'
import { waterPump } from './kinds/water-pump'
import { waterTank } from './kinds/water-tank'
import { wetCubicle } from './kinds/wet-cubicle'
import { wetRoom } from './kinds/wet-room'
import { wheelchairPlace } from './kinds/wheelchair-place'
import { winch } from './kinds/winch'
import { windowCover } from './kinds/window-cover'
import { worktopFlap } from './kinds/worktop-flap'

/** Every kind there is, sorted by id; a test keeps this list equal to the folder. */
export const KINDS = [
  aircon,
  airconIndoor,
  airconOutdoor,
  alarm,
  awning,
  battery,
  bedFixed,
  bedLift,
  bedPanels,
  bedSlide,
  bedWall,
  bedsideShelf,
  benchBelted,
  benchSide,
  berthOvercab,
  bunkHammock,
  bunks,
  camera,
  chargeController,
  clothesRod,
  coldBox,
  coldChest,
  controlPanel,
  cot,
  crateSlots,
  curtain,
  desk,
  dogCrate,
  dogGate,
  doorBox,
  doorPocket,
  doorScreen,
  drawerUnit,
  extinguisher,
  fanExtract,
  feedLead,
  fuseBoard,
  galley,
  galleyBasin,
  galleyBin,
  galleyDoors,
  galleyDrawers,
  galleyHob,
  galleyOutdoor,
  garage,
  gasLocker,
  gasUnder,
  gearRack,
  grabRail,
  handShower,
  hatchRoof,
  heaterAir,
  heaterCatalytic,
  heaterCombi,
  heaterFlow,
  heaterWater,
  hitchRack,
  hobLoose,
  hooks,
  hotspot,
  infillBoard,
  inlet,
  inverter,
  junctionBox,
  lidChest,
  lift,
  light,
  lightStrip,
  locker,
  loudspeaker,
  loungeBed,
  loungeU,
  microwave,
  outsideBox,
  oven,
  panDrawer,
  partition,
  partitionDoor,
  powerStation,
  recliner,
  roofLadder,
  screen,
  seatBed,
  seatDrop,
  servicePanel,
  shelfOvercab,
  showerRear,
  shunt,
  socket,
  sofaExtend,
  solarPanel,
  spiceRack,
  splashback,
  step,
  stool,
  switchPlate,
  tableArm,
  tableDrop,
  tableFlap,
  tableOutside,
  tablePull,
  tableRail,
  tableSink,
  tankPair,
  tankUnder,
  tankWaste,
  tent,
  throughCupboard,
  timer,
  toiletBox,
  toiletCassette,
  toiletDry,
  toiletPortable,
  toiletSeparating,
  trayRollin,
  ventWind,
  wardrobe,
  warmOutlet,
  washTub,
  watch,
  waterCan,
  waterFilter,
  waterPump,
  waterTank,
  wetCubicle,
  wetRoom,
  wheelchairPlace,
  winch,
  windowCover,
  worktopFlap,
] as const satisfies readonly FittingKind[]

const byId: ReadonlyMap<string, FittingKind> = new Map(KINDS.map((kind) => [kind.id, kind]))

/** @throws RangeError if there is no such kind. */
export function kindOf(id: string): FittingKind {
  const kind = byId.get(id)
  if (kind === undefined) throw new RangeError(`there is no fitting kind “${id}”`)
  return kind
}

/** A kind's parameters at their defaults. */
export const defaultsOf = (kind: FittingKind): Parameters => kind.parameters.parse({}) as Parameters
