import { ruleBook } from '$lib/core/text'
import type { PageServerLoad } from './$types'

export const load: PageServerLoad = () => ({ book: ruleBook('mm') })
