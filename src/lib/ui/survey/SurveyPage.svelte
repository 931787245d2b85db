<script lang="ts">
  import { bareInterior, BODY_CLASSES } from '$lib/core/shell'
  import {
    checksOf,
    doubtful,
    frameOf,
    MEASURE_GROUPS,
    measuresOf,
    readingsFrom,
    surveyed,
    surveyRows,
    valueOf,
    type Measure,
  } from '$lib/core/survey'
  import { surveyOfShell, ROOF_KINDS, type OpeningAnswers, type RoofKind, type Survey } from '$lib/core/readings'
  import {
    BODY_CLASS_WORDS,
    capital,
    count,
    MEASURE_GROUP_WORDS,
    ROOF_WORDS,
    sayCheck,
    sayMeasure,
  } from '$lib/core/text'
  import { sayLength, sayMass } from '$lib/core/units'
  import { getSession } from '../job/context'
  import GravityMark from '../parts/GravityMark.svelte'
  import { SHELLS_BY_CLASS } from '../parts/shells-by-class'
  import KerbWith from '../parts/KerbWith.svelte'
  import MeasureRow from './MeasureRow.svelte'
  import { KEPT, simulatedMeter, steady } from './meter'
  import OpeningList from './OpeningList.svelte'
  import SurveyDrawing from './SurveyDrawing.svelte'
  import SurveyFrame from './SurveyFrame.svelte'

  const session = getSession()
  const job = $derived(session.job)
  const unit = $derived(job.units)
  const survey: Survey = $derived(job.survey ?? surveyOfShell(job.shell.id))
  const frame = $derived(frameOf(survey))
  const measures = $derived(measuresOf(survey, frame))
  const result = $derived(surveyed(survey))
  const checks = $derived(checksOf(survey, frame))
  const doubts = $derived(doubtful(checks))
  const failing = $derived(checks.filter(({ ok }) => !ok))
  const body = $derived(bareInterior(result.faults.length === 0 ? result.shell : frame.base))
  const names = (id: string): string => {
    const measure = measures.find((one) => one.id === id)
    return measure === undefined ? id : sayMeasure(measure, frame, unit)
  }
  const groups = $derived(
    MEASURE_GROUPS.flatMap((group) => {
      const list = measures.filter((measure) => measure.group === group)
      return list.length === 0 ? [] : [{ group, list }]
    }),
  )

  let activeId = $state('length-floor')
  const active: Measure | undefined = $derived(measures.find(({ id }) => id === activeId))
  const figure = $derived.by(() => {
    if (active === undefined) return ''
    const { value } = valueOf(survey, active)
    if (active.unit === 'kg') return ''
    return value === undefined ? `about ${sayLength(active.nominal, unit)}` : sayLength(value, unit)
  })

  function put(next: Survey): void {
    session.do({ type: 'survey.put', survey: next })
  }
  function read(id: string, reading: Survey['readings'][string]): void {
    if (job.survey === undefined) put({ ...survey, readings: { ...survey.readings, [id]: reading } })
    else session.do({ type: 'survey.read', id, reading })
  }

  function answer(id: string, answers: OpeningAnswers): void {
    put({ ...survey, openings: { ...survey.openings, [id]: { ...survey.openings?.[id], ...answers } } })
  }

  const startValue = $derived(
    survey.base.kind === 'generic' ? `shell ${survey.base.shell}` : `numbers ${survey.base.bodyClass}`,
  )
  function startFrom(value: string): void {
    const [kind, id] = value.split(' ') as [string, string]
    const base: Survey['base'] =
      kind === 'shell' ? { kind: 'generic', shell: id } : { kind: 'numbers', bodyClass: id as never }
    put({ ...survey, base })
  }

  /** The meter that is on, and what it last said. */
  let metering = $state(false)
  let meterFault = $state('')
  let heard: readonly number[] = $state.raw([])
  const near = $derived(active === undefined || active.unit === 'kg' ? undefined : active.nominal)
  $effect(() => {
    if (!metering || near === undefined || !(near >= 1)) return
    heard = []
    return simulatedMeter.read(
      near,
      (mm) => (heard = [...heard.slice(1 - KEPT), mm]),
      (sentence) => {
        meterFault = sentence
        metering = false
      },
    )
  })
  const held = $derived(metering ? steady(heard) : undefined)

  let csvFaults: readonly string[] = $state.raw([])
  let picker: HTMLInputElement | undefined = $state(undefined)
  async function bringIn(event: Event): Promise<void> {
    const input = event.currentTarget as HTMLInputElement
    const file = input.files?.[0]
    input.value = ''
    if (file === undefined) return
    if (file.size > 200_000) {
      csvFaults = [`“${file.name}” is over 200 kB, too large for a survey.`]
      return
    }
    const { default: Papa } = await import('papaparse')
    const { data } = Papa.parse<string[]>(await file.text(), { skipEmptyLines: false })
    const { readings, faults } = readingsFrom(survey, data)
    csvFaults = faults.slice(0, 8).map(({ line, message }) => `Line ${line}: ${message}.`)
    if (faults.length === 0) put({ ...survey, readings })
  }
  async function saveCsv(): Promise<void> {
    const { default: Papa } = await import('papaparse')
    const url = URL.createObjectURL(new Blob([Papa.unparse(surveyRows(survey) as string[][])], { type: 'text/csv' }))
    const link = document.createElement('a')
    link.href = url
    link.download = `${job.name} survey.csv`
    link.click()
    URL.revokeObjectURL(url)
  }

  function use(): void {
    if (session.do({ type: 'shell.put', shell: result.shell })) session.tell('The vehicle is now the body as measured.')
  }
</script>

<svelte:head><title>{job.name} · survey · Zimmerman</title></svelte:head>

<SurveyFrame jobId={job.id} part="measures" label="Measures">
  {#snippet list()}
    <div class="mt-2 grid grid-cols-2 gap-x-4 gap-y-1 text-[0.9286rem]">
      <label class="col-span-2 flex items-baseline justify-between gap-3"
        ><span class="text-ink-2">Start from</span>
        <select
          class="min-w-0 flex-1 ruled"
          aria-label="Start from"
          value={startValue}
          onchange={(event) => startFrom(event.currentTarget.value)}
        >
          <optgroup label="Four numbers">
            {#each BODY_CLASSES as bodyClass (bodyClass)}
              <option value="numbers {bodyClass}">{BODY_CLASS_WORDS[bodyClass].one}, from four numbers</option>
            {/each}
          </optgroup>
          {#each SHELLS_BY_CLASS as { bodyClass, shells } (bodyClass)}
            <optgroup label={BODY_CLASS_WORDS[bodyClass].many}>
              {#each shells as shell (shell.id)}<option value="shell {shell.id}">{shell.name}</option>{/each}
            </optgroup>
          {/each}
        </select></label
      >
      <label class="flex items-baseline justify-between gap-2"
        ><span class="text-ink-2">roof</span>
        <select
          class="min-w-0 flex-1 ruled"
          aria-label="Shape of the roof"
          value={survey.roof}
          onchange={(event) => put({ ...survey, roof: event.currentTarget.value as RoofKind })}
        >
          {#each ROOF_KINDS as kind (kind)}<option value={kind}>{ROOF_WORDS[kind]}</option>{/each}
        </select></label
      >
      <label class="flex items-center justify-between gap-2"
        ><span class="text-ink-2">left and right apart</span>
        <input
          type="checkbox"
          class="accent-pencil"
          checked={survey.apart}
          onchange={(event) => put({ ...survey, apart: event.currentTarget.checked })}
        /></label
      >
    </div>
    <div class="no-print mt-2 flex flex-wrap items-baseline gap-x-4 text-[0.9286rem]">
      <a class="act" href="/jobs/{job.id}/paper?what=survey">Sheet to fill in</a>
      <button class="act" onclick={saveCsv}>Export CSV</button>
      <button class="act" onclick={() => picker?.click()}>Import CSV…</button>
      <button class="act" aria-pressed={metering} onclick={() => ((metering = !metering), (meterFault = ''))}
        >{metering ? 'Meter off' : 'Laser meter, simulated'}</button
      >
    </div>
    <input
      bind:this={picker}
      type="file"
      accept=".csv,text/csv"
      class="sr-only"
      tabindex="-1"
      aria-label="A survey as CSV"
      data-testid="survey-csv"
      onchange={bringIn}
    />
    {#if csvFaults.length > 0}
      <div role="alert" class="mt-1 text-sm text-stop">
        Nothing was imported.
        {#each csvFaults as fault (fault)}<br />{fault}{/each}
      </div>
    {/if}
    {#if meterFault !== ''}<p role="alert" class="text-sm text-stop">{meterFault}</p>{/if}
    <div class="mt-3 grid grid-cols-[minmax(0,1fr)_3.8rem_3.8rem_1.4rem] gap-x-2 caps">
      <span>measure</span><span class="text-right">reading</span><span class="text-right">second</span><span></span>
    </div>
    {#each groups as { group, list } (group)}
      <section aria-label={MEASURE_GROUP_WORDS[group]} class="mt-2 break-inside-avoid">
        <h2 class="text-[0.9643rem]">{MEASURE_GROUP_WORDS[group]}</h2>
        <ul>
          {#each list as measure (measure.id)}
            {@const { state } = valueOf(survey, measure)}
            <MeasureRow
              {measure}
              words={sayMeasure(measure, frame, unit)}
              reading={survey.readings[measure.id] ?? {}}
              standing={state === 'measured' && doubts.has(measure.id) ? 'doubtful' : state}
              {unit}
              active={measure.id === activeId}
              {held}
              onactive={() => (activeId = measure.id)}
              onread={(reading) => read(measure.id, reading)}
            />
          {/each}
        </ul>
      </section>
    {/each}
    <section aria-label="What the kerb weight includes" class="mt-2 text-[0.9286rem]">
      <h2 class="text-[0.9643rem]">Kerb weight: what the papers include</h2>
      <KerbWith
        value={survey.kerbWith}
        onset={(kerbWith) => {
          const { kerbWith: _before, ...rest } = survey
          put(kerbWith === undefined ? rest : { ...rest, kerbWith })
        }}
      />
    </section>
    <section aria-label="What a tape cannot measure" class="mt-2">
      <h2 class="text-[0.9643rem]">Doors, windows and hatches: what a tape cannot measure</h2>
      <OpeningList openings={result.shell.openings} onanswer={answer} />
    </section>
  {/snippet}
  {#snippet drawing()}
    <SurveyDrawing {body} tape={active?.tape} {figure} sectionMm={frame.stationMm.axle} />
  {/snippet}
  {#snippet sum()}
    <p class="text-base font-semibold" data-testid="progress">{result.measured} of {result.asked} measured</p>
    <p class="text-ink-2">What is not measured is taken from where the survey started, and shown in italics.</p>
    {#if result.missing.length > 0}
      <p class="mt-2" data-testid="missing">
        Before relying on this body, also measure{result.missing.length === 1 ? '' : ' at least'}: {result.missing
          .slice(0, 6)
          .map(names)
          .join('; ')}{result.missing.length > 6 ? `; and ${result.missing.length - 6} more` : ''}. Until then widths,
        headroom and beds across are a guess.
      </p>
    {/if}
    {#if metering}
      <p class="mt-3 border-t border-line pt-2" data-testid="meter">
        Meter: <b>{heard.at(-1) === undefined ? '…' : sayLength(Math.round(heard.at(-1)!), unit)}</b>
        {held === undefined ? 'not steady yet' : `steady at ${sayLength(held, unit)}`}
      </p>
    {/if}

    <h2 class="mt-4 caps">Checks</h2>
    {#if checks.length === 0}
      <p class="text-ink-2">None yet: measure diagonals and parts, and they are checked against each other here.</p>
    {:else if failing.length === 0}
      <p>
        <span class="font-semibold text-good">✓</span>
        {count(checks.length, { one: 'check agrees', many: 'checks agree' })}.
      </p>
    {/if}
    <ul data-testid="checks">
      {#each failing as check (check.code + check.measures.join())}
        {@const said = sayCheck(check, names, unit)}
        <li class="border-b border-line py-1.5">
          <button class="text-left hover:text-pencil" onclick={() => (activeId = check.measures[0]!)}
            ><GravityMark gravity="caution" size={13} /> <b class="text-caution">{said.title}.</b>
            {said.sum}</button
          >
        </li>
      {/each}
    </ul>

    <h2 class="mt-4 caps">The body</h2>
    {#if result.faults.length > 0}
      <div role="alert" class="text-stop" data-testid="body-faults">
        These measurements do not make a body yet:
        <ul>
          {#each result.faults.slice(0, 6) as fault, index (index)}<li>{capital(fault.message)}.</li>{/each}
        </ul>
      </div>
    {:else}
      <p class="text-ink-2">
        Kerb weight {sayMass(result.shell.masses.kerbKg)}, gross {sayMass(result.shell.masses.grossKg)}. It replaces the
        vehicle of this job; plans keep their places on its walls, and undo brings the old one back.
      </p>
    {/if}
    <button class="mt-2 act-main" disabled={result.faults.length > 0} onclick={use}>Use this body</button>
    {#if failing.length > 0 && result.faults.length === 0}<p class="mt-1 text-xs text-caution">
        {count(failing.length, { one: 'check does', many: 'checks do' })} not agree: measure again before anything is cut.
      </p>{/if}
  {/snippet}
</SurveyFrame>
