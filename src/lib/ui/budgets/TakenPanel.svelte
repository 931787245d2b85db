<script lang="ts">
  import { assumedIn } from '$lib/core/budgets'
  import { ASSUMED_LIMITS, type AssumedKey } from '$lib/core/job'
  import { ASSUMED_BASIS, ASSUMED_WORDS, MASS_WORDS, sayUnknown } from '$lib/core/text'
  import KerbWith from '../parts/KerbWith.svelte'
  import NumberField from '../parts/NumberField.svelte'
  import Why from '../parts/Why.svelte'
  import type { Budgets } from './budgets.svelte'
  import OptionalFigure from './OptionalFigure.svelte'

  let { budgets }: { budgets: Budgets } = $props()
  const session = $derived(budgets.session)
  const shell = $derived(session.job.shell)
  const assumed = $derived(assumedIn(session.job))
  const unit = $derived(session.job.units)
  const unknown = $derived(budgets.report?.unknown ?? [])
  const ASSUMED_KEYS = Object.keys(ASSUMED_LIMITS) as AssumedKey[]
  const SUFFIX: Readonly<Record<AssumedKey, string>> = {
    driverKg: 'kg',
    personalKg: 'kg',
    personalKgPerM: 'kg',
    shelfKgPerL: 'kg/L',
  }

  type Axle = 'kerbFrontKg' | 'kerbRearKg' | 'ratingFrontKg' | 'ratingRearKg' | 'trackMm'
  type Mass = 'grossKg' | 'fuelL' | 'roofDrivingKg' | 'roofRestKg' | 'centreMm'
  const AXLES: readonly (readonly [Axle, number, number])[] = [
    ['kerbFrontKg', 200, 15_000],
    ['kerbRearKg', 200, 15_000],
    ['ratingFrontKg', 300, 20_000],
    ['ratingRearKg', 300, 20_000],
    ['trackMm', 1000, 2600],
  ]
  const MASSES: readonly (readonly [Mass, number, number])[] = [
    ['grossKg', 500, 30_000],
    ['fuelL', 10, 1000],
    ['roofDrivingKg', 0, 3000],
    ['roofRestKg', 0, 6000],
    ['centreMm', 200, 2500],
  ]
  const kindOf = (key: string): 'kg' | 'L' | 'mm' => (key.endsWith('Kg') ? 'kg' : key.endsWith('L') ? 'L' : 'mm')
  /** Why a figure was refused, at that figure. */
  const refusedAt = (key: string): string | undefined => {
    const refusal = session.refusal
    const command = refusal?.command
    return command?.type === 'masses.set' && (key in command.axles || key in command.masses)
      ? refusal?.message
      : undefined
  }
  const held = $derived(shell.masses.kerbWith)
</script>

<section aria-label="Assumed" class="mt-5">
  <h2 class="caps">Assumed</h2>
  <div class="mt-1 grid gap-y-1 text-[0.9286rem]" data-testid="assumed">
    {#each ASSUMED_KEYS as key (key)}
      {@const [min, max] = ASSUMED_LIMITS[key]}
      <div class="flex items-baseline gap-1 border-b border-dotted border-line">
        <div class="min-w-0 flex-1">
          <NumberField
            label={ASSUMED_WORDS[key]}
            value={assumed[key]}
            digits={2}
            suffix={SUFFIX[key]}
            width="3rem"
            {min}
            {max}
            onset={(value) => session.do({ type: 'weight.assume', key, value })}
          />
        </div>
        <Why about={ASSUMED_WORDS[key]} lines={[ASSUMED_BASIS[key]]}>why</Why>
      </div>
    {/each}
  </div>
  <details class="mt-2 text-[0.9286rem]" data-testid="papers">
    <summary class="w-fit cursor-pointer act">The vehicle by its papers</summary>
    <div class="mt-1 grid gap-y-1">
      {#each AXLES as [key, min, max] (key)}
        <OptionalFigure
          label={MASS_WORDS[key] ?? key}
          value={shell.axles[key]}
          kind={kindOf(key)}
          {unit}
          {min}
          {max}
          refused={refusedAt(key)}
          onset={(value) => session.do({ type: 'masses.set', axles: { [key]: value }, masses: {} })}
        />
      {/each}
      {#each MASSES as [key, min, max] (key)}
        <OptionalFigure
          label={MASS_WORDS[key] ?? key}
          value={shell.masses[key]}
          kind={kindOf(key)}
          {unit}
          {min}
          {max}
          refused={refusedAt(key)}
          onset={(value) => session.do({ type: 'masses.set', axles: {}, masses: { [key]: value } })}
        />
      {/each}
      <KerbWith
        value={held}
        onset={(kerbWith) => session.do({ type: 'masses.set', axles: {}, masses: {}, kerbWith: kerbWith ?? null })}
      />
    </div>
  </details>
  {#if unknown.length > 0}
    <details class="mt-1 text-[0.9286rem]" data-testid="unknown">
      <summary class="w-fit cursor-pointer text-caution"
        >{unknown.length === 1 ? 'One thing is not known' : `${unknown.length} things are not known`}</summary
      >
      <ul class="mt-1">
        {#each unknown as one (JSON.stringify(one))}<li class="mt-1 text-ink-2">
            {sayUnknown(one, session.job)}
          </li>{/each}
      </ul>
    </details>
  {/if}
</section>
