export { sayFinding } from '$lib/core/text'
