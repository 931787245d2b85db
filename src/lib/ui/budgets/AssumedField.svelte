<script lang="ts">
  import { POWER_ASSUMED_LIMITS, type PowerAssumedKey } from '$lib/core/job'
  import { POWER_ASSUMED_BASIS, POWER_ASSUMED_UNITS, POWER_ASSUMED_WORDS } from '$lib/core/text'
  import AssumedLine from './AssumedLine.svelte'
  import type { Power } from './power.svelte'

  let { power, key }: { power: Power; key: PowerAssumedKey } = $props()
</script>

<AssumedLine
  label={POWER_ASSUMED_WORDS[key]}
  value={power.report?.assumed[key] ?? NaN}
  unit={POWER_ASSUMED_UNITS[key]}
  limits={POWER_ASSUMED_LIMITS[key]}
  basis={POWER_ASSUMED_BASIS[key]}
  onset={(value) => void power.session.do({ type: 'power.assume', key, value })}
/>
