<script lang="ts">
  import { POWER_ASSUMED_LIMITS, type PowerAssumedKey } from '$lib/core/job'
  import { POWER_ASSUMED_BASIS, POWER_ASSUMED_UNITS, POWER_ASSUMED_WORDS } from '$lib/core/text'
  import NumberField from '../parts/NumberField.svelte'
  import Why from '../parts/Why.svelte'
  import type { Power } from './power.svelte'

  let { power, key }: { power: Power; key: PowerAssumedKey } = $props()
  const limits = $derived(POWER_ASSUMED_LIMITS[key])
</script>

<div class="flex items-baseline gap-1 border-b border-dotted border-line">
  <div class="min-w-0 flex-1">
    <NumberField
      label={POWER_ASSUMED_WORDS[key]}
      value={power.report?.assumed[key] ?? NaN}
      digits={2}
      {...POWER_ASSUMED_UNITS[key] === '' ? {} : { suffix: POWER_ASSUMED_UNITS[key] }}
      width="3rem"
      min={limits[0]}
      max={limits[1]}
      onset={(value) => power.session.do({ type: 'power.assume', key, value })}
    />
  </div>
  <Why about={POWER_ASSUMED_WORDS[key]} lines={[POWER_ASSUMED_BASIS[key]]}>why</Why>
</div>
