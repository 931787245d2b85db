<script lang="ts">
  import { untrack } from 'svelte'

  interface Props {
    /** What it is called now; what is typed stays, whatever else comes in meanwhile. */
    name: string
    label: string
    most: number
    look: string
    placeholder?: string
    /** What was typed, trimmed, where it is a name and another one; else nothing. */
    onend: (name: string | undefined) => void
  }
  let { name, label, most, look, placeholder, onend }: Props = $props()

  let typed = $state(untrack(() => name))
  let ended = false

  function end(keep: boolean): void {
    if (ended) return
    ended = true
    const text = typed.trim().slice(0, most)
    onend(keep && text !== '' && text !== name ? text : undefined)
  }

  function onkeydown(event: KeyboardEvent): void {
    event.stopPropagation()
    if (event.key === 'Enter') end(true)
    if (event.key === 'Escape') end(false)
  }

  /** Takes the focus when it comes. */
  function take(field: HTMLInputElement): void {
    field.focus()
    field.select()
  }
</script>

<input
  class={look}
  aria-label={label}
  maxlength={most}
  {placeholder}
  bind:value={typed}
  {@attach take}
  onblur={() => end(true)}
  {onkeydown}
/>
