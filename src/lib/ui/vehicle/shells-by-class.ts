import { BODY_CLASSES, GENERIC_SHELLS, type BodyClass, type Shell } from '$lib/core/shell'

/** The program’s own shells, class by class, each class shortest first. */
export const SHELLS_BY_CLASS: readonly { readonly bodyClass: BodyClass; readonly shells: readonly Shell[] }[] =
  BODY_CLASSES.map((bodyClass) => ({
    bodyClass,
    shells: GENERIC_SHELLS.filter((shell) => shell.bodyClass === bodyClass).sort(
      (a, b) => a.bulkhead.xMm - b.bulkhead.xMm,
    ),
  }))
