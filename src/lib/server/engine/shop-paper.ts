import { z } from 'zod'
import { readJson } from './reading'
import type { Read } from './reply'

const words = z.object({
  name: z.string().max(120),
  address: z.string().max(400),
})

/** The head of the shop’s paper as it is kept, its mark as a PNG file in base 64. */
export const keptPaper = words.extend({
  mark: z.object({ data: z.string(), widthPx: z.number().int().min(1), heightPx: z.number().int().min(1) }).optional(),
})
export type KeptPaper = z.infer<typeof keptPaper>

/** Name and address from a body, or the answer that says what is wrong with it. */
export const readShopPaper = (bytes: Uint8Array): Read<z.infer<typeof words>> => readJson(bytes, words)
