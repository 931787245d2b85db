<script lang="ts">
  import { demandsOf, NEEDS, NEED_FACTS, type Demand, type Need, type Person } from '$lib/core/brief'
  import { STATURE_LIMITS_MM } from '$lib/core/people'
  import { NEED_WORDS, sayBasis } from '$lib/core/text'
  import { formatLength, sayVolume } from '$lib/core/units'
  import { getSession } from '../job/context'
  import JobBar from '../job/JobBar.svelte'
  import { newId } from '../job/new-id'
  import CountField from '../parts/CountField.svelte'
  import LengthField from '../parts/LengthField.svelte'
  import Why from '../parts/Why.svelte'

  const session = getSession()
  const job = $derived(session.job)
  const brief = $derived(job.brief)
  const unit = $derived(job.units)
  const demands = $derived(demandsOf(brief))
  const longest = $derived(Math.max(1, ...demands.map(({ leadingMm }) => leadingMm)))

  const putPerson = (id: string, person: Person) => session.do({ type: 'person.put', id, person })
  const putDemand = (id: string, demand: Demand) => session.do({ type: 'demand.put', id, demand })
  const sizes = ['length', 'width', 'height'] as const

  function addDemand(need: Need): void {
    putDemand(
      newId('demand'),
      need === 'stowage'
        ? { need, must: true, label: 'A piece of gear', sizeMm: [1000, 400, 300] }
        : { need, must: true },
    )
  }
  const words = (demand: Demand) =>
    NEED_WORDS[demand.need][demand.need === 'berth' || demand.need === 'belt' ? 'many' : 'one']
  const auto: Partial<Record<Need, string>> = {
    berth: 'as many as sleep',
    belt: 'as many as travel',
    'table-seat': 'for everyone',
    water: 'for the nights',
  }
</script>

<svelte:head><title>{job.name} · brief · Zimmerman</title></svelte:head>

<div class="flex h-screen flex-col">
  <JobBar current="brief" />
  <div class="grid min-h-0 flex-1 grid-cols-[minmax(0,1fr)_320px]">
    <main class="overflow-y-auto bg-sheet px-8 py-6">
      <h1 class="text-xl">Who is it for, and what must it do?</h1>

      <div class="grid grid-cols-[minmax(0,1fr)_280px] gap-10">
        <section class="mt-6" aria-labelledby="people-title">
          <div class="flex items-baseline gap-4">
            <h2 id="people-title" class="text-lg">People</h2>
            <button
              class="act"
              onclick={() =>
                putPerson(newId('person'), {
                  label: `Person ${Object.keys(brief.people).length + 1}`,
                  statureMm: 1750,
                  sleeps: true,
                  travels: true,
                })}>Add a person</button
            >
          </div>
          {#if Object.keys(brief.people).length > 0}
            <table class="mt-1 w-full max-w-2xl text-left">
              <thead
                ><tr class="caps"
                  ><th class="py-1">Who</th><th>Stature</th><th>Sleeps here</th><th>Travels here</th><th
                    ><span class="sr-only">Take out</span></th
                  ></tr
                ></thead
              >
              <tbody>
                {#each Object.entries(brief.people) as [id, person] (id)}
                  <tr class="border-t border-line align-top">
                    <td class="py-1.5"
                      ><input
                        class="w-44 ruled"
                        aria-label="Who"
                        maxlength="60"
                        value={person.label}
                        onchange={(event) =>
                          event.currentTarget.value.trim() !== '' &&
                          putPerson(id, { ...person, label: event.currentTarget.value.trim() })}
                      /></td
                    >
                    <td class="py-1.5"
                      ><LengthField
                        label="Stature of {person.label}"
                        hideLabel
                        mm={person.statureMm}
                        {unit}
                        min={STATURE_LIMITS_MM.min}
                        max={STATURE_LIMITS_MM.max}
                        onset={(statureMm) => putPerson(id, { ...person, statureMm })}
                      /></td
                    >
                    <td class="py-1.5"
                      ><input
                        type="checkbox"
                        class="accent-pencil"
                        aria-label="{person.label} sleeps here"
                        checked={person.sleeps}
                        onchange={(event) => putPerson(id, { ...person, sleeps: event.currentTarget.checked })}
                      /></td
                    >
                    <td class="py-1.5"
                      ><input
                        type="checkbox"
                        class="accent-pencil"
                        aria-label="{person.label} travels here"
                        checked={person.travels}
                        onchange={(event) => putPerson(id, { ...person, travels: event.currentTarget.checked })}
                      /></td
                    >
                    <td class="py-1.5 text-right"
                      ><button
                        class="text-ink-2 hover:text-stop"
                        aria-label="Take out {person.label}"
                        onclick={() => session.do({ type: 'person.remove', id })}>Take out</button
                      ></td
                    >
                  </tr>
                {/each}
              </tbody>
            </table>
          {:else}
            <p class="mt-1 text-ink-2">
              Nobody yet. Start with the tallest: berths, ways and standing height follow from them.
            </p>
          {/if}
        </section>
        <section class="mt-6" aria-label="Use">
          <div class="">
            <CountField
              label="Nights away from a hook-up"
              value={brief.nightsOffHookUp}
              min={0}
              max={60}
              onset={(nights) => session.do({ type: 'brief.nights', nights })}
            />
          </div>
          <label class="mt-4 block"
            ><span class="text-ink-2">Notes of the conversation</span>
            <textarea
              class="mt-1 block h-24 w-full border border-line bg-paper p-2"
              maxlength="4000"
              value={brief.notes}
              onchange={(event) => session.do({ type: 'brief.notes', notes: event.currentTarget.value })}
            ></textarea></label
          >
        </section>
      </div>

      <section class="mt-7" aria-labelledby="pets-title">
        <div class="flex items-baseline gap-4">
          <h2 id="pets-title" class="text-lg">Pets</h2>
          <button
            class="act"
            onclick={() =>
              session.do({ type: 'pet.put', id: newId('pet'), pet: { label: 'Dog', lengthMm: 800, heightMm: 500 } })}
            >Add a pet</button
          >
        </div>
        {#each Object.entries(brief.pets) as [id, pet] (id)}
          <div class="flex items-start gap-6 border-t border-line py-1.5">
            <input
              class="w-44 ruled"
              aria-label="Pet"
              maxlength="60"
              value={pet.label}
              onchange={(event) =>
                event.currentTarget.value.trim() !== '' &&
                session.do({ type: 'pet.put', id, pet: { ...pet, label: event.currentTarget.value.trim() } })}
            />
            <LengthField
              label="nose to rump"
              mm={pet.lengthMm}
              {unit}
              min={100}
              max={2000}
              onset={(lengthMm) => session.do({ type: 'pet.put', id, pet: { ...pet, lengthMm } })}
            />
            <LengthField
              label="shoulder height"
              mm={pet.heightMm}
              {unit}
              min={50}
              max={1200}
              onset={(heightMm) => session.do({ type: 'pet.put', id, pet: { ...pet, heightMm } })}
            />
            <button
              class="ml-auto text-ink-2 hover:text-stop"
              aria-label="Take out {pet.label}"
              onclick={() => session.do({ type: 'pet.remove', id })}>Take out</button
            >
          </div>
        {:else}
          <p class="mt-1 text-ink-2">None.</p>
        {/each}
      </section>

      <section class="mt-7" aria-labelledby="demands-title">
        <div class="flex items-baseline gap-4">
          <h2 id="demands-title" class="text-lg">Musts and wishes</h2>
          <label class="act"
            >Add
            <select
              class="ruled font-normal text-ink"
              aria-label="Add a demand"
              value=""
              onchange={(event) => {
                const need = event.currentTarget.value
                event.currentTarget.value = ''
                if (need !== '') addDemand(need as Need)
              }}
            >
              <option value="">choose…</option>
              {#each NEEDS as need (need)}<option value={need}>{NEED_WORDS[need].one}</option>{/each}
            </select></label
          >
        </div>
        <table class="mt-1 w-full text-left">
          <thead
            ><tr class="caps"
              ><th class="py-1">What</th><th>Must</th><th>How much</th><th>Size</th><th
                ><span class="sr-only">Take out</span></th
              ></tr
            ></thead
          >
          <tbody>
            {#each Object.entries(brief.demands) as [id, demand] (id)}
              {@const resolved = demands.find((one) => one.id === id)}
              <tr class="border-t border-line align-top">
                <td class="py-1.5 pr-3"
                  ><input
                    class="w-48 ruled"
                    aria-label="Demand"
                    maxlength="60"
                    placeholder={words(demand)}
                    value={demand.label ?? ''}
                    onchange={(event) => {
                      const { label: _old, ...rest } = demand
                      const label = event.currentTarget.value.trim()
                      putDemand(id, label === '' ? rest : { ...rest, label })
                    }}
                  />{#if demand.label}<span class="block text-xs text-ink-2">{words(demand).toLowerCase()}</span
                    >{/if}</td
                >
                <td class="py-1.5"
                  ><input
                    type="checkbox"
                    class="accent-pencil"
                    aria-label="{demand.label ?? words(demand)} is a must"
                    checked={demand.must}
                    onchange={(event) => putDemand(id, { ...demand, must: event.currentTarget.checked })}
                  /></td
                >
                <td class="py-1.5 pr-4">
                  <CountField
                    label="How much: {demand.label ?? words(demand)}"
                    hideLabel
                    width="3.5rem"
                    value={resolved?.quantity ?? 1}
                    min={0}
                    max={999}
                    suffix={demand.need === 'water' ? 'L' : undefined}
                    onset={(quantity) => putDemand(id, { ...demand, quantity })}
                  />
                  {#if auto[demand.need] !== undefined}
                    {#if demand.quantity === undefined}<span class="text-xs text-ink-2">{auto[demand.need]}</span
                      >{:else}<button
                        class="act text-xs"
                        onclick={() => {
                          const { quantity: _typed, ...rest } = demand
                          putDemand(id, rest)
                        }}>{auto[demand.need]}</button
                      >{/if}
                  {/if}
                </td>
                <td class="py-1.5">
                  {#if demand.sizeMm !== undefined}
                    <span class="flex items-start gap-1">
                      {#each sizes as side, axis (side)}
                        {#if axis > 0}<span class="text-ink-2">×</span>{/if}
                        <LengthField
                          label="{side} of {demand.label ?? 'it'}"
                          hideLabel
                          width="4.2rem"
                          mm={demand.sizeMm[axis]!}
                          {unit}
                          min={10}
                          max={6000}
                          onset={(mm) =>
                            putDemand(id, {
                              ...demand,
                              sizeMm: demand.sizeMm!.map((old, index) => (index === axis ? mm : old)) as [
                                number,
                                number,
                                number,
                              ],
                            })}
                        />
                      {/each}
                    </span>
                  {:else}<span class="text-sm text-ink-2">as usual</span>{/if}
                </td>
                <td class="py-1.5 text-right"
                  ><button
                    class="text-ink-2 hover:text-stop"
                    aria-label="Take out {demand.label ?? words(demand)}"
                    onclick={() => session.do({ type: 'demand.remove', id })}>Take out</button
                  ></td
                >
              </tr>
            {:else}
              <tr><td class="py-1.5 text-ink-2" colspan="5">Nothing asked for yet.</td></tr>
            {/each}
          </tbody>
        </table>
      </section>
    </main>

    <aside class="overflow-y-auto border-l border-line px-5 py-6" aria-label="What it asks for">
      <div class="mb-2 flex items-baseline justify-between">
        <h2 class="caps">What it asks for</h2>
        <span class="text-sm text-ink-2">biggest first</span>
      </div>
      <ol>
        {#each demands as demand (demand.id)}
          <li class="border-b border-line py-2">
            <div
              class="mb-1 h-1 {demand.must ? 'bg-ink' : 'bg-line'}"
              style:width="{Math.max(4, (demand.leadingMm / longest) * 100)}%"
            ></div>
            <div class="flex items-baseline justify-between gap-2">
              <span class="min-w-0 truncate font-semibold"
                >{demand.label ?? NEED_WORDS[demand.need][demand.quantity === 1 ? 'one' : 'many']}</span
              >
              <Why
                about="it asks for this"
                lines={[
                  demand.because.code === 'sleepers'
                    ? `${demand.because.people} sleep in it; the tallest is ${formatLength(demand.because.tallestMm, unit)} and wants 50 mm to spare.`
                    : demand.because.code === 'water'
                      ? `${demand.because.people} × ${demand.because.nights} nights × ${demand.because.perNightL} L = ${demand.quantity} L.`
                      : demand.because.code === 'typed'
                        ? 'As typed here.'
                        : demand.because.code === 'typical'
                          ? 'A typical size.'
                          : `${demand.because.people} people.`,
                  sayBasis(NEED_FACTS[demand.need].basis),
                ]}
              >
                {demand.unit === 'litres'
                  ? sayVolume(demand.quantity)
                  : demand.need === 'belt' || demand.need === 'table-seat'
                    ? demand.quantity
                    : demand.sizeMm.map((side) => formatLength(side, unit)).join(' × ')}
              </Why>
            </div>
            <p class="text-sm text-ink-2">
              {demand.must ? 'must' : 'wish'}{demand.need === 'berth' ? `, for ${demand.quantity}` : ''}
            </p>
          </li>
        {/each}
      </ol>
      <a class="mt-4 block act" href="/jobs/{job.id}/vehicle">On to the vehicle</a>
    </aside>
  </div>
</div>
