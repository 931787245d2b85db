<script lang="ts">
  import type { RuleSetting } from '$lib/core/job'
  import type { Gravity, Rule } from '$lib/core/review'
  import { capital, GRAVITY_WORDS, RULE_WORDS, ruleParameterWord, sayBasis, small, withLengths } from '$lib/core/text'
  import type { LengthUnit } from '$lib/core/units'
  import LengthField from '../parts/LengthField.svelte'
  import NumberField from '../parts/NumberField.svelte'
  import Why from '../parts/Why.svelte'

  interface Props {
    rule: Rule
    setting: RuleSetting | undefined
    unit: LengthUnit
    onset: (setting: RuleSetting | undefined) => void
  }
  let { rule, setting, unit, onset }: Props = $props()

  const words = $derived(RULE_WORDS[rule.id]!)
  const off = $derived(setting?.off === true)
  const isSet = $derived(setting !== undefined)
  const usual = $derived(
    [...new Set(Object.values(rule.gravity))].map((gravity) => GRAVITY_WORDS[gravity].one).join(' or '),
  )

  /** What is as the book says is left out, so that a rule that is wholly so is not set at all. */
  function change(part: Partial<RuleSetting>): void {
    const { off: isOff, gravity, parameters, ...rest } = { ...setting, ...part }
    const own = Object.fromEntries(
      Object.entries(parameters ?? {}).filter(([key, value]) => value !== rule.parameters[key]?.default),
    )
    const next: RuleSetting = {
      ...rest,
      ...(isOff === true ? { off: true } : {}),
      ...(gravity === undefined ? {} : { gravity }),
      ...(Object.keys(own).length === 0 ? {} : { parameters: own }),
    }
    onset(Object.keys(next).length === 0 ? undefined : next)
  }
  const setFigure = (key: string, value: number): void =>
    change({ parameters: { ...setting?.parameters, [key]: value } })
  const SUFFIX: Readonly<Record<string, string>> = {
    deg: '°',
    kg: 'kg',
    min: 'min',
    'W/m²K': 'W/m²K',
    'cm²': 'cm²',
    m: 'm',
  }
</script>

<article
  class="grid gap-x-6 gap-y-1 border-b border-line py-2 min-[55rem]:grid-cols-[1fr_17rem_11rem]"
  id={rule.id}
  data-testid="setting-{rule.id}"
>
  <div class={off ? 'text-ink-2' : ''}>
    <label class="flex items-baseline gap-2">
      <input type="checkbox" checked={!off} onchange={(event) => change({ off: !event.currentTarget.checked })} />
      <span class="font-semibold {off ? 'line-through' : ''}">{words.title}</span>
      {#if isSet}<span class="text-sm font-normal text-pencil">set for this job</span>{/if}
    </label>
    <p class="pl-6 text-sm text-ink-2">{withLengths(words.designer, unit)}</p>
  </div>
  <div class="flex flex-col gap-1 text-sm">
    {#each Object.entries(rule.parameters) as [key, one] (key)}
      {@const label = ruleParameterWord(rule.id, key)}
      {@const value = setting?.parameters?.[key] ?? one.default}
      {#if one.unit === 'mm'}
        <LengthField
          {label}
          mm={value}
          {unit}
          min={one.min}
          max={one.max}
          width="4.5rem"
          onset={(mm) => setFigure(key, mm)}
        />
      {:else}
        <NumberField
          {label}
          {value}
          min={one.min}
          max={one.max}
          digits={one.unit === 'share' ? 3 : 2}
          suffix={SUFFIX[one.unit] ?? ''}
          width="4.5rem"
          onset={(next) => setFigure(key, next)}
        />
      {/if}
    {/each}
  </div>
  <div class="flex flex-col items-start gap-1 text-sm">
    <select
      class="w-full ruled"
      aria-label="Counts as: {words.title}"
      value={setting?.gravity ?? ''}
      onchange={(event) =>
        change({ gravity: event.currentTarget.value === '' ? undefined : (event.currentTarget.value as Gravity) })}
    >
      <option value="">{usual} (book)</option>
      {#each ['stop', 'caution', 'note'] as const as gravity (gravity)}
        <option value={gravity}>{capital(GRAVITY_WORDS[gravity].one)}</option>
      {/each}
    </select>
    <span class="flex flex-col items-start gap-0.5">
      <Why
        about={small(words.title)}
        lines={[sayBasis(rule.basis, unit), ...Object.values(rule.parameters).map((one) => sayBasis(one.basis, unit))]}
      />
      {#if isSet}<button class="act" onclick={() => onset(undefined)}>Back to the book</button>{/if}
    </span>
  </div>
</article>
