<script lang="ts">
  import { Toaster } from 'svelte-sonner'
</script>

<Toaster
  position="bottom-center"
  offset="10px"
  toastOptions={{
    unstyled: true,
    classes: {
      toast: 'font-sans bg-ink text-sheet px-4 py-2 text-[0.9286rem] flex items-center gap-4 w-fit max-w-xl',
      actionButton: 'relative z-10 font-semibold underline underline-offset-4',
    },
  }}
/>
