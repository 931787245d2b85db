import { mirroredShell, type Shell } from '../shell'
import { draftShell, genericShell, GENERIC_SHELLS, type FirstNumbers } from '../shells'
import type { Survey } from '../readings'

/** What the four first numbers are taken to be in a class until they are measured, in mm. */
const FIRST_NUMBERS: Record<Shell['bodyClass'], FirstNumbers> = {
  'panel-van': { lengthMm: 3400, widthMm: 1800, heightMm: 1800, archFromMm: 650 },
  'compact-van': { lengthMm: 1900, widthMm: 1550, heightMm: 1250, archFromMm: 330 },
  minivan: { lengthMm: 2350, widthMm: 1580, heightMm: 1190, archFromMm: 380 },
  minibus: { lengthMm: 4500, widthMm: 2050, heightMm: 1850, archFromMm: 900 },
  bus: { lengthMm: 7000, widthMm: 2350, heightMm: 2000, archFromMm: 1600 },
  'box-truck': { lengthMm: 4500, widthMm: 2100, heightMm: 2150, archFromMm: 900 },
}

const first = (survey: Survey, id: string): number | undefined => survey.readings[id]?.first

/**
 * The body that a survey starts from, before its measures are put in: a shell of the program's own, or a draft from the
 * four first numbers as far as they are measured.
 */
export function baseOf(survey: Survey): Shell {
  return survey.mirrored === true ? mirroredShell(drawnOf(survey)) : drawnOf(survey)
}

function drawnOf(survey: Survey): Shell {
  const { base } = survey
  if (base.kind === 'generic')
    return genericShell(GENERIC_SHELLS.some(({ id }) => id === base.shell) ? base.shell : 'van-long-high')
  const usual = FIRST_NUMBERS[base.bodyClass]
  const positive = (value: number | undefined, otherwise: number) =>
    value !== undefined && value > 0 ? value : otherwise
  return draftShell('own-draft', 'Draft', base.bodyClass, {
    lengthMm: positive(first(survey, 'length-floor'), usual.lengthMm),
    widthMm: positive(first(survey, 'axle-low'), usual.widthMm),
    heightMm: positive(first(survey, 'axle-roof'), usual.heightMm),
    archFromMm: positive(first(survey, 'arch-from'), usual.archFromMm),
  })
}
