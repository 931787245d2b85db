<script lang="ts">
  import { Popover } from 'bits-ui'
  import type { NoteProps } from './note'

  let {
    label,
    look,
    side = 'bottom',
    wide = false,
    testid,
    open = $bindable(true),
    children,
    body,
  }: NoteProps = $props()
</script>

<Popover.Root bind:open>
  <Popover.Trigger class={look} aria-label={label}>{@render children()}</Popover.Trigger>
  <Popover.Portal>
    <Popover.Content
      {side}
      sideOffset={6}
      collisionPadding={12}
      class="z-50 border border-ink bg-sheet p-3 text-sm {wide ? 'w-96' : 'max-w-80'}"
      data-testid={testid}>{@render body()}</Popover.Content
    >
  </Popover.Portal>
</Popover.Root>
