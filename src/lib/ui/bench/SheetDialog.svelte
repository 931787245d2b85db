<script lang="ts">
  import { Dialog } from 'bits-ui'
  import { VIEW_TITLES } from '$lib/core/draw'
  import { DRAWN_IN } from '$lib/core/job'
  import { ask } from '../parts/ask'
  import type { Bench } from './bench.svelte'

  let { bench, open = $bindable(false) }: { bench: Bench; open: boolean } = $props()

  let view = $state<'left' | 'plan' | 'right'>('plan')
  let isSending = $state(false)
  let fault = $state('')
  const VIEWS = DRAWN_IN.filter((one) => one !== 'section')
  const sheets = $derived(bench.paper.drawn.filter(([, one]) => one.kind === 'sheet'))

  async function lay(input: HTMLInputElement): Promise<void> {
    const [file] = input.files ?? []
    input.value = ''
    if (file === undefined) return
    fault = ''
    isSending = true
    const answer = await ask<{ id: string }>(`/api/jobs/${bench.session.id}/photos`, { method: 'POST', body: file })
    isSending = false
    if (!answer.ok) {
      fault = answer.message
      return
    }
    const image = new Image()
    image.src = `/api/jobs/${bench.session.id}/photos/${answer.value.id}`
    try {
      await image.decode()
    } catch {
      fault = 'The picture cannot be shown.'
      return
    }
    const id = bench.paper.laySheet(answer.value.id, view, image.naturalWidth, image.naturalHeight)
    open = false
    bench.paper.take({ kind: 'sheet-scale', id })
  }
</script>

<Dialog.Root bind:open>
  <Dialog.Portal>
    <Dialog.Overlay class="fixed inset-0 z-40 bg-[color-mix(in_srgb,var(--ink)_20%,transparent)]" />
    <Dialog.Content
      class="fixed top-[16%] left-1/2 z-50 w-[26rem] max-w-full -translate-x-1/2 border border-ink bg-sheet p-4"
    >
      <Dialog.Title class="font-semibold">A photo or sketch under the drawing</Dialog.Title>
      <Dialog.Description class="mt-1 text-sm text-ink-2"
        >It lies under everything and is never in the way. Its scale comes from two points and the distance between
        them.</Dialog.Description
      >
      <label class="mt-3 flex items-baseline justify-between gap-3 text-sm"
        ><span class="text-ink-2">under</span>
        <select class="ruled" bind:value={view}
          >{#each VIEWS as one (one)}<option value={one}>{VIEW_TITLES[one]}</option>{/each}</select
        ></label
      >
      <label class="mt-3 block text-sm"
        ><span class="act">{isSending ? 'Importing…' : 'Choose a picture…'}</span>
        <input
          type="file"
          accept="image/jpeg,image/png,image/webp,image/avif"
          class="sr-only"
          aria-label="Picture for under the drawing"
          disabled={isSending}
          onchange={(event) => lay(event.currentTarget)}
        /></label
      >
      {#if fault !== ''}<p role="alert" class="mt-1 text-sm text-stop">{fault}</p>{/if}
      {#each sheets as [id, sheet] (id)}
        {#if sheet.kind === 'sheet'}
          <p class="mt-2 flex items-baseline gap-3 border-t border-line pt-2 text-sm">
            <img
              src="/api/jobs/{bench.session.id}/photos/{sheet.photo}"
              alt="Sheet under {VIEW_TITLES[sheet.view]}"
              class="h-10 w-14 border border-line object-cover"
            />
            <span class="flex-1 text-ink-2">{VIEW_TITLES[sheet.view]}</span>
            <button
              class="act"
              onclick={() => {
                open = false
                bench.paper.take({ kind: 'sheet-scale', id })
              }}>Scale</button
            >
            <button
              class="act"
              onclick={() => {
                open = false
                bench.paper.take({ kind: 'sheet-move', id })
              }}>Move</button
            >
            <button class="act" onclick={() => bench.paper.remove(id)}>Remove</button>
          </p>
        {/if}
      {/each}
    </Dialog.Content>
  </Dialog.Portal>
</Dialog.Root>
