<script lang="ts">
  import { WARMTH_ASSUMED_LIMITS, type WarmthAssumedKey } from '$lib/core/job'
  import { WARMTH_ASSUMED_BASIS, WARMTH_ASSUMED_UNITS, WARMTH_ASSUMED_WORDS } from '$lib/core/text'
  import type { JobSession } from '../job/job-session.svelte'
  import AssumedLine from './AssumedLine.svelte'

  interface Props {
    session: JobSession
    keys: readonly WarmthAssumedKey[]
    assumed: Readonly<Record<WarmthAssumedKey, number>>
  }
  let { session, keys, assumed }: Props = $props()
  const set = (key: WarmthAssumedKey, value: number | null): boolean =>
    session.do({ type: 'warmth.assume', key, value })
</script>

{#each keys as key (key)}
  <AssumedLine
    label={WARMTH_ASSUMED_WORDS[key]}
    value={assumed[key]}
    unit={WARMTH_ASSUMED_UNITS[key]}
    limits={WARMTH_ASSUMED_LIMITS[key]}
    basis={WARMTH_ASSUMED_BASIS[key]}
    onset={(value) => void set(key, value)}
    onusual={session.job.warmth?.assume?.[key] === undefined ? undefined : () => void set(key, null)}
  />
{/each}
