<script lang="ts">
  import { DropdownMenu } from 'bits-ui'
  import type { Snippet } from 'svelte'
  import type { MenuProps } from './menu'

  let {
    entries,
    label,
    title,
    look,
    side = 'bottom',
    align = 'start',
    children,
  }: MenuProps & { children: Snippet } = $props()
  let open = $state(true)
  let opensField = false
</script>

<DropdownMenu.Root bind:open>
  <DropdownMenu.Trigger class={look} {title} aria-label={label}>{@render children()}</DropdownMenu.Trigger>
  <DropdownMenu.Portal>
    <DropdownMenu.Content
      class="z-50 min-w-28 border border-ink bg-sheet py-1"
      {side}
      {align}
      sideOffset={8}
      onCloseAutoFocus={(event) => {
        if (opensField) event.preventDefault()
        opensField = false
      }}
    >
      {#each entries as entry, index (index)}
        {#if entry === 'rule'}
          <DropdownMenu.Separator class="my-1 border-t border-line" />
        {:else}
          <DropdownMenu.Item
            class={[
              'px-3 py-1 data-disabled:text-ink-2 data-highlighted:bg-paper',
              entry.chosen === true && 'font-semibold',
              entry.grave === true && 'text-stop',
            ]}
            disabled={entry.disabled ?? false}
            onSelect={() => {
              opensField = entry.opensField === true
              entry.act()
            }}>{entry.label}</DropdownMenu.Item
          >
        {/if}
      {/each}
    </DropdownMenu.Content>
  </DropdownMenu.Portal>
</DropdownMenu.Root>
