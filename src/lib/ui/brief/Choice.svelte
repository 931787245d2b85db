<script lang="ts" generics="T extends string">
  interface Props {
    label: string
    words: Readonly<Record<T, string>>
    /** What was answered; undefined while nothing was. */
    value: T | undefined
    /** What is taken meanwhile. */
    usual: T
    onset: (value: T | undefined) => void
    hideLabel?: boolean
  }
  let { label, words, value, usual, onset, hideLabel = false }: Props = $props()
  const USUAL = ''
</script>

<label class="flex items-baseline justify-between gap-3 py-1"
  ><span class={hideLabel ? 'sr-only' : 'text-ink-2'}>{label}</span>
  <select
    class="max-w-68 ruled {value === undefined ? 'text-ink-2 italic' : ''}"
    value={value ?? USUAL}
    onchange={(event) => onset(event.currentTarget.value === USUAL ? undefined : (event.currentTarget.value as T))}
  >
    <option value={USUAL}>assumed: {words[usual]}</option>
    {#each Object.entries(words) as [key, said] (key)}<option value={key}>{said}</option>{/each}
  </select></label
>
