import { BODY_CLASSES, type BodyClass, type Shell } from '$lib/core/shell'
import { GENERIC_SHELLS } from '$lib/core/shells'

/** The program’s own shells, class by class, each class shortest first. */
export const SHELLS_BY_CLASS: readonly { readonly bodyClass: BodyClass; readonly shells: readonly Shell[] }[] =
  BODY_CLASSES.map((bodyClass) => ({
    bodyClass,
    shells: GENERIC_SHELLS.filter((shell) => shell.bodyClass === bodyClass).sort(
      (a, b) => a.bulkhead.xMm - b.bulkhead.xMm,
    ),
  }))
