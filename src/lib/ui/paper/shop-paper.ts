import type { Letterhead } from '$lib/core/paper'
import { ask, type Answer } from '../parts/ask'

/** The head of the shop’s paper, as the server tells it. */
export interface ShopPaper {
  readonly name: string
  readonly address: string
  readonly mark?: { readonly widthPx: number; readonly heightPx: number }
}

const PATH = '/api/shop/paper'
export const shopPaper = (): Promise<Answer<ShopPaper>> => ask(PATH)
export const keepShopPaper = (words: Pick<ShopPaper, 'name' | 'address'>): Promise<Answer<ShopPaper>> =>
  ask(PATH, { method: 'PUT', body: JSON.stringify(words) })
export const keepMark = (file: File): Promise<Answer<NonNullable<ShopPaper['mark']>>> =>
  ask(`${PATH}/mark`, { method: 'PUT', body: file })
export const dropMark = (): Promise<Response> => fetch(`${PATH}/mark`, { method: 'DELETE' })
/** `stamp` asks for it anew after it was changed. */
export const markHref = (stamp: number): string => `${PATH}/mark?${stamp}`

export const letterheadOf = ({ name, address, mark }: ShopPaper): Letterhead => ({
  name,
  address,
  markShape: mark === undefined ? undefined : mark.widthPx / mark.heightPx,
})
