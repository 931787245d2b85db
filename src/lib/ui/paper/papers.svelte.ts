import { variantsOf, modesOf } from '$lib/core/job'
import {
  PAPER_IDS,
  PAPER_KINDS,
  photosOf,
  takesPhotos,
  scalesIn,
  SHOP_MARK,
  usualPaper,
  type Asked,
  type PaperKind,
  type Pictures,
} from '$lib/core/paper'
import { PaperClient, type Shown } from '$lib/workers/paper-client'
import type { JobSession } from '../job/job-session.svelte'
import { ask } from '../parts/ask'
import { today } from '../parts/days'
import { reasonOf } from '../parts/reason'
import { search } from '../parts/search'
import { letterheadOf, markHref, shopPaper, type ShopPaper } from './shop-paper'

/** What is asked for, as the address says it. */
export type Wish = Readonly<
  Record<'what' | 'variant' | 'mode' | 'paper' | 'across' | 'scale' | 'notes' | 'photos', string>
>

/** Kinds that show one mode alone. */
const OF_A_MODE: readonly PaperKind[] = ['sheet']
/** Kinds that show nothing of a variant. */
const OF_THE_JOB: readonly PaperKind[] = ['questions', 'brief', 'vehicles', 'survey', 'bought', 'rules', 'history']
/** Kinds without a drawing. */
const WITHOUT_SCALE: readonly PaperKind[] = [
  'questions',
  'brief',
  'demands',
  'vehicles',
  'weight',
  'water',
  'power',
  'gas',
  'warmth',
  'air',
  'rules',
  'history',
]

/** The sheets of a job on screen, before they are printed or saved. */
export class Papers {
  readonly session: JobSession
  readonly #client = new PaperClient()
  readonly #wish: () => Partial<Wish>
  shop: ShopPaper = $state.raw({ name: '', address: '' })
  /** Moves when the mark was changed. */
  stamp = $state(0)
  sheets: readonly Shown[] = $state.raw([])
  /** How many there will be, while they are being drawn. */
  of: number | undefined = $state(undefined)
  leftOut: readonly string[] = $state.raw([])
  stopped: string | undefined = $state(undefined)
  #asked = 0

  constructor(session: JobSession, wish: () => Partial<Wish>) {
    this.session = session
    this.#wish = wish
    void this.readShop()
  }

  async readShop(): Promise<void> {
    const answer = await shopPaper()
    if (answer.ok) this.shop = answer.value
  }

  readonly kind: PaperKind = $derived.by(() => PAPER_KINDS.find((one) => one === this.#wish().what) ?? 'set')
  readonly variants = $derived.by(() => variantsOf(this.session.job))
  readonly variantId: string = $derived.by(() => {
    const { variant } = this.#wish()
    return this.variants.find(([id]) => id === variant)?.[0] ?? this.variants[0]?.[0] ?? ''
  })
  readonly modes = $derived.by(() => {
    const variant = this.session.job.variants[this.variantId]
    return variant === undefined ? [] : modesOf(variant.plan)
  })
  readonly modeId: string = $derived.by(
    () => this.modes.find(([id]) => id === this.#wish().mode)?.[0] ?? this.modes[0]?.[0] ?? '',
  )
  readonly showsMode: boolean = $derived.by(() => OF_A_MODE.includes(this.kind))
  readonly showsVariant: boolean = $derived.by(() => !OF_THE_JOB.includes(this.kind))
  readonly hasScale: boolean = $derived.by(() => !WITHOUT_SCALE.includes(this.kind))
  readonly usual = $derived.by(() => usualPaper(this.session.job.units))
  readonly paper = $derived.by(() => PAPER_IDS.find((one) => one === this.#wish().paper) ?? this.usual.paper)
  readonly across: boolean = $derived.by(() => (this.#wish().across ?? (this.usual.across ? '1' : '0')) !== '0')
  readonly scales = $derived.by(() => scalesIn(this.session.job.units))
  readonly scale: number | undefined = $derived.by(() =>
    this.scales.find((one) => one === Number(this.#wish().scale ?? '')),
  )
  readonly takesPhotos: boolean = $derived.by(() => takesPhotos(this.kind))
  readonly withNotes: boolean = $derived.by(() => this.#wish().notes === '1')
  readonly withPhotos: boolean = $derived.by(() => this.#wish().photos === '1')

  readonly #pictures: Pictures = $derived.by(() => {
    const photos = photosOf(this.kind, this.session.job, this.variantId)
    return {
      ...Object.fromEntries(photos.map(({ photo }) => [photo, `/api/jobs/${this.session.id}/photos/${photo}`])),
      ...(this.shop.mark === undefined ? {} : { [SHOP_MARK]: markHref(this.stamp) }),
    }
  })

  get #wanted(): Omit<Asked, 'job'> {
    return {
      variantId: this.variantId,
      ...(this.showsMode ? { modeIds: [this.modeId] } : {}),
      format: { paper: this.paper, across: this.across },
      scale: this.hasScale ? this.scale : undefined,
      letterhead: letterheadOf(this.shop),
      revision: this.session.revision,
      date: today(),
      withNotes: this.withNotes,
      withPhotos: this.withPhotos,
    }
  }

  /** Draws what is asked for anew; call it whenever that or the job changes. */
  async draw(): Promise<void> {
    const asked = (this.#asked += 1)
    const made: Shown[] = []
    this.of = 0
    this.stopped = undefined
    try {
      const history = this.kind === 'history' ? await this.#history() : undefined
      if (this.#asked !== asked) return
      const leftOut = await this.#client.sheets(
        this.session.job,
        this.kind,
        { ...this.#wanted, history },
        this.#pictures,
        (sheet, index, of) => {
          if (this.#asked !== asked) return
          made[index] = sheet
          this.of = of
          this.sheets = [...made]
        },
      )
      if (this.#asked === asked) this.leftOut = leftOut
    } catch (cause) {
      if (this.#asked === asked) this.stopped = reasonOf(cause)
    } finally {
      if (this.#asked === asked) this.of = undefined
    }
  }

  /** What was done to the job, once what was done last is there too. */
  async #history(): Promise<Asked['history']> {
    await this.session.flush()
    const answer = await ask<NonNullable<Asked['history']>>(`/api/jobs/${this.session.id}/history`)
    if (!answer.ok) throw new Error(answer.message)
    return answer.value
  }

  /** The address under which the server has the same as a file. */
  fileHref(format: 'pdf' | 'svg' | 'dxf', page?: number): string {
    const query = search({
      format,
      what: this.kind,
      variant: this.variantId,
      paper: this.paper,
      across: this.across ? '1' : '0',
      save: '1',
      mode: this.showsMode ? this.modeId : undefined,
      scale: this.hasScale && this.scale !== undefined ? String(this.scale) : undefined,
      notes: this.withNotes ? '1' : undefined,
      photos: this.withPhotos ? '1' : undefined,
      page: page === undefined ? undefined : String(page),
    })
    return `/api/jobs/${this.session.id}/paper?${query}`
  }

  close(): void {
    this.#client.close()
  }
}
