<script lang="ts">
  import type { Mode } from '$lib/core/job'
  import { PURPOSE_WORDS } from '$lib/core/text'
  import { newId } from '../job/new-id'
  import Menu from '../parts/Menu.svelte'
  import type { Entry } from '../parts/menu'
  import type { Bench } from './bench.svelte'

  let { bench }: { bench: Bench } = $props()
  const mode: Mode | undefined = $derived(bench.plan.modes[bench.modeId])
  const ids = $derived(bench.modes.map(([id]) => id))
  const at = $derived(ids.indexOf(bench.modeId))
  const PURPOSES = ['driving', 'living', 'sleeping'] as const
  /** What a name is being typed for. */
  let naming: 'new' | 'copy' | 'rename' | undefined = $state(undefined)

  function named(text: string): void {
    const what = naming
    naming = undefined
    const name = text.trim().slice(0, 40)
    if (name === '' || what === undefined || mode === undefined) return
    if (what === 'rename') {
      if (name !== mode.name)
        bench.session.do({ type: 'mode.rename', variant: bench.variantId, mode: bench.modeId, name })
      return
    }
    const id = newId('mode')
    const copied = what === 'copy' ? { from: bench.modeId } : {}
    if (bench.session.do({ type: 'mode.add', variant: bench.variantId, id, name, purpose: mode.purpose, ...copied }))
      bench.showMode(id)
  }

  function shift(by: 1 | -1): void {
    const modes = [...ids]
    ;[modes[at], modes[at + by]] = [modes[at + by]!, modes[at]!]
    bench.session.do({ type: 'mode.order', variant: bench.variantId, modes })
  }

  function usedFor(purpose: Mode['purpose']): void {
    if (mode !== undefined)
      bench.session.do({ type: 'mode.put', variant: bench.variantId, id: bench.modeId, mode: { ...mode, purpose } })
  }

  const entries: readonly Entry[] = $derived([
    { label: 'New mode…', act: () => (naming = 'new') },
    { label: `Copy of ${mode?.name}…`, act: () => (naming = 'copy') },
    { label: `Rename ${mode?.name}…`, act: () => (naming = 'rename') },
    'rule',
    ...PURPOSES.map((purpose) => ({
      label: `${mode?.name} is used ${PURPOSE_WORDS[purpose]}`,
      chosen: mode?.purpose === purpose,
      act: () => usedFor(purpose),
    })),
    'rule',
    { label: 'Earlier in the row', disabled: at <= 0, act: () => shift(-1) },
    { label: 'Later in the row', disabled: at >= ids.length - 1, act: () => shift(1) },
    {
      label: `Delete ${mode?.name}`,
      disabled: ids.length < 2,
      act: () => bench.session.do({ type: 'mode.remove', variant: bench.variantId, mode: bench.modeId }),
    },
  ])
</script>

{#if naming !== undefined}
  <!-- svelte-ignore a11y_autofocus -->
  <input
    class="ml-4 w-36 ruled"
    aria-label="Name of the mode"
    placeholder={naming === 'rename' ? '' : 'Cook outside, Office…'}
    value={naming === 'rename' ? (mode?.name ?? '') : ''}
    maxlength="40"
    autofocus
    onblur={(event) => named(event.currentTarget.value)}
    onkeydown={(event) => {
      event.stopPropagation()
      if (event.key === 'Enter') named(event.currentTarget.value)
      if (event.key === 'Escape') naming = undefined
    }}
  />
{:else}
  <Menu
    {entries}
    side="top"
    look="ml-4 px-1 text-sm whitespace-nowrap text-ink-2 hover:text-pencil"
    label="Modes: add, copy, rename, order">modes ▾</Menu
  >
{/if}
