import type { Rule } from './define-rule'
import { airBerth } from './rules/air-berth'
import { airHob } from './rules/air-hob'
import { airPair } from './rules/air-pair'
import { airScreened } from './rules/air-screened'
import { alarmsPlaced } from './rules/alarms-placed'
import { asBought } from './rules/as-bought'
import { asRated } from './rules/as-rated'
import { awningDoor } from './rules/awning-door'
import { axleLoad } from './rules/axle-load'
import { basinHeight } from './rules/basin-height'
import { batteryKept } from './rules/battery-kept'
import { bedAlone } from './rules/bed-alone'
import { bedHigh } from './rules/bed-high'
import { bedWhole } from './rules/bed-whole'
import { beltFacing } from './rules/belt-facing'
import { beltFloor } from './rules/belt-floor'
import { beltsEnough } from './rules/belts-enough'
import { berthLength } from './rules/berth-length'
import { berthRail } from './rules/berth-rail'
import { berthWarm } from './rules/berth-warm'
import { berthWidth } from './rules/berth-width'
import { berthsEnough } from './rules/berths-enough'
import { bodyOpening } from './rules/body-opening'
import { carryIn } from './rules/carry-in'
import { changePossible } from './rules/change-possible'
import { changeTime } from './rules/change-time'
import { chargeFrost } from './rules/charge-frost'
import { chargerFits } from './rules/charger-fits'
import { clearanceFree } from './rules/clearance-free'
import { climbOver } from './rules/climb-over'
import { coldNear } from './rules/cold-near'
import { coldOutside } from './rules/cold-outside'
import { dailyFront } from './rules/daily-front'
import { doorFree } from './rules/door-free'
import { doorRack } from './rules/door-rack'
import { drainFall } from './rules/drain-fall'
import { drawerLatch } from './rules/drawer-latch'
import { drawerReach } from './rules/drawer-reach'
import { driverView } from './rules/driver-view'
import { electricsDry } from './rules/electrics-dry'
import { energySchool } from './rules/energy-school'
import { extinguisherNear } from './rules/extinguisher-near'
import { figureFits } from './rules/figure-fits'
import { fillClean } from './rules/fill-clean'
import { finishFit } from './rules/finish-fit'
import { fitsHollow } from './rules/fits-hollow'
import { frontShare } from './rules/front-share'
import { fuseNear } from './rules/fuse-near'
import { fuseWays } from './rules/fuse-ways'
import { gasVent } from './rules/gas-vent'
import { gasZone } from './rules/gas-zone'
import { gearOut } from './rules/gear-out'
import { gearStowed } from './rules/gear-stowed'
import { goesWith } from './rules/goes-with'
import { groundClear } from './rules/ground-clear'
import { headsApart } from './rules/heads-apart'
import { headsClear } from './rules/heads-clear'
import { heaterClear } from './rules/heater-clear'
import { heaterControl } from './rules/heater-control'
import { heaterSize } from './rules/heater-size'
import { heldFast } from './rules/held-fast'
import { hobBeside } from './rules/hob-beside'
import { hollowAir } from './rules/hollow-air'
import { hookUpSide } from './rules/hook-up-side'
import { hungHeld } from './rules/hung-held'
import { inletOne } from './rules/inlet-one'
import { insideShell } from './rules/inside-shell'
import { inverterEnough } from './rules/inverter-enough'
import { inverterNear } from './rules/inverter-near'
import { lightDoor } from './rules/light-door'
import { lightNight } from './rules/light-night'
import { lightReading } from './rules/light-reading'
import { looseStowed } from './rules/loose-stowed'
import { massBehind } from './rules/mass-behind'
import { massHigh } from './rules/mass-high'
import { mattressAir } from './rules/mattress-air'
import { noHoles } from './rules/no-holes'
import { noOverlap } from './rules/no-overlap'
import { outletClear } from './rules/outlet-clear'
import { parkingFit } from './rules/parking-fit'
import { passingPlace } from './rules/passing-place'
import { payload } from './rules/payload'
import { petStep } from './rules/pet-step'
import { pumpNear } from './rules/pump-near'
import { quietHeads } from './rules/quiet-heads'
import { railHeld } from './rules/rail-held'
import { reachHigh } from './rules/reach-high'
import { reclineFree } from './rules/recline-free'
import { resaleBed } from './rules/resale-bed'
import { reserveKept } from './rules/reserve-kept'
import { roofLoad } from './rules/roof-load'
import { roofWithin } from './rules/roof-within'
import { seatDepth } from './rules/seat-depth'
import { seatHeight } from './rules/seat-height'
import { seatsDry } from './rules/seats-dry'
import { serviceAccess } from './rules/service-access'
import { servicePresent } from './rules/service-present'
import { sideBalance } from './rules/side-balance'
import { sitUp } from './rules/sit-up'
import { socketBedside } from './rules/socket-bedside'
import { socketNear } from './rules/socket-near'
import { standingHeight } from './rules/standing-height'
import { standsOff } from './rules/stands-off'
import { standsOn } from './rules/stands-on'
import { stealthSeen } from './rules/stealth-seen'
import { stepRise } from './rules/step-rise'
import { swivelFree } from './rules/swivel-free'
import { tableKnee } from './rules/table-knee'
import { tablePlaces } from './rules/table-places'
import { tankCleans } from './rules/tank-cleans'
import { tankFills } from './rules/tank-fills'
import { tankFrost } from './rules/tank-frost'
import { tanksLevel } from './rules/tanks-level'
import { transferSpace } from './rules/transfer-space'
import { turningCircle } from './rules/turning-circle'
import { wasteEnough } from './rules/waste-enough'
import { wayWidth } from './rules/way-width'
import { waysOut } from './rules/ways-out'
import { wetApart } from './rules/wet-apart'
import { wheelLoad } from './rules/wheel-load'
import { windowFree } from './rules/window-free'
import { wireHolds } from './rules/wire-holds'
import { worktopFree } from './rules/worktop-free'
import { worktopHeight } from './rules/worktop-height'

/** Every rule there is, sorted by id; a test keeps this list equal to the folder. */
export const RULES: readonly Rule[] = [
  airBerth,
  airHob,
  airPair,
  airScreened,
  alarmsPlaced,
  asBought,
  asRated,
  awningDoor,
  axleLoad,
  basinHeight,
  batteryKept,
  bedAlone,
  bedHigh,
  bedWhole,
  beltFacing,
  beltFloor,
  beltsEnough,
  berthLength,
  berthRail,
  berthWarm,
  berthWidth,
  berthsEnough,
  bodyOpening,
  carryIn,
  changePossible,
  changeTime,
  chargeFrost,
  chargerFits,
  clearanceFree,
  climbOver,
  coldNear,
  coldOutside,
  dailyFront,
  doorFree,
  doorRack,
  drainFall,
  drawerLatch,
  drawerReach,
  driverView,
  electricsDry,
  energySchool,
  extinguisherNear,
  figureFits,
  fillClean,
  finishFit,
  fitsHollow,
  frontShare,
  fuseNear,
  fuseWays,
  gasVent,
  gasZone,
  gearOut,
  gearStowed,
  goesWith,
  groundClear,
  headsApart,
  headsClear,
  heaterClear,
  heaterControl,
  heaterSize,
  heldFast,
  hobBeside,
  hollowAir,
  hookUpSide,
  hungHeld,
  inletOne,
  insideShell,
  inverterEnough,
  inverterNear,
  lightDoor,
  lightNight,
  lightReading,
  looseStowed,
  massBehind,
  massHigh,
  mattressAir,
  noHoles,
  noOverlap,
  outletClear,
  parkingFit,
  passingPlace,
  payload,
  petStep,
  pumpNear,
  quietHeads,
  railHeld,
  reachHigh,
  reclineFree,
  resaleBed,
  reserveKept,
  roofLoad,
  roofWithin,
  seatDepth,
  seatHeight,
  seatsDry,
  serviceAccess,
  servicePresent,
  sideBalance,
  sitUp,
  socketBedside,
  socketNear,
  standingHeight,
  standsOff,
  standsOn,
  stealthSeen,
  stepRise,
  swivelFree,
  tableKnee,
  tablePlaces,
  tankCleans,
  tankFills,
  tankFrost,
  tanksLevel,
  transferSpace,
  turningCircle,
  wasteEnough,
  wayWidth,
  waysOut,
  wetApart,
  wheelLoad,
  windowFree,
  wireHolds,
  worktopFree,
  worktopHeight,
]
