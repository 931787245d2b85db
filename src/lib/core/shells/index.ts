export { draftShell, type FirstNumbers } from './draft-shell'
export { genericShell, GENERIC_SHELLS, shellNamed } from './generic-shells'
