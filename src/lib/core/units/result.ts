/** What parsing gives back: a value, or a fault in words that can stand beside the field. */
export type Parsed<T> = { readonly ok: true; readonly value: T } | { readonly ok: false; readonly fault: string }

export const parsed = <T>(value: T): Parsed<T> => ({ ok: true, value })
export const faulty = (fault: string): { readonly ok: false; readonly fault: string } => ({ ok: false, fault })
