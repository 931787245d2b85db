import type { Rule } from './define-rule'
import { bedHigh } from './rules/bed-high'
import { beltsEnough } from './rules/belts-enough'
import { berthLength } from './rules/berth-length'
import { berthWidth } from './rules/berth-width'
import { berthsEnough } from './rules/berths-enough'
import { clearanceFree } from './rules/clearance-free'
import { doorFree } from './rules/door-free'
import { figureFits } from './rules/figure-fits'
import { gearStowed } from './rules/gear-stowed'
import { insideShell } from './rules/inside-shell'
import { noOverlap } from './rules/no-overlap'
import { reclineFree } from './rules/recline-free'
import { servicePresent } from './rules/service-present'
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
  clearanceFree,
  doorFree,
  figureFits,
  gearStowed,
  insideShell,
  noOverlap,
  reclineFree,
  servicePresent,
  standingHeight,
  swivelFree,
  tablePlaces,
  turningCircle,
  wayWidth,
]
