<script lang="ts">
  import { MOST_PHOTOS_EACH } from '$lib/core/condition'
  import { ask } from './ask'

  interface Props {
    jobId: string
    /** Whose photos these are, for those who do not see them. */
    of: string
    photos: readonly string[]
    onset: (photos: readonly string[]) => void
  }
  let { jobId, of, photos, onset }: Props = $props()

  let picker: HTMLInputElement | undefined = $state(undefined)
  let sending = $state(0)
  let faults: readonly string[] = $state.raw([])
  let gone: readonly string[] = $state.raw([])

  async function bringIn(input: HTMLInputElement): Promise<void> {
    const files = [...(input.files ?? [])]
    input.value = ''
    const room = MOST_PHOTOS_EACH - photos.length
    faults = files.length > room ? [`At most ${MOST_PHOTOS_EACH} photos each: ${files.length - room} left out.`] : []
    const added: string[] = []
    sending = Math.min(room, files.length)
    for (const file of files.slice(0, room)) {
      const answer = await ask<{ id: string }>(`/api/jobs/${jobId}/photos`, { method: 'POST', body: file })
      sending -= 1
      if (!answer.ok) faults = [...faults, `“${file.name}”: ${answer.message}`]
      else added.push(answer.value.id)
    }
    // what was taken out meanwhile stays out
    const all = [...new Set([...photos, ...added])]
    if (all.length > photos.length) onset(all)
  }
</script>

<ul class="flex flex-wrap gap-2">
  {#each photos as photo, index (photo)}
    <li class="relative">
      {#if gone.includes(photo)}
        <span class="grid h-16 w-20 place-items-center border border-line text-center text-xs text-ink-2"
          >not stored here</span
        >
      {:else}
        <a href="/api/jobs/{jobId}/photos/{photo}" target="_blank" rel="noreferrer"
          ><img
            src="/api/jobs/{jobId}/photos/{photo}"
            alt="Photo {index + 1} of {of}"
            class="h-16 w-20 border border-line object-cover"
            loading="lazy"
            onerror={() => (gone = [...gone, photo])}
          /></a
        >
      {/if}
      <button
        class="no-print block text-xs text-ink-2 hover:text-pencil"
        aria-label="Take photo {index + 1} out"
        onclick={() => onset(photos.filter((one) => one !== photo))}>Remove</button
      >
    </li>
  {/each}
</ul>
{#if photos.length < MOST_PHOTOS_EACH}
  <button class="no-print act text-[0.9286rem]" disabled={sending > 0} onclick={() => picker?.click()}
    >{sending > 0 ? `Importing ${sending}…` : 'Add photos'}</button
  >
{/if}
<input
  bind:this={picker}
  type="file"
  accept="image/jpeg,image/png,image/webp,image/avif"
  multiple
  class="sr-only"
  tabindex="-1"
  aria-label="Photos of {of}"
  data-testid="photos"
  onchange={(event) => bringIn(event.currentTarget)}
/>
{#each faults as fault (fault)}<p role="alert" class="text-xs text-stop">{fault}</p>{/each}
<p class="text-xs text-ink-2">Kept small, without the place and time that a phone writes into them.</p>
