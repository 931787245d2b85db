<script lang="ts">
  import { untrack, type Snippet } from 'svelte'
  import { MediaQuery } from 'svelte/reactivity'
  import { setSession } from '$lib/ui/job/context'
  import { JobSession } from '$lib/ui/job/job-session.svelte'
  import type Pad from '$lib/ui/parts/Keypad.svelte'
  import { tell } from '$lib/ui/parts/toast'
  import type { LayoutData } from './$types'

  let { data, children }: { data: LayoutData; children: Snippet } = $props()
  const session = untrack(() => new JobSession(data.job.id, data.job, data.revision))
  setSession(session)

  // once, whatever of the session changes: it looks after itself from then on
  $effect(() => untrack(() => session.attach()))
  $effect(() => {
    if (session.notice.text !== '') tell(session.notice.text)
  })
  /** Under a finger only. */
  let Keypad: typeof Pad | undefined = $state.raw(undefined)
  const byFinger = new MediaQuery('(pointer: coarse)')
  $effect(() => {
    if (byFinger.current) void import('$lib/ui/parts/Keypad.svelte').then((module) => (Keypad = module.default))
  })
</script>

{@render children()}
{#if Keypad !== undefined}<Keypad />{/if}
