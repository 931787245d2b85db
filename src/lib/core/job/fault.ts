export interface Fault {
  /** Where in the document, as in `variants.variant-a.plan.fittings.bed-1.parameters.lengthMm`; empty for the whole. */
  readonly path: string
  readonly message: string
}
