import { GENERIC_SHELLS } from '$lib/core/shells'
import { refusal, type Reply } from './reply'

/** Says which bodies there are to one who asked for another. */
export const noSuchShell = (): Reply =>
  refusal(404, 'There is no such shell.', [
    { path: 'shell', message: `one of ${GENERIC_SHELLS.map(({ id }) => id).join(', ')}` },
  ])
