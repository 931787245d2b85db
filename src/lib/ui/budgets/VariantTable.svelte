<script lang="ts">
  interface Props {
    variants: readonly (readonly [id: string, variant: { readonly name: string }])[]
    shown: string
    onshow: (id: string) => void
    rows: readonly { readonly label: string; readonly figure: (id: string) => string }[]
  }
  let { variants, shown, onshow, rows }: Props = $props()
</script>

<section aria-label="Variants">
  <table class="w-full text-[0.9286rem]" data-testid="variants">
    <thead>
      <tr>
        <th class="text-left caps" scope="col">Variants</th>
        {#each variants as [id, variant] (id)}
          <th class="pl-2 text-right font-normal" scope="col"
            ><button
              class="max-w-20 truncate hover:text-pencil {id === shown ? 'font-semibold' : 'text-ink-2'}"
              aria-pressed={id === shown}
              onclick={() => onshow(id)}>{variant.name}</button
            ></th
          >
        {/each}
      </tr>
    </thead>
    <tbody>
      {#each rows as { label, figure } (label)}
        <tr>
          <th class="text-left font-normal text-ink-2" scope="row">{label}</th>
          {#each variants as [id] (id)}
            <td class="text-right {id === shown ? 'font-semibold' : 'text-ink-2'}">{figure(id)}</td>
          {/each}
        </tr>
      {/each}
    </tbody>
  </table>
</section>
