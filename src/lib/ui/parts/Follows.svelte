<script lang="ts">
  import type { Finding } from '$lib/core/review'
  import { sayFinding, type Names } from '$lib/core/text'
  import type { LengthUnit } from '$lib/core/units'

  interface Props {
    finding: Finding
    names: Names
    unit: LengthUnit
  }
  let { finding, names, unit }: Props = $props()
</script>

{#if finding.follows !== undefined}
  <ul class="mt-0.5 border-l border-line pl-2 text-ink-2" aria-label="What follows from it" data-testid="follows">
    {#each finding.follows as one (one.key)}
      <li>{sayFinding(one, names, unit).designer}</li>
    {/each}
  </ul>
{/if}
