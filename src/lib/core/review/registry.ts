import type { Rule } from './define-rule'
import { airBerth } from './rules/air-berth'
import { airHob } from './rules/air-hob'
import { airPair } from './rules/air-pair'
import { awningDoor } from './rules/awning-door'
import { bedAlone } from './rules/bed-alone'
import { bedHigh } from './rules/bed-high'
import { beltFacing } from './rules/belt-facing'
import { beltsEnough } from './rules/belts-enough'
import { berthLength } from './rules/berth-length'
import { berthWidth } from './rules/berth-width'
import { berthsEnough } from './rules/berths-enough'
import { bodyOpening } from './rules/body-opening'
import { changePossible } from './rules/change-possible'
import { changeTime } from './rules/change-time'
import { clearanceFree } from './rules/clearance-free'
import { climbOver } from './rules/climb-over'
import { coldNear } from './rules/cold-near'
import { doorFree } from './rules/door-free'
import { drawerLatch } from './rules/drawer-latch'
import { electricsDry } from './rules/electrics-dry'
import { figureFits } from './rules/figure-fits'
import { fuseNear } from './rules/fuse-near'
import { gasVent } from './rules/gas-vent'
import { gasZone } from './rules/gas-zone'
import { gearStowed } from './rules/gear-stowed'
import { groundClear } from './rules/ground-clear'
import { headsApart } from './rules/heads-apart'
import { headsClear } from './rules/heads-clear'
import { heldFast } from './rules/held-fast'
import { hobBeside } from './rules/hob-beside'
import { insideShell } from './rules/inside-shell'
import { looseStowed } from './rules/loose-stowed'
import { mattressAir } from './rules/mattress-air'
import { noHoles } from './rules/no-holes'
import { noOverlap } from './rules/no-overlap'
import { parkingFit } from './rules/parking-fit'
import { passingPlace } from './rules/passing-place'
import { quietHeads } from './rules/quiet-heads'
import { railHeld } from './rules/rail-held'
import { reclineFree } from './rules/recline-free'
import { resaleBed } from './rules/resale-bed'
import { serviceAccess } from './rules/service-access'
import { servicePresent } from './rules/service-present'
import { sitUp } from './rules/sit-up'
import { standingHeight } from './rules/standing-height'
import { standsOn } from './rules/stands-on'
import { stealthSeen } from './rules/stealth-seen'
import { swivelFree } from './rules/swivel-free'
import { tablePlaces } from './rules/table-places'
import { turningCircle } from './rules/turning-circle'
import { wayWidth } from './rules/way-width'
import { waysOut } from './rules/ways-out'
import { worktopFree } from './rules/worktop-free'
import { worktopHeight } from './rules/worktop-height'

/** Every rule there is, sorted by id; a test keeps this list equal to the folder. */
export const RULES: readonly Rule[] = [
  airBerth,
  airHob,
  airPair,
  awningDoor,
  bedAlone,
  bedHigh,
  beltFacing,
  beltsEnough,
  berthLength,
  berthWidth,
  berthsEnough,
  bodyOpening,
  changePossible,
  changeTime,
  clearanceFree,
  climbOver,
  coldNear,
  doorFree,
  drawerLatch,
  electricsDry,
  figureFits,
  fuseNear,
  gasVent,
  gasZone,
  gearStowed,
  groundClear,
  headsApart,
  headsClear,
  heldFast,
  hobBeside,
  insideShell,
  looseStowed,
  mattressAir,
  noHoles,
  noOverlap,
  parkingFit,
  passingPlace,
  quietHeads,
  railHeld,
  reclineFree,
  resaleBed,
  serviceAccess,
  servicePresent,
  sitUp,
  standingHeight,
  standsOn,
  stealthSeen,
  swivelFree,
  tablePlaces,
  turningCircle,
  wayWidth,
  waysOut,
  worktopFree,
  worktopHeight,
]
