import type { Rule } from './define-rule'
import { bedHigh } from './rules/bed-high'
import { beltsEnough } from './rules/belts-enough'
import { berthLength } from './rules/berth-length'
import { berthWidth } from './rules/berth-width'
import { berthsEnough } from './rules/berths-enough'
import { bodyOpening } from './rules/body-opening'
import { changePossible } from './rules/change-possible'
import { clearanceFree } from './rules/clearance-free'
import { climbOver } from './rules/climb-over'
import { doorFree } from './rules/door-free'
import { drawerLatch } from './rules/drawer-latch'
import { figureFits } from './rules/figure-fits'
import { gearStowed } from './rules/gear-stowed'
import { insideShell } from './rules/inside-shell'
import { looseStowed } from './rules/loose-stowed'
import { mattressAir } from './rules/mattress-air'
import { noHoles } from './rules/no-holes'
import { noOverlap } from './rules/no-overlap'
import { railHeld } from './rules/rail-held'
import { reclineFree } from './rules/recline-free'
import { serviceAccess } from './rules/service-access'
import { servicePresent } from './rules/service-present'
import { sitUp } from './rules/sit-up'
import { standingHeight } from './rules/standing-height'
import { swivelFree } from './rules/swivel-free'
import { tablePlaces } from './rules/table-places'
import { turningCircle } from './rules/turning-circle'
import { wayWidth } from './rules/way-width'

/** Every rule there is, sorted by id; a test keeps this list equal to the folder. */
export const RULES: readonly Rule[] = [
  bedHigh,
  beltsEnough,
  berthLength,
  berthWidth,
  berthsEnough,
  bodyOpening,
  changePossible,
  clearanceFree,
  climbOver,
  doorFree,
  drawerLatch,
  figureFits,
  gearStowed,
  insideShell,
  looseStowed,
  mattressAir,
  noHoles,
  noOverlap,
  railHeld,
  reclineFree,
  serviceAccess,
  servicePresent,
  sitUp,
  standingHeight,
  swivelFree,
  tablePlaces,
  turningCircle,
  wayWidth,
]
