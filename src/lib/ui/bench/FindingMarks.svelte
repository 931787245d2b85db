<script lang="ts">
  import type { Finding } from '$lib/core/review'
  import { sayFinding } from '$lib/core/text'
  import { GRAVITY_SHAPES } from '../parts/gravity-shapes'
  import type { Bench } from './bench.svelte'
  import type { Mark } from './marks'
  import { toScreen, type ViewFrame } from '../drawing/layout'

  interface Props {
    bench: Bench
    /** Of the plan. */
    frame: ViewFrame
    marks: readonly Mark[]
  }
  let { bench, frame, marks }: Props = $props()

  const open = $derived(bench.checked.findings.find(({ finding }) => finding.key === bench.openFinding)?.finding)
  const way = $derived(
    open !== undefined && (open.code === 'way-narrow' || open.code === 'way-shut') ? open.facts.path : [],
  )
  const words = (finding: Finding) => sayFinding(finding, bench.names, bench.session.job.units)
</script>

{#if way.length > 0}
  <path
    d="M{way
      .map((point) =>
        toScreen(frame, point)
          .map((value) => value.toFixed(1))
          .join(' '),
      )
      .join('L')}"
    class="way"
  />
{/if}
{#each marks as { numbered: { number, finding }, change, at } (finding.key)}
  <g
    data-mark={finding.code}
    data-testid="mark-{finding.code}"
    transform="translate({at[0]} {at[1]})"
    class={['mark', change]}
    role="button"
    tabindex="0"
    aria-label="{number}: {words(finding).designer}"
    onclick={(event) => {
      event.stopPropagation()
      bench.show(finding)
    }}
    onkeydown={(event) => {
      if (event.key === 'Enter' || event.key === ' ') {
        event.preventDefault()
        event.stopPropagation()
        bench.show(finding)
      }
    }}
  >
    <title>{words(finding).designer}</title>
    <path d={GRAVITY_SHAPES[finding.gravity].d} fill={GRAVITY_SHAPES[finding.gravity].fill} />
    <text y={GRAVITY_SHAPES[finding.gravity].numberY} text-anchor="middle"
      >{change === undefined ? number : change === 'worse' ? '+' : change === 'better' ? '−' : '✓'}</text
    >
  </g>
{/each}

<style>
  .mark {
    cursor: pointer;
    pointer-events: auto;
    outline: none;
  }
  .mark path {
    stroke: var(--sheet);
    stroke-width: 1.5;
    paint-order: stroke;
  }
  .mark.better path,
  .mark.cured path {
    fill: var(--good);
  }
  .mark:focus-visible path {
    stroke: var(--pencil);
    stroke-width: 4;
  }
  .mark text {
    font-size: 9.5px;
    font-weight: 700;
    fill: var(--sheet);
    pointer-events: none;
  }
  .way {
    fill: none;
    stroke: var(--caution);
    stroke-width: 1.3;
    stroke-dasharray: 5 4;
    pointer-events: none;
  }
</style>
