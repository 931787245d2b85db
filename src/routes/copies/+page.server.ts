import { COPY_FAULTS } from '$lib/server/copies/facts'
import { DAYS_KEPT } from '$lib/server/copies/kept'
import { dataFolder } from '$lib/server/data-folder'
import { copies } from '$lib/server/store'
import type { PageServerLoad } from './$types'

export const load: PageServerLoad = ({ depends }) => {
  depends('zimmerman:copies')
  return {
    copies: copies.list(),
    fault: copies.fault === undefined ? '' : COPY_FAULTS[copies.fault],
    folder: dataFolder(),
    daysKept: DAYS_KEPT,
  }
}
