<script lang="ts">
  import { demandsOf, NEEDS, type Demand, type Need } from '$lib/core/brief'
  import { NEED_WORDS } from '$lib/core/text'
  import { getSession } from '../job/context'
  import { newId } from '../job/new-id'
  import NumberField from '../parts/NumberField.svelte'
  import LengthField from '../parts/LengthField.svelte'

  const session = getSession()
  const brief = $derived(session.job.brief)
  const unit = $derived(session.job.units)
  const demands = $derived(demandsOf(brief))
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
    seat: 'for everyone',
    water: 'for the nights',
  }
</script>

<section class="mt-6" aria-labelledby="demands-title">
  <div class="flex items-baseline gap-4">
    <h2 id="demands-title" class="text-lg">{brief.derives === true ? 'Typed by hand' : 'Musts and wishes'}</h2>
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
          ><span class="sr-only">Remove</span></th
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
            />{#if demand.label}<span class="block text-xs text-ink-2">{words(demand).toLowerCase()}</span>{/if}</td
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
            <NumberField
              whole
              of={demand.need === 'water' ? 'volume' : undefined}
              label="How much: {demand.label ?? words(demand)}"
              hideLabel
              width="3.5rem"
              value={resolved?.quantity ?? 1}
              min={0}
              max={999}
              suffix={demand.need === 'water' ? 'L' : undefined}
              onset={(quantity) => putDemand(id, { ...demand, quantity: Math.round(quantity) })}
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
            {:else}<span class="text-sm text-ink-2">a common size</span>{/if}
          </td>
          <td class="py-1.5 text-right"
            ><button
              class="text-ink-2 hover:text-stop"
              aria-label="Remove {demand.label ?? words(demand)}"
              onclick={() => session.do({ type: 'demand.remove', id })}>Remove</button
            ></td
          >
        </tr>
      {:else}
        <tr><td class="py-1.5 text-ink-2" colspan="5">Nothing asked for yet.</td></tr>
      {/each}
    </tbody>
  </table>
</section>
