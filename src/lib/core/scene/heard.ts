import { shutIn } from './in-hollow'
import type { Placed, Scene } from './scene'

/** What the boards of a cupboard or a bench take off the noise of what is shut in there, dB. Common practice, no source. */
const BOARDS_DB = 8

/** How loud a thing is in the room at a metre, dB(A): through a front that is shut there comes less; undefined of what makes no noise. */
export const heardDb = (scene: Scene, placed: Placed): number | undefined =>
  placed.facts.noiseDb === undefined
    ? undefined
    : placed.facts.noiseDb - (shutIn(scene, placed) === undefined ? 0 : BOARDS_DB)
