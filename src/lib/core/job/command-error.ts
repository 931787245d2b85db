/** A command that does not fit the job that it meets, in words for the person who gave it. */
export class CommandError extends Error {
  override readonly name = 'CommandError'
}
