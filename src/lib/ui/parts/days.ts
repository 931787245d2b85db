/** “25 Nov 2026”, of a day as documents write it. */
export const sayDay = (date: string): string =>
  new Date(`${date.slice(0, 10)}T00:00`).toLocaleDateString('en-GB', {
    day: 'numeric',
    month: 'short',
    year: 'numeric',
  })

/** Today as documents write it, by the clock of this place. */
export const today = (): string => new Date().toLocaleDateString('en-CA')
