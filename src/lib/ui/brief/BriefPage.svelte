<script lang="ts">
  import { onDestroy } from 'svelte'
  import { page } from '$app/state'
  import { allDemands, PAGES, type Page } from '$lib/core/brief'
  import { BRIEF_TEMPLATES } from '$lib/core/starts'
  import { PAGE_WORDS } from '$lib/core/text'
  import { BriefClient } from '$lib/workers/brief-client'
  import { getSession } from '../job/context'
  import JobBar from '../job/JobBar.svelte'
  import Stopped from '../parts/Stopped.svelte'
  import AsksColumn from './AsksColumn.svelte'
  import BuildPage from './BuildPage.svelte'
  import ComfortPage from './ComfortPage.svelte'
  import DemandsPage from './DemandsPage.svelte'
  import GearPage from './GearPage.svelte'
  import PeoplePage from './PeoplePage.svelte'
  import PetsPage from './PetsPage.svelte'
  import UsePage from './UsePage.svelte'
  import VehiclesPage from './VehiclesPage.svelte'

  const session = getSession()
  const client = new BriefClient()
  onDestroy(() => client.close())
  /** Why checking has stopped, where it has; and how often it was begun again. */
  let stopped: string | undefined = $state(undefined)
  let again = $state(0)
  const brief = $derived(session.job.brief)

  type Step = Page | 'demands' | 'vehicles'
  const STEPS: readonly Step[] = [...PAGES, 'demands', 'vehicles']
  const WORDS: Record<Step, string> = { ...PAGE_WORDS, demands: 'Demands', vehicles: 'Which vehicle?' }
  const current: Step = $derived(STEPS.find((step) => step === page.url.searchParams.get('page')) ?? 'people')
  const next = $derived(STEPS[STEPS.indexOf(current) + 1])

  /** The two last pages are made of what the column beside the others shows. */
  const aside = $derived(current !== 'demands' && current !== 'vehicles')

  /** What stands on a page already, as a word or figure. */
  const counted: Record<Step, string> = $derived({
    people: String(Object.keys(brief.people).length),
    pets: String(Object.keys(brief.pets).length),
    gear: String(Object.keys(brief.gear ?? {}).length),
    use: '',
    comfort: '',
    build: '',
    demands: String(allDemands(brief).length),
    vehicles: '',
  })

  function startFrom(id: string): void {
    const template = BRIEF_TEMPLATES.find((one) => one.id === id)
    if (template === undefined) return
    if (session.do({ type: 'brief.put', brief: template.brief }))
      session.tell(`${template.story} Undo brings your brief back.`)
  }
</script>

<svelte:head><title>{session.job.name} · brief · Zimmerman</title></svelte:head>

<div class="desk">
  <JobBar current="brief" />
  <div class="desk-columns" style:--columns={aside ? '10.7rem minmax(0, 1fr) 21.4rem' : '10.7rem minmax(0, 1fr)'}>
    <nav
      class="flex flex-col py-4 max-[68.7rem]:flex-row max-[68.7rem]:flex-wrap max-[68.7rem]:items-center"
      aria-label="Pages of the brief"
    >
      {#each STEPS as step (step)}
        <a
          href="?page={step}"
          class="flex items-baseline justify-between gap-1.5 border-l-2 px-4 py-1 hover:text-pencil {step === current
            ? 'border-pencil font-semibold text-pencil'
            : 'border-transparent'}"
          aria-current={step === current ? 'page' : undefined}
          ><span>{WORDS[step]}</span><span class="text-sm text-ink-2">{counted[step]}</span></a
        >
      {/each}
      <div
        class="mt-auto px-4 text-sm max-[68.7rem]:mt-0 max-[68.7rem]:flex max-[68.7rem]:items-baseline max-[68.7rem]:gap-4"
      >
        <label class="block"
          ><span class="text-ink-2">Start from</span>
          <select
            class="w-full ruled"
            aria-label="Start from a template"
            value=""
            onchange={(event) => {
              const id = event.currentTarget.value
              event.currentTarget.value = ''
              startFrom(id)
            }}
          >
            <option value="">a template…</option>
            {#each BRIEF_TEMPLATES as { id, name } (id)}<option value={id}>{name}</option>{/each}
          </select></label
        >
        <a class="mt-2 block act text-left" href="/jobs/{session.id}/paper?what=questions">Questions on paper</a>
      </div>
    </nav>
    <main class="bg-sheet px-8 py-5 max-[68.7rem]:px-4">
      <Stopped what="Checking the brief" why={stopped} onagain={() => (again += 1)} />
      {#if current === 'people'}<PeoplePage />
      {:else if current === 'pets'}<PetsPage />
      {:else if current === 'gear'}<GearPage />
      {:else if current === 'use'}<UsePage />
      {:else if current === 'comfort'}<ComfortPage />
      {:else if current === 'build'}<BuildPage />
      {:else if current === 'demands'}<DemandsPage />
      {:else}<VehiclesPage {client} {again} onanswer={(cause) => (stopped = cause)} />{/if}
      {#if next !== undefined}
        <p class="mt-6"><a class="inline-block act-main" href="?page={next}">On to {WORDS[next].toLowerCase()}</a></p>
      {/if}
    </main>
    {#if aside}<aside class="px-5 py-4" aria-label="What the brief asks for">
        <AsksColumn {client} {again} onanswer={(cause) => (stopped = cause)} />
      </aside>{/if}
  </div>
</div>
