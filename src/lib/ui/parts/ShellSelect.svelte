<script lang="ts">
  import { BODY_CLASS_WORDS } from '$lib/core/text'
  import { SHELLS_BY_CLASS } from './shells-by-class'

  interface Props {
    value: string
    onchoose: (id: string) => void
    /** What the job’s own body is called, if it is none of the program’s. */
    own?: string | undefined
  }
  let { value, onchoose, own }: Props = $props()
</script>

<select
  class="mt-1 w-full ruled font-semibold"
  aria-label="Vehicle"
  {value}
  onchange={(event) => onchoose(event.currentTarget.value)}
>
  {#if own !== undefined}<option {value}>{own}</option>{/if}
  {#each SHELLS_BY_CLASS as { bodyClass, shells } (bodyClass)}
    <optgroup label={BODY_CLASS_WORDS[bodyClass].many}>
      {#each shells as shell (shell.id)}<option value={shell.id}>{shell.name}</option>{/each}
    </optgroup>
  {/each}
</select>
