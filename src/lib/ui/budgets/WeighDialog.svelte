<script lang="ts">
  import { Dialog } from 'bits-ui'
  import { WHEELS, type WeightReport } from '$lib/core/budgets'
  import { SETTING_OUT, STORES, type Loading, type Store } from '$lib/core/job'
  import { capital, STORE_WORDS } from '$lib/core/text'
  import { sayMass } from '$lib/core/units'
  import { today } from '../parts/days'
  import NumberField from '../parts/NumberField.svelte'
  import type { Budgets } from './budgets.svelte'
  import { ABOARD_GROUPS, ashoreBut, type AboardGroup } from './loadings'

  interface Props {
    budgets: Budgets
    open: boolean
  }
  let { budgets, open = $bindable() }: Props = $props()

  type By = 'total' | 'axles' | 'wheels'
  const GROUPS = Object.keys(ABOARD_GROUPS) as AboardGroup[]
  const UNLISTED_AT = {
    'front left': [1, 1],
    'front right': [1, 0],
    'rear left': [0, 1],
    'rear right': [0, 0],
  } as const
  type Corner = keyof typeof UNLISTED_AT
  const CORNERS = Object.keys(UNLISTED_AT) as Corner[]

  let by: By = $state('wheels')
  let on = $state(today())
  let kg = $state([0, 0, 0, 0])
  let slackKg = $state(10)
  let groups: Readonly<Record<AboardGroup, boolean>> = $state({
    people: false,
    gear: false,
    furniture: true,
    lining: true,
    changes: true,
    seats: true,
  })
  let notIn: readonly string[] = $state([])
  let levels: Readonly<Record<Store, number>> = $state({ water: 0, waste: 0, gas: 0, fuel: 50, diesel: 0 })
  let fault = $state('')
  let reading: { padsKg: readonly number[]; isSteady: boolean; slackKg: number } | undefined = $state(undefined)
  let source: EventSource | undefined
  let fromScale = $state(false)
  /** What the simulated scale is to find that no plan knows of. */
  let unlistedKg = $state(46)
  let corner: Corner = $state('rear left')

  const fittings = $derived(Object.keys(budgets.plan.fittings))
  const inIt = $derived(fittings.filter((id) => !notIn.includes(id)))
  const stores = $derived(
    STORES.filter((store) => budgets.report?.entries.some((entry) => entry.store === store) === true),
  )
  const loading: Loading = $derived({
    ...SETTING_OUT,
    without: [
      ...ashoreBut(budgets.report?.entries ?? [], new Set(GROUPS.filter((group) => groups[group])), new Set(inIt)),
      ...(groups.people ? [] : ['driver']),
    ].filter((id, index, all) => all.indexOf(id) === index),
    levels,
  })
  const COUNT: Readonly<Record<By, number>> = { total: 1, axles: 2, wheels: 4 }
  const LABELS: Readonly<Record<By, readonly string[]>> = {
    total: ['whole vehicle'],
    axles: ['front axle', 'rear axle'],
    wheels: WHEELS.map((wheel) => wheel.replace('-', ' ')),
  }
  const typed = $derived(kg.slice(0, COUNT[by]))
  const sum = $derived(typed.reduce((all, one) => all + one, 0))

  function stop(): void {
    source?.close()
    source = undefined
  }
  $effect(() => {
    if (!open) stop()
    return stop
  })

  /** What the wheels would press with in this loading, and the unlisted mass at its corner on top. */
  function padsOf({ limits }: WeightReport): readonly number[] {
    const [front, left] = UNLISTED_AT[corner]
    return WHEELS.map((wheel) => {
      const own = limits.find(({ id }) => id === wheel)?.now ?? 0
      const isHere = wheel.startsWith(front === 1 ? 'front' : 'rear') && wheel.endsWith(left === 1 ? 'left' : 'right')
      return Math.max(0, own + (isHere ? unlistedKg : 0))
    })
  }

  async function readScale(): Promise<void> {
    stop()
    fault = ''
    const report = await budgets.entriesIn($state.snapshot(loading) as Loading)
    const pads = padsOf(report)
    if (!pads.some((one) => one > 0)) {
      fault = 'The track of the wheels is not known: enter it under the vehicle by its papers first.'
      return
    }
    by = 'wheels'
    source = new EventSource(`/api/scale?pads=${pads.map((one) => one.toFixed(1)).join(',')}`)
    source.onmessage = (event: MessageEvent<string>) => {
      reading = JSON.parse(event.data) as NonNullable<typeof reading>
      kg = [...reading.padsKg]
      slackKg = reading.slackKg
      fromScale = true
      if (reading.isSteady) stop()
    }
    source.onerror = () => {
      stop()
      fault = 'The scale does not answer. Type what it shows.'
    }
  }

  async function keep(): Promise<void> {
    fault = ''
    if (!(sum > 0)) {
      fault = 'Type what the scale shows first.'
      return
    }
    const [a = 0, b = 0, c = 0, d = 0] = typed
    const figures =
      by === 'wheels'
        ? { padsKg: [a, b, c, d] as [number, number, number, number] }
        : by === 'axles'
          ? { axlesKg: [a, b] as [number, number] }
          : { totalKg: a }
    const kept = await budgets.weigh(
      { ...figures, slackKg, from: fromScale ? 'scale' : 'typed' },
      $state.snapshot(loading) as Loading,
      on,
    )
    if (kept === undefined) fault = budgets.session.refusal?.message ?? 'That was not saved.'
    else open = false
  }
</script>

<Dialog.Root bind:open>
  <Dialog.Portal>
    <Dialog.Overlay class="fixed inset-0 z-40 bg-[color-mix(in_srgb,var(--ink)_20%,transparent)]" />
    <Dialog.Content
      class="fixed top-1/2 left-1/2 z-50 max-h-[92vh] w-[51.4286rem] -translate-x-1/2 -translate-y-1/2 overflow-y-auto border border-ink bg-sheet p-5"
    >
      <Dialog.Title class="text-lg font-semibold">Weigh it</Dialog.Title>
      <Dialog.Description class="text-[0.9286rem] text-ink-2"
        >Say what is in the vehicle now, then what the scale shows. The plan is checked against it in this loading.</Dialog.Description
      >
      <div class="mt-3 grid grid-cols-2 gap-x-8 text-[0.9286rem]">
        <section aria-label="In it now">
          <h3 class="caps">In it now</h3>
          {#each GROUPS as group (group)}
            <label class="flex items-baseline gap-2 py-0.5"
              ><input
                type="checkbox"
                class="accent-pencil"
                checked={groups[group]}
                onchange={(event) => (groups = { ...groups, [group]: event.currentTarget.checked })}
              />{ABOARD_GROUPS[group]}</label
            >
          {/each}
          {#if groups.furniture && fittings.length > 0}
            <details class="mt-1">
              <summary class="w-fit cursor-pointer act"
                >{notIn.length === 0 ? 'all fittings' : `${inIt.length} of ${fittings.length} fittings`}</summary
              >
              <p class="flex gap-4">
                <button class="act" onclick={() => (notIn = fittings)}>none</button>
                <button class="act" onclick={() => (notIn = [])}>all</button>
              </p>
              <div class="max-h-40 overflow-y-auto">
                {#each fittings as id (id)}
                  <label class="flex items-baseline gap-2"
                    ><input
                      type="checkbox"
                      class="accent-pencil"
                      checked={!notIn.includes(id)}
                      onchange={(event) =>
                        (notIn = event.currentTarget.checked ? notIn.filter((one) => one !== id) : [...notIn, id])}
                    />{budgets.names.fitting(id)}</label
                  >
                {/each}
              </div>
            </details>
          {/if}
          <h3 class="mt-3 caps">How full, per cent</h3>
          {#each stores as store (store)}
            <NumberField
              label={STORE_WORDS[store]}
              value={levels[store]}
              width="3rem"
              suffix="%"
              min={0}
              max={100}
              onset={(value) => (levels = { ...levels, [store]: value })}
            />
          {/each}
        </section>
        <section aria-label="The reading">
          <h3 class="caps">The scale shows</h3>
          <div class="mt-1 flex gap-4" role="radiogroup" aria-label="What is on the scale">
            {#each [['total', 'the whole'], ['axles', 'axles'], ['wheels', 'four wheels']] as const as [id, words] (id)}
              <label class="flex items-baseline gap-1"
                ><input
                  type="radio"
                  class="accent-pencil"
                  name="by"
                  checked={by === id}
                  onchange={() => (by = id)}
                />{words}</label
              >
            {/each}
          </div>
          {#each LABELS[by] as label, index (label)}
            <NumberField
              label={capital(label)}
              value={kg[index] ?? 0}
              of="mass"
              suffix="kg"
              width="4.2rem"
              min={0}
              max={20_000}
              onset={(value) => {
                kg = kg.map((one, at) => (at === index ? value : one))
                fromScale = false
              }}
            />
          {/each}
          <p class="flex justify-between border-t border-line pt-0.5">
            <span class="text-ink-2">together</span><b class="font-semibold">{sayMass(Math.round(sum))}</b>
          </p>
          <NumberField
            label="a reading can be off by"
            value={slackKg}
            of="mass"
            suffix="kg"
            width="4.2rem"
            min={0}
            max={200}
            onset={(value) => (slackKg = value)}
          />
          <label class="mt-1 flex items-baseline justify-between gap-2"
            ><span class="text-ink-2">weighed on</span>
            <input
              type="date"
              class="ruled"
              value={on}
              onchange={(event) => (on = event.currentTarget.value || today())}
            /></label
          >
          <div class="mt-3 border-t border-line pt-2" data-testid="scale">
            <p class="text-ink-2">
              No scale is plugged in; a simulated one weighs what is in the plan, and finds
              <span class="inline-block"
                ><NumberField
                  hideLabel
                  label="unlisted kilograms"
                  value={unlistedKg}
                  width="3rem"
                  suffix="kg"
                  min={-300}
                  max={300}
                  onset={(value) => (unlistedKg = value)}
                /></span
              >
              more at the
              <select class="ruled" aria-label="where the simulated scale finds more" bind:value={corner}>
                {#each CORNERS as one (one)}<option value={one}>{one}</option>{/each}
              </select>.
            </p>
            <button class="mt-1 act" onclick={() => void readScale()}>Read the simulated scale</button>
            {#if reading !== undefined}
              <span role="status" class="ml-2 text-ink-2">{reading.isSteady ? 'steady' : 'still rocking…'}</span>
            {/if}
          </div>
        </section>
      </div>
      {#if fault !== ''}<p role="alert" class="mt-2 text-[0.9286rem] text-stop">{fault}</p>{/if}
      <p class="mt-4 flex justify-end gap-6">
        <button class="act" onclick={() => (open = false)}>Cancel</button>
        <button class="bg-pencil px-3 py-1 font-semibold text-on-pencil" onclick={() => void keep()}
          >Save the reading</button
        >
      </p>
    </Dialog.Content>
  </Dialog.Portal>
</Dialog.Root>
