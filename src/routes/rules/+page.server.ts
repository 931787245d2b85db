import { ruleBook } from '$lib/core/text'
import type { PageServerLoad } from './$types'

const book = ruleBook('mm')

export const load: PageServerLoad = () => ({ book })
