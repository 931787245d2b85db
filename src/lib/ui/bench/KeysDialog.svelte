<script lang="ts">
  import { Dialog } from 'bits-ui'
  import { ACTIONS, KEY_FAMILIES } from './keys'

  let { open = $bindable(false) }: { open: boolean } = $props()
</script>

<Dialog.Root bind:open>
  <Dialog.Portal>
    <Dialog.Overlay class="fixed inset-0 z-40 bg-[color-mix(in_srgb,var(--ink)_20%,transparent)]" />
    <Dialog.Content
      class="fixed top-1/2 left-1/2 z-50 max-h-[90vh] w-[40rem] max-w-full -translate-x-1/2 -translate-y-1/2 overflow-y-auto border border-ink bg-sheet px-6 py-5"
      data-testid="keys"
    >
      <div class="flex items-baseline justify-between">
        <Dialog.Title class="text-lg font-semibold">Keys</Dialog.Title>
        <Dialog.Close class="act">Close</Dialog.Close>
      </div>
      <Dialog.Description class="text-sm text-ink-2"
        >Everything on the bench works from the keyboard; <b>/</b> finds any of it by its words.</Dialog.Description
      >
      <dl class="mt-3 columns-2 gap-x-8 text-[0.9286rem]">
        {#each [...ACTIONS, ...KEY_FAMILIES] as { words, key } (key)}
          <div class="flex break-inside-avoid items-baseline justify-between gap-3 border-b border-line py-1">
            <dt>{words}</dt>
            <dd class="font-semibold whitespace-nowrap">{key}</dd>
          </div>
        {/each}
      </dl>
      <p class="mt-3 text-sm text-ink-2">
        Shift-click selects more; a second click takes what lies below. Ctrl while dragging holds snapping off. Enter in
        a field gives the drawing its keys back.
      </p>
    </Dialog.Content>
  </Dialog.Portal>
</Dialog.Root>
