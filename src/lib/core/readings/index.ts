export {
  mirroredSurvey,
  surveyOfShell,
  newSurvey,
  readingSchema,
  READING_LIMITS,
  ROOF_KINDS,
  surveySchema,
  type OpeningAnswers,
  type Reading,
  type RoofKind,
  type Survey,
} from './schema'
