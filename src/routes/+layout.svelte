<script lang="ts">
  import '../app.css'
  import { onMount, type Snippet } from 'svelte'
  import { Toaster } from 'svelte-sonner'
  let { children }: { children: Snippet } = $props()
  onMount(() => {
    document.documentElement.dataset.hydrated = 'true'
  })
</script>

{@render children()}
<Toaster
  position="bottom-center"
  offset="74px"
  toastOptions={{
    unstyled: true,
    classes: {
      toast: 'font-sans bg-ink text-sheet px-4 py-2 text-[13px] flex items-center gap-4 w-fit max-w-xl',
      actionButton: 'relative z-10 font-semibold underline underline-offset-4',
    },
  }}
/>
