<script lang="ts">
  import { goto } from '$app/navigation'
  import { Dialog } from 'bits-ui'
  import { BRIEF_TEMPLATES } from '$lib/core/starts'
  import { newBrief, newJob } from '$lib/core/job'
  import { STATURE_LIMITS_MM } from '$lib/core/people'
  import { genericShell } from '$lib/core/shells'
  import { small } from '$lib/core/text'
  import { shopRules } from '../parts/shop-rules'
  import { newId } from '../job/new-id'
  import NumberField from '../parts/NumberField.svelte'
  import LengthField from '../parts/LengthField.svelte'
  import ShellSelect from '../parts/ShellSelect.svelte'
  import { bringIn, layoutPlan, listLayouts, type LayoutSummary } from './job-requests'

  let { open = $bindable(false) }: { open: boolean } = $props()
  let name = $state('')
  let shellId = $state('van-long-high')
  let sleepers = $state(2)
  let tallestMm = $state(1800)
  let nights = $state(3)
  let fault = $state('')
  let templateId = $state('')
  /** Plans to start from, and which of them are for the body that is chosen. */
  let layouts: readonly LayoutSummary[] = $state.raw([])
  let layoutId = $state('')
  const fitting = $derived(layouts.filter((one) => one.shells.includes(shellId)))
  $effect(() => {
    if (open) void listLayouts().then((answer) => (layouts = answer.ok ? answer.value : []))
  })
  const template = $derived(BRIEF_TEMPLATES.find(({ id }) => id === templateId))

  async function create(event: SubmitEvent): Promise<void> {
    event.preventDefault()
    if (name.trim() === '') {
      fault = 'Give the job a name.'
      return
    }
    const people = Object.fromEntries(
      Array.from({ length: sleepers }, (_, index) => [
        newId('person'),
        {
          label: index === 0 ? 'tallest' : `person ${index + 1}`,
          statureMm: index === 0 ? tallestMm : Math.min(tallestMm, 1700),
          sleeps: true,
          travels: true,
        },
      ]),
    )
    const brief = template?.brief ?? { ...newBrief(), people, nightsOffHookUp: nights }
    const shop = await shopRules()
    const own = shop.ok && Object.keys({ ...shop.value.settings, ...shop.value.house }).length > 0
    const empty = newJob(newId('job'), name.trim().slice(0, 120), genericShell(shellId), brief)
    const [variantId, variant] = Object.entries(empty.variants)[0]!
    const plan = layoutId === '' ? undefined : await layoutPlan(layoutId)
    if (plan !== undefined && !plan.ok) {
      fault = plan.message
      return
    }
    const job = {
      ...empty,
      ...(plan === undefined ? {} : { variants: { [variantId]: { ...variant, plan: plan.value } } }),
      ...(own ? { rules: shop.value } : {}),
    }
    const outcome = await bringIn(JSON.stringify(job))
    if (outcome.ok) await goto(`/jobs/${outcome.id}/brief`)
    else fault = outcome.message
  }
</script>

<Dialog.Root bind:open>
  <Dialog.Portal>
    <Dialog.Overlay class="fixed inset-0 z-40 bg-[color-mix(in_srgb,var(--ink)_25%,transparent)]" />
    <Dialog.Content class="fixed top-[14%] left-1/2 z-50 w-[28rem] -translate-x-1/2 border border-ink bg-sheet p-6">
      <Dialog.Title class="text-lg font-semibold">New job</Dialog.Title>
      <Dialog.Description class="mb-4 text-sm text-ink-2"
        >A vehicle and a few words about the client; all of it can be changed later.</Dialog.Description
      >
      <form onsubmit={create} class="flex flex-col gap-3" novalidate>
        <label
          ><span class="text-ink-2">Name of the job</span><input
            class="mt-1 block w-full ruled"
            bind:value={name}
            maxlength="120"
            aria-invalid={fault !== '' && name.trim() === ''}
            aria-describedby="new-job-fault"
            oninput={() => (fault = '')}
          /></label
        >
        <label
          ><span class="text-ink-2">Vehicle</span><ShellSelect
            value={shellId}
            onchoose={(id) => {
              shellId = id
              layoutId = ''
            }}
          /></label
        >
        {#if fitting.length > 0}
          <label
            ><span class="text-ink-2">Start with</span><select
              class="mt-1 block w-full ruled"
              aria-label="Start with"
              bind:value={layoutId}
            >
              <option value="">an empty vehicle</option>
              {#each fitting as layout (layout.id)}<option value={layout.id}
                  >the plan of: {layout.name} ({layout.fittings} fittings{layout.shellId === shellId
                    ? ''
                    : `, made for ${small(genericShell(layout.shellId).name)}`})</option
                >{/each}
            </select></label
          >
        {/if}
        <label
          ><span class="text-ink-2">Client</span><select
            class="mt-1 block w-full ruled"
            aria-label="Client"
            bind:value={templateId}
          >
            <option value="">someone new, in a few words</option>
            {#each BRIEF_TEMPLATES as { id, name: words } (id)}<option value={id}>like: {words}</option>{/each}
          </select></label
        >
        {#if template !== undefined}<p class="text-sm text-ink-2">{template.story}</p>{:else}
          <NumberField
            whole
            label="People who sleep in it"
            value={sleepers}
            min={0}
            max={12}
            onset={(value) => (sleepers = value)}
          />
          <LengthField
            label="Height of the tallest"
            mm={tallestMm}
            unit="mm"
            min={STATURE_LIMITS_MM.min}
            max={STATURE_LIMITS_MM.max}
            onset={(mm) => (tallestMm = mm)}
          />
          <NumberField
            whole
            label="Nights off hook-up"
            value={nights}
            min={0}
            max={60}
            onset={(value) => (nights = value)}
          />{/if}
        <p id="new-job-fault" role="alert" class="min-h-4 text-sm text-stop">{fault}</p>
        <div class="flex items-center gap-5">
          <button class="act-main" type="submit">Start</button><Dialog.Close class="act" type="button"
            >Cancel</Dialog.Close
          >
        </div>
      </form>
    </Dialog.Content>
  </Dialog.Portal>
</Dialog.Root>
