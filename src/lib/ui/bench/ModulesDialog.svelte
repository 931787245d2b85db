<script lang="ts">
  import { Dialog } from 'bits-ui'
  import { format } from 'date-fns'
  import { hangsOn } from '$lib/core/fittings'
  import { type Fault, type ModuleSummary, type SimpleCommand } from '$lib/core/job'
  import { moduleOf, placedModule, type Module } from '$lib/core/module'
  import { sayMass } from '$lib/core/units'
  import { newId } from '../job/new-id'
  import type { Bench } from './bench.svelte'
  import { deleteModule, keepModule, listModules, loadModule, revisionsOf } from './module-requests'

  let { bench, open = $bindable(false) }: { bench: Bench; open: boolean } = $props()

  let modules: readonly ModuleSummary[] | undefined = $state.raw(undefined)
  let refused: { message: string; faults: readonly Fault[] } | undefined = $state.raw(undefined)
  let name = $state('')
  let note = $state('')
  let into = $state('')
  let states: Readonly<Record<string, readonly { revision: number; at: string }[]>> = $state.raw({})
  /** Which one is about to be taken out: there is no way back. */
  let going: string | undefined = $state(undefined)
  let picker: HTMLInputElement | undefined = $state(undefined)

  const held = $derived(bench.scene.placed.filter(({ id }) => bench.inHand.includes(id)))

  async function refresh(): Promise<void> {
    const found = await listModules()
    if (found.ok) modules = found.value
    else refused = found
  }
  $effect(() => {
    if (!open) return
    refused = undefined
    going = undefined
    into = ''
    name = held.length === 1 ? bench.names.fitting(held[0]!.id) : ''
    void refresh()
  })

  async function settle(outcome: ReturnType<typeof keepModule>): Promise<boolean> {
    const result = await outcome
    refused = result.ok ? undefined : result
    states = {}
    going = undefined
    await refresh()
    return result.ok
  }

  async function keep(): Promise<void> {
    const floor = bench.interior.lining.floorMm
    const standing = held.map((placed) => ({
      id: placed.id,
      fitting: { ...placed.fitting, seat: placed.seat },
      fromRearMm: placed.bounds.x.min - bench.interior.xSpan.min,
      overFloorMm: placed.placement.at[2] - floor,
    }))
    const known = modules?.find(({ id }) => id === into)
    const module = moduleOf(known?.id ?? newId('module'), known?.name ?? name.trim(), note.trim(), standing)
    if (await settle(keepModule(JSON.stringify(module)))) {
      name = ''
      note = ''
    }
  }

  async function importFile(file: File | undefined): Promise<void> {
    if (file !== undefined) await settle(keepModule(await file.text()))
  }

  function place(module: Module): void {
    const fittings = placedModule(module, Math.max(0, Math.round(bench.stationMm)), () => newId('fit'))
    const adds = Object.entries(fittings).map(([id, fitting]): SimpleCommand => ({
      type: 'fitting.add',
      variant: bench.variantId,
      id,
      fitting: fitting as never,
    }))
    const placedIds = Object.keys(fittings)
    const grouped: SimpleCommand[] =
      placedIds.length > 1
        ? [
            {
              type: 'group.put',
              variant: bench.variantId,
              id: newId('group'),
              group: { name: module.name, fittings: placedIds, module: { id: module.id, revision: module.revision } },
            },
          ]
        : []
    // what others hang on comes first
    const hangs = (command: SimpleCommand): number => {
      const seat = command.type === 'fitting.add' ? fittings[command.id]?.seat : undefined
      const anchors = seat === undefined ? [] : hangsOn(seat)
      return Math.max(
        0,
        ...anchors.map((id) => 1 + hangs({ type: 'fitting.add', variant: '', id, fitting: undefined as never })),
      )
    }
    if (bench.doAll('module', [...adds.sort((a, b) => hangs(a) - hangs(b)), ...grouped])) {
      bench.select(placedIds[0])
      open = false
    }
  }

  async function bring(id: string, revision?: number): Promise<void> {
    const found = await loadModule(id, revision)
    if (found.ok) place(found.value)
    else refused = found
  }
</script>

<Dialog.Root bind:open>
  <Dialog.Portal>
    <Dialog.Overlay class="fixed inset-0 z-40 bg-[color-mix(in_srgb,var(--ink)_20%,transparent)]" />
    <Dialog.Content
      class="fixed top-[10%] left-1/2 z-50 max-h-[80%] w-[36rem] -translate-x-1/2 overflow-y-auto border border-ink bg-sheet p-5"
    >
      <div class="flex items-baseline justify-between">
        <Dialog.Title class="text-lg font-semibold">Module library</Dialog.Title>
        <button class="act" onclick={() => picker?.click()}>Import…</button>
        <input
          bind:this={picker}
          type="file"
          accept=".json,application/json"
          class="hidden"
          data-testid="import-module"
          onchange={(event) => {
            void importFile(event.currentTarget.files?.[0])
            event.currentTarget.value = ''
          }}
        />
      </div>
      <Dialog.Description class="text-sm text-ink-2"
        >Furniture that was built before, saved to be built again. It is added with its rear at the section line.</Dialog.Description
      >

      {#if refused !== undefined}
        <div role="alert" class="mt-3 border-l-4 border-stop pl-3 text-sm">
          <p class="font-semibold text-stop">{refused.message}</p>
          {#each refused.faults.slice(0, 6) as fault, index (index)}<p>
              <code class="text-ink-2">{fault.path || 'the file'}</code>: {fault.message}
            </p>{/each}
        </div>
      {/if}

      <ul class="mt-3" data-testid="modules">
        {#each modules ?? [] as module (module.id)}
          <li class="border-t border-line py-1.5">
            <div class="flex items-baseline gap-3">
              <span class="min-w-0 flex-1 truncate font-semibold">{module.name}</span>
              <span class="text-sm text-ink-2"
                >{module.fittings === 1 ? '1 fitting' : `${module.fittings} fittings`}, {sayMass(module.massKg)}</span
              >
              <button class="act" onclick={() => bring(module.id)}>Add</button>
            </div>
            <div class="flex gap-3 text-sm text-ink-2">
              <button
                class="hover:text-pencil"
                onclick={async () => (states = { ...states, [module.id]: await revisionsOf(module.id) })}
                >version {module.revision}, {format(new Date(module.changedAt), 'd MMM yyyy')}</button
              >
              <!-- eslint-disable-next-line svelte/no-navigation-without-resolve -->
              <a class="hover:text-pencil" href="/api/modules/{module.id}?file" download>Export</a>
              {#if going === module.id}
                <span class="text-ink">Delete it and every version? There is no undo.</span>
                <button class="font-semibold text-stop" onclick={() => settle(deleteModule(module.id))}>Delete</button>
                <button class="act" onclick={() => (going = undefined)}>Cancel</button>
              {:else}
                <button class="hover:text-stop" onclick={() => (going = module.id)}>delete</button>
              {/if}
            </div>
            {#each states[module.id] ?? [] as { revision, at } (revision)}
              <div class="flex gap-3 pl-4 text-sm">
                <span class="w-52">version {revision}, {format(new Date(at), 'd MMM yyyy, HH:mm')}</span>
                <button class="act" onclick={() => bring(module.id, revision)}>add this one</button>
              </div>
            {/each}
          </li>
        {:else}
          {#if modules !== undefined}<li class="border-t border-line py-2 text-ink-2">
              Nothing saved yet. Select a fitting or a group and save it here.
            </li>{/if}
        {/each}
      </ul>

      {#if held.length > 0}
        <form
          class="mt-3 border-t border-ink pt-3"
          onsubmit={(event) => {
            event.preventDefault()
            void keep()
          }}
        >
          <h3 class="caps">Save the selection: {held.map(({ id }) => bench.names.fitting(id)).join(', ')}</h3>
          <div class="mt-1 grid grid-cols-[6rem_1fr] items-baseline gap-x-3 gap-y-1">
            <label for="module-into" class="text-ink-2">as</label>
            <select id="module-into" class="ruled" bind:value={into}>
              <option value="">a new module</option>
              {#each modules ?? [] as module (module.id)}<option value={module.id}
                  >a new version of {module.name}</option
                >{/each}
            </select>
            {#if into === ''}
              <label for="module-name" class="text-ink-2">called</label>
              <input id="module-name" class="ruled" bind:value={name} maxlength="60" required />
            {/if}
            <label for="module-note" class="text-ink-2">note</label>
            <input id="module-note" class="ruled" bind:value={note} maxlength="400" />
          </div>
          <button class="mt-2 act-main" disabled={into === '' && name.trim() === ''}>Save</button>
        </form>
      {/if}
    </Dialog.Content>
  </Dialog.Portal>
</Dialog.Root>
