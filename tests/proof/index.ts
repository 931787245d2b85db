import { commandsProof } from './commands'
import { documentsProof } from './documents'
import { figuresProof } from './figures'
import { hollowsProof } from './hollows'
import { incrementalProof } from './incremental'
import { remediesProof } from './remedies'
import { pageOf, type Proof } from './report'
import { typedTapeProof } from './typed-tape'
import { wallsProof } from './walls'

export { pageOf }

/** The sweeps that need no server, by name; each takes the share of it that is to be done. */
export const SWEEPS: Readonly<Record<string, (share: number) => Proof>> = {
  walls: wallsProof,
  'typed-tape': typedTapeProof,
  commands: commandsProof,
  documents: documentsProof,
  hollows: hollowsProof,
  incremental: incrementalProof,
  remedies: remediesProof,
  figures: figuresProof,
}
