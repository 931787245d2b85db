/** A job's screens live in the browser: what is not saved yet is kept there. */
export const ssr = false
