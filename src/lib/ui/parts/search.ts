/** The part of an address after its question mark; fields without a value are left out. */
export const search = (fields: Readonly<Record<string, string | undefined>>): string =>
  new URLSearchParams(
    Object.entries(fields).flatMap(([name, value]) => (value === undefined || value === '' ? [] : [[name, value]])),
  ).toString()

/** The fields of an address as it is now: a page may have changed it without going anywhere. */
export const fieldsOf = (address: string): Readonly<Record<string, string>> =>
  Object.fromEntries(new URLSearchParams(address))
