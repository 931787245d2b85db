<script lang="ts">
  import { answer, isAnswered, FUTURES } from '$lib/core/brief'
  import { getSession } from '../job/context'
  import NumberField from '../parts/NumberField.svelte'
  import Answer from './Answer.svelte'
  import { CHOICES } from '$lib/core/text'
  import { setAnswer } from './answers'
  import Choice from './Choice.svelte'

  const session = getSession()
  const brief = $derived(session.job.brief)
  const set = setAnswer(session)
  const given = $derived(brief.use ?? {})
  function toggle(future: (typeof FUTURES)[number], on: boolean): void {
    const rest = (given.future ?? []).filter((one) => one !== future)
    const next = on ? [...rest, future] : rest
    set('future', next.length === 0 ? undefined : next)
  }
</script>

<h1 class="text-xl">How is it built, and what may change?</h1>
<p class="mt-1 text-ink-2">What is decided late costs most: ask now.</p>
<div class="mt-3 grid max-w-3xl grid-cols-2 gap-x-12">
  <div>
    <Choice
      label="Furniture"
      words={CHOICES.permanence}
      value={given.permanence}
      usual="built-in"
      onset={(value) => set('permanence', value)}
    />
    <label class="flex items-baseline justify-between gap-3 py-1"
      ><span class="text-ink-2">Finish</span><input
        class="w-56 ruled"
        maxlength="120"
        placeholder="oiled birch, pale floor…"
        value={given.finish ?? ''}
        onchange={(event) => set('finish', event.currentTarget.value.trim() || undefined)}
      /></label
    >
    <Answer usual={given.budget === undefined} onusual={() => set('budget', undefined)}>
      <NumberField
        label="Budget, in the client’s money"
        value={given.budget ?? 0}
        min={0}
        max={10_000_000}
        onset={(value) => set('budget', value)}
      />
    </Answer>
    <Answer usual={!isAnswered(brief, 'reservePercent')} onusual={() => set('reservePercent', undefined)}>
      <NumberField
        whole
        label="kept in reserve"
        value={answer(brief, 'reservePercent')}
        min={0}
        max={100}
        suffix="%"
        width="3.5rem"
        onset={(value) => set('reservePercent', value)}
      />
    </Answer>
    <label class="flex items-baseline justify-between gap-3 py-1"
      ><span class="text-ink-2">Wanted by</span><input
        type="date"
        class="ruled"
        min="2020-01-01"
        max="2099-12-31"
        value={given.wantedBy ?? ''}
        onchange={(event) => set('wantedBy', event.currentTarget.value || undefined)}
      /></label
    >
  </div>
  <div>
    <Answer usual={!isAnswered(brief, 'planYears')} onusual={() => set('planYears', undefined)}>
      <NumberField
        whole
        label="Plan for so many years ahead"
        value={answer(brief, 'planYears')}
        min={0}
        max={15}
        width="3.5rem"
        onset={(value) => set('planYears', value)}
      />
    </Answer>
    <p class="text-xs text-ink-2">Children are then planned for as tall as they will be.</p>
    <h2 class="mt-3 caps">What may come later</h2>
    {#each FUTURES as future (future)}
      <label class="flex items-baseline justify-between gap-3 py-1"
        ><span class="text-ink-2">{CHOICES.future[future]}</span><input
          type="checkbox"
          class="accent-pencil"
          checked={given.future?.includes(future) === true}
          onchange={(event) => toggle(future, event.currentTarget.checked)}
        /></label
      >
    {/each}
  </div>
</div>
