<script lang="ts">
  import { sayWire, sourceName, type Names } from '$lib/core/text'
  import { oneLine, type Wiring } from '$lib/core/wiring'

  interface Props {
    wiring: Wiring
    names: Names
    chosen: string | undefined
    onchoose: (id: string | undefined) => void
  }
  let { wiring, names, chosen, onchoose }: Props = $props()
  const sources = $derived(oneLine(wiring.wires))
</script>

<!-- each source is a bar; what begins at it goes through its fuse to what it serves -->
<div class="overflow-x-auto text-[0.9286rem]" data-testid="one-line">
  {#each sources as { source, wires: those } (source)}
    <section class="mt-2 flex items-stretch" aria-label="From {sourceName(source, wiring.missing)}">
      <h3 class="w-32 flex-none pt-1.5 pr-2 text-right font-semibold">{sourceName(source, wiring.missing)}</h3>
      <ul class="min-w-0 flex-1 border-l-2 border-ink">
        {#each those as { wire, number } (wire.id)}
          {@const words = sayWire(wire, names)}
          <li
            class="flex items-center {wire.id === chosen ? 'text-pencil' : ''}"
            onpointerenter={() => onchoose(wire.id)}
            onpointerleave={() => onchoose(undefined)}
          >
            <span class="w-4 flex-none border-t border-current"></span>
            <span class="w-16 flex-none border border-current text-center whitespace-nowrap">{words.fuse}</span>
            <span class="relative flex h-9 w-44 flex-none items-center justify-center">
              <span class="absolute inset-x-0 top-1/2 border-t border-current"></span>
              <span class="relative bg-sheet px-1 text-sm whitespace-nowrap">{words.section} · {words.length}</span>
            </span>
            <span class="flex h-6 w-7 flex-none items-center justify-center border border-current font-semibold"
              >{number}</span
            >
            <span class="ml-2 min-w-0"><b class="font-semibold">{words.circuit}</b> {words.serves}</span>
          </li>
        {/each}
      </ul>
    </section>
  {/each}
</div>
