<script lang="ts">
  import { DropdownMenu } from 'bits-ui'
  import type { Mode } from '$lib/core/job'
  import { PURPOSE_WORDS } from '$lib/core/text'
  import { newId } from '../job/new-id'
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

  const item = 'px-3 py-1 data-highlighted:bg-paper data-disabled:text-ink-2'
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
  <DropdownMenu.Root>
    <DropdownMenu.Trigger
      class="ml-4 px-1 text-sm whitespace-nowrap text-ink-2 hover:text-pencil"
      aria-label="Modes: add, copy, rename, order">modes ▾</DropdownMenu.Trigger
    >
    <DropdownMenu.Portal>
      <DropdownMenu.Content
        class="z-50 min-w-52 border border-ink bg-sheet py-1"
        side="top"
        align="start"
        sideOffset={8}
      >
        <DropdownMenu.Item class={item} onSelect={() => (naming = 'new')}>New mode…</DropdownMenu.Item>
        <DropdownMenu.Item class={item} onSelect={() => (naming = 'copy')}>Copy of {mode?.name}…</DropdownMenu.Item>
        <DropdownMenu.Item class={item} onSelect={() => (naming = 'rename')}>Rename {mode?.name}…</DropdownMenu.Item>
        <DropdownMenu.Separator class="my-1 border-t border-line" />
        {#each PURPOSES as purpose (purpose)}
          <DropdownMenu.Item
            class="{item} {mode?.purpose === purpose ? 'font-semibold' : ''}"
            onSelect={() => {
              if (mode !== undefined)
                bench.session.do({
                  type: 'mode.put',
                  variant: bench.variantId,
                  id: bench.modeId,
                  mode: { ...mode, purpose },
                })
            }}>{mode?.name} is used {PURPOSE_WORDS[purpose]}</DropdownMenu.Item
          >
        {/each}
        <DropdownMenu.Separator class="my-1 border-t border-line" />
        <DropdownMenu.Item class={item} disabled={at <= 0} onSelect={() => shift(-1)}
          >Earlier in the row</DropdownMenu.Item
        >
        <DropdownMenu.Item class={item} disabled={at >= ids.length - 1} onSelect={() => shift(1)}
          >Later in the row</DropdownMenu.Item
        >
        <DropdownMenu.Item
          class={item}
          disabled={ids.length < 2}
          onSelect={() => bench.session.do({ type: 'mode.remove', variant: bench.variantId, mode: bench.modeId })}
          >Take {mode?.name} out</DropdownMenu.Item
        >
      </DropdownMenu.Content>
    </DropdownMenu.Portal>
  </DropdownMenu.Root>
{/if}
