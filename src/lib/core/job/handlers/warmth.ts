import { warmthSchema } from '../warmth-schema'
import { checked, type HandlersOf } from './kit'

export const WARMTH_HANDLERS: HandlersOf<'warmth'> = {
  'warmth.assume': (job, { key, value }) => {
    const assume = ((job.warmth ??= {}).assume ??= {})
    if (value === null) delete assume[key]
    else assume[key] = value
    checked(warmthSchema, job.warmth)
    if (Object.keys(assume).length === 0) delete job.warmth.assume
    if (Object.keys(job.warmth).length === 0) delete job.warmth
  },
}
