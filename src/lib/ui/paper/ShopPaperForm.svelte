<script lang="ts">
  import { dropMark, keepMark, keepShopPaper, markHref } from './shop-paper'
  import type { Papers } from './papers.svelte'

  let { papers }: { papers: Papers } = $props()
  const MOST_MB = 16
  let fault = $state('')
  let picker: HTMLInputElement | undefined = $state(undefined)

  /** At once on the sheets, and kept: what was typed in one field does not wait for the other. */
  async function keep(words: { name?: string; address?: string }): Promise<void> {
    papers.shop = { ...papers.shop, ...words }
    const { name, address } = papers.shop
    const answer = await keepShopPaper({ name, address })
    fault = answer.ok ? '' : answer.message
  }

  async function mark(event: Event): Promise<void> {
    const input = event.currentTarget as HTMLInputElement
    const file = input.files?.[0]
    input.value = ''
    if (file === undefined) return
    if (file.size > MOST_MB * 1e6) {
      fault = `“${file.name}” is over ${MOST_MB} MB, too large for a mark.`
      return
    }
    const answer = await keepMark(file)
    fault = answer.ok ? '' : answer.message
    if (!answer.ok) return
    papers.stamp += 1
    await papers.readShop()
  }

  async function drop(): Promise<void> {
    await dropMark()
    await papers.readShop()
  }
</script>

<details class="mt-3 border-t border-line pt-1" data-testid="shop-paper">
  <summary class="cursor-pointer font-semibold hover:text-pencil">The shop’s paper</summary>
  <label class="mt-1 block text-[0.9286rem]"
    ><span class="text-ink-2">name</span>
    <input
      class="w-full ruled"
      maxlength="120"
      value={papers.shop.name}
      onchange={(event) => keep({ name: event.currentTarget.value })}
    /></label
  >
  <label class="mt-1 block text-[0.9286rem]"
    ><span class="text-ink-2">address</span>
    <textarea
      class="w-full ruled"
      rows="3"
      maxlength="400"
      value={papers.shop.address}
      onchange={(event) => keep({ address: event.currentTarget.value })}></textarea></label
  >
  <div class="mt-1 flex items-center gap-3 text-[0.9286rem]">
    {#if papers.shop.mark !== undefined}
      <img class="h-10 max-w-24 object-contain" src={markHref(papers.stamp)} alt="The mark of the shop" />
      <button class="act" onclick={drop}>Take it out</button>
    {/if}
    <button class="act" onclick={() => picker?.click()}
      >{papers.shop.mark === undefined ? 'Add the mark…' : 'Another mark…'}</button
    >
    <input
      bind:this={picker}
      type="file"
      accept="image/*"
      class="sr-only"
      tabindex="-1"
      aria-label="The mark of the shop"
      data-testid="mark-file"
      onchange={mark}
    />
  </div>
  {#if fault !== ''}<p role="alert" class="text-sm text-stop">{fault}</p>{/if}
</details>
