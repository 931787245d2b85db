<script lang="ts">
  import { DropdownMenu } from 'bits-ui'
  import type { Vec2 } from '$lib/core/geometry'
  import { fittingName } from '$lib/core/text'
  import type { Bench } from './bench.svelte'
  import { ACTIONS, type ActionId } from './keys'

  interface Props {
    bench: Bench
    open: boolean
    /** Where it was asked for, in the window. */
    at: Vec2
    /** What lies there, what a click takes first. */
    here: readonly string[]
    onaction: (id: ActionId) => void
  }
  let { bench, open = $bindable(false), at, here, onaction }: Props = $props()

  const anchor = $derived({ getBoundingClientRect: () => new DOMRect(at[0], at[1], 0, 0) })
  const named = $derived(
    here.flatMap((id) => {
      const placed = bench.scene.placed.find((one) => one.id === id)
      return placed === undefined ? [] : [{ id, placed }]
    }),
  )
  const FOR_HAND: readonly ActionId[] = [
    'turn',
    'mirror',
    'duplicate',
    'lock',
    'group',
    'look-into',
    'type-distance',
    'remove',
  ]
  const ALWAYS: readonly ActionId[] = ['tape', 'note', 'sheet', 'search', 'whole']
  const line = (id: ActionId) => ACTIONS.find((one) => one.id === id)!
  const where = (hostId: string | undefined): string => (hostId === undefined ? '' : `in ${bench.names.the(hostId)}`)
  const item = 'flex justify-between gap-6 px-3 py-1 data-highlighted:bg-paper pointer-coarse:py-2.5'
</script>

<DropdownMenu.Root bind:open>
  <DropdownMenu.Portal>
    <DropdownMenu.Content
      customAnchor={anchor}
      class="z-50 max-h-[80vh] min-w-56 overflow-y-auto border border-ink bg-sheet py-1 text-sm"
      align="start"
      sideOffset={4}
      aria-label="What lies here"
      onCloseAutoFocus={(event) => event.preventDefault()}
    >
      {#each named as { id, placed } (id)}
        <DropdownMenu.Item
          class={[item, bench.inHand.includes(id) && 'font-semibold']}
          onSelect={() => bench.select(id)}
          ><span class="max-w-64 truncate">{fittingName(placed.fitting)}</span><span class="text-ink-2"
            >{where(placed.within?.hostId)}</span
          ></DropdownMenu.Item
        >
      {/each}
      {#if named.length > 0}
        <DropdownMenu.Item class={item} onSelect={() => (bench.takesSeveral = true)}
          ><span>Select several…</span><span class="text-ink-2">Shift</span></DropdownMenu.Item
        >
        <DropdownMenu.Separator class="my-1 border-t border-line" />
      {/if}
      {#if bench.selected !== undefined}
        {#each FOR_HAND as id (id)}
          <DropdownMenu.Item class={[item, id === 'remove' && 'text-stop']} onSelect={() => onaction(id)}
            ><span>{line(id).words}</span><span class="text-ink-2">{line(id).key}</span></DropdownMenu.Item
          >
        {/each}
        <DropdownMenu.Separator class="my-1 border-t border-line" />
      {/if}
      {#each ALWAYS as id (id)}
        <DropdownMenu.Item class={item} onSelect={() => onaction(id)}
          ><span>{line(id).words}</span><span class="text-ink-2">{line(id).key}</span></DropdownMenu.Item
        >
      {/each}
    </DropdownMenu.Content>
  </DropdownMenu.Portal>
</DropdownMenu.Root>
