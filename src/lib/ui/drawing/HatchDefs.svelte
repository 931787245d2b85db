<script lang="ts">
  import { HATCHES } from '$lib/core/draw'
</script>

<defs>
  {#each Object.entries(HATCHES) as [group, hatch] (group)}
    <pattern id="hatch-{group}" width={hatch.width} height={hatch.height} patternUnits="userSpaceOnUse">
      <path
        d={hatch.strokes}
        fill="none"
        stroke="var(--ink)"
        stroke-width="0.8"
        stroke-linecap="round"
        opacity="var(--hatch)"
      />
    </pattern>
  {/each}
</defs>
