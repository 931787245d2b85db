<script lang="ts">
  import { AlertDialog } from 'bits-ui'
  import { getSession } from './context'

  const session = getSession()
</script>

<AlertDialog.Root open={session.conflict !== undefined}>
  <AlertDialog.Portal>
    <AlertDialog.Overlay class="fixed inset-0 z-40 bg-[color-mix(in_srgb,var(--ink)_25%,transparent)]" />
    <AlertDialog.Content
      class="fixed top-1/3 left-1/2 z-50 w-[30rem] -translate-x-1/2 border border-ink bg-sheet p-5"
      escapeKeydownBehavior="ignore"
    >
      <AlertDialog.Title class="text-lg font-semibold">Changed in two windows</AlertDialog.Title>
      <AlertDialog.Description class="mb-3 text-ink-2"
        >Another window changed the same thing while yours was not saved. Nothing is lost yet: choose.</AlertDialog.Description
      >
      <dl class="mb-4 grid grid-cols-2 gap-4 text-sm">
        <div>
          <dt class="caps">Here</dt>
          {#each session.conflict?.mineWords ?? [] as words, index (index)}<dd>{words}</dd>{/each}
        </div>
        <div>
          <dt class="caps">The other window</dt>
          {#each session.conflict?.theirWords ?? [] as words, index (index)}<dd>{words}</dd>{/each}
        </div>
      </dl>
      <div class="flex gap-4">
        <AlertDialog.Action class="act-main" onclick={() => session.decide(true)}>Keep mine</AlertDialog.Action>
        <AlertDialog.Cancel class="act" onclick={() => session.decide(false)}>Keep the other’s</AlertDialog.Cancel>
      </div>
    </AlertDialog.Content>
  </AlertDialog.Portal>
</AlertDialog.Root>
