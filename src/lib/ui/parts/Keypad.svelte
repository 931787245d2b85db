<script lang="ts">
  import { MediaQuery } from 'svelte/reactivity'
  import { LENGTH_UNITS } from '$lib/core/units'
  import { keyed, padRows } from './keypad'

  const byFinger = new MediaQuery('(pointer: coarse)')
  let field: HTMLInputElement | undefined = $state.raw(undefined)
  /** It stands on the side of the screen on which the field is not. */
  let isLeft = $state(false)
  const unit = $derived(LENGTH_UNITS.find((one) => one === field?.dataset.pad) ?? 'mm')

  function onfocusin({ target }: FocusEvent): void {
    const one = target instanceof HTMLInputElement && target.dataset.pad !== undefined ? target : undefined
    // a dialog keeps what lies outside it from being touched: the system’s keyboard then
    if (one?.closest('[role="dialog"]')) return one.inputMode === 'text' ? undefined : letters(one)
    field = one
    if (one === undefined) return
    const { left, right } = one.getBoundingClientRect()
    isLeft = (left + right) / 2 > window.innerWidth / 2
  }

  function write(writes: string | undefined): void {
    if (field === undefined) return
    const { value, selectionStart, selectionEnd } = field
    const next = keyed(value, selectionStart ?? value.length, selectionEnd ?? value.length, writes)
    field.value = next.text
    field.setSelectionRange(next.at, next.at)
    field.dispatchEvent(new InputEvent('input', { bubbles: true }))
  }
  const press = (key: 'Enter' | 'Escape'): void => {
    field?.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true }))
  }
  /** The system’s keyboard, for once: the field is taken anew, since it asks for one only then. */
  function letters(own = field): void {
    if (own === undefined) return
    own.inputMode = 'text'
    own.blur()
    own.focus()
    field = undefined
  }
</script>

<svelte:document {onfocusin} onfocusout={() => (field = undefined)} />

{#if field !== undefined && byFinger.current}
  <!-- a finger on it leaves the field in hand -->
  <div
    class="no-print fixed bottom-0 z-50 w-80 border border-ink bg-sheet p-1 {isLeft ? 'left-0' : 'right-0'}"
    role="group"
    aria-label="Figures"
    data-testid="keypad"
    onpointerdown={(event) => event.preventDefault()}
  >
    {#each padRows(unit) as row, index (index)}
      <div class="flex">
        {#each row as { writes, words } (writes)}
          <button tabindex="-1" class="key" aria-label={words} onclick={() => write(writes)}
            >{words === 'space' ? '␣' : writes.trim()}</button
          >
        {/each}
        {#if index === 3}<button tabindex="-1" class="key" aria-label="take back" onclick={() => write(undefined)}
            >⌫</button
          >{/if}
      </div>
    {/each}
    <div class="flex">
      <button tabindex="-1" class="key text-sm" onclick={() => letters()}>letters</button>
      <button tabindex="-1" class="key text-sm" onclick={() => press('Escape')}>as it was</button>
      <button tabindex="-1" class="key bg-pencil text-on-pencil" onclick={() => press('Enter')}>Done</button>
    </div>
  </div>
{/if}

<style>
  .key {
    flex: 1;
    min-height: 46px;
    margin: 1px;
    border: 1px solid var(--line);
    font-weight: 600;
    font-size: 1.1rem;
  }
</style>
