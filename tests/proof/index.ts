import { commandsProof } from './commands'
import { documentsProof } from './documents'
import { pageOf, type Proof } from './report'
import { wallsProof } from './walls'

export { pageOf }

/** The sweeps that need no server, by name; each takes the share of it that is to be done. */
export const SWEEPS: Readonly<Record<string, (share: number) => Proof>> = {
  walls: wallsProof,
  commands: commandsProof,
  documents: documentsProof,
}
