export { ceilingAreaM2, faceAreas, floorAreaM2, volumeM3, wallAreaM2, type FaceArea } from './areas'
export { askSpace, spaceQuestionSchema, type SpaceQuestion } from './ask'
export { roofLiningFor, stripOf, type StripCell } from './strip'
export { spaceTable, type SpaceRow, type SpaceRowId } from './space-table'
