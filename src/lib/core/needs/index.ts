export { NEED_TABLE } from './table'
export { choicesOf, firstFor, fittingFor, smallerFor } from './sized'
export { needStates, stowedIn, type NeedState } from './met'
export { seatsFor } from './placing'
