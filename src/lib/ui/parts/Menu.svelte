<script lang="ts">
  import type { Snippet } from 'svelte'
  import type { MenuProps } from './menu'
  import type Open from './OpenMenu.svelte'

  let { children, ...props }: MenuProps & { children: Snippet } = $props()

  /** The machinery of menus comes when one is first wanted. */
  let OpenMenu: typeof Open | undefined = $state.raw(undefined)
  const fetched = () => import('./OpenMenu.svelte')
  async function show(): Promise<void> {
    OpenMenu = (await fetched()).default
  }
</script>

{#if OpenMenu !== undefined}
  <OpenMenu {...props}>{@render children()}</OpenMenu>
{:else}
  <button
    class={props.look}
    title={props.title}
    aria-label={props.label}
    aria-haspopup="menu"
    aria-expanded="false"
    onpointerenter={() => void fetched()}
    onfocus={() => void fetched()}
    onclick={show}
    onkeydown={(event) => {
      if (event.key !== 'ArrowDown') return
      event.preventDefault()
      void show()
    }}>{@render children()}</button
  >
{/if}
