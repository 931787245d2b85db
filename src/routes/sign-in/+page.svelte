<script lang="ts">
  import type { ActionData } from './$types'
  let { form }: { form: ActionData } = $props()
</script>

<svelte:head><title>Sign in · Zimmerman</title></svelte:head>

<header class="flex h-12 items-center border-b border-ink bg-sheet px-6">
  <span class="text-lg font-bold tracking-tight" style="font-stretch: 110%">Zimmerman</span>
</header>
<main class="mx-auto max-w-sm px-6 py-24">
  <h1 class="text-xl">Sign in</h1>
  <p class="mt-2 text-ink-2">This bench is open to the network, so it asks for the workshop key.</p>
  <form method="post" class="mt-6 flex flex-col gap-4">
    <label
      ><span class="text-ink-2">Your name</span><input
        class="mt-1 block w-full ruled"
        name="who"
        autocomplete="username"
        required
        maxlength="40"
        value={form?.who ?? ''}
        aria-invalid={form?.field === 'who'}
        aria-describedby="sign-in-fault"
      /></label
    >
    <label
      ><span class="text-ink-2">Workshop key</span><input
        class="mt-1 block w-full ruled"
        name="key"
        type="password"
        autocomplete="current-password"
        required
        aria-invalid={form?.field === 'key'}
        aria-describedby="sign-in-fault"
      /></label
    >
    <p id="sign-in-fault" role="alert" class="min-h-5 text-stop">{form?.message ?? ''}</p>
    <button class="self-start act-main" type="submit">Sign in</button>
  </form>
  <p class="mt-8 text-sm text-ink-2">Lost the key? Whoever runs this program sets another with npm run key.</p>
</main>
