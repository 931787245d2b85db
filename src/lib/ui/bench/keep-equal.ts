import { dequal } from 'dequal/lite'
import type { Finding, VariantReview } from '$lib/core/review'

const idOf = (modeId: string, { key, code }: Finding): string => `${modeId} ${code} ${key}`

/** A new review in which every finding that says the same as before is the same object, so that the screen redraws only what is new. */
export function keepEqual(before: VariantReview | undefined, next: VariantReview): VariantReview {
  if (before === undefined || before.variantId !== next.variantId) return next
  const known = new Map(
    before.modes.flatMap(({ modeId, findings }) =>
      findings.map((finding) => [idOf(modeId, finding), finding] as const),
    ),
  )
  const modes = next.modes.map((mode) => ({
    ...mode,
    findings: mode.findings.map((finding) => {
      const old = known.get(idOf(mode.modeId, finding))
      return old !== undefined && dequal(old, finding) ? old : finding
    }),
  }))
  return { ...next, modes }
}
