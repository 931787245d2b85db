<script lang="ts">
  import { FIGURE_POSES, type Figure, type FigurePose } from '$lib/core/job'
  import type { Bench } from './bench.svelte'
  import { newId } from '../job/new-id'

  let { bench }: { bench: Bench } = $props()
  const brief = $derived(bench.session.job.brief)
  const figures = $derived(Object.entries(bench.scene.figures))
  const labelOf = (who: string): string | undefined =>
    brief.people[who]?.label ?? brief.pets[who]?.label ?? brief.gear?.[who]?.label
  const posesOf = (who: string): readonly FigurePose[] =>
    brief.people[who] !== undefined ? FIGURE_POSES : ['standing', 'lying']
  const GROUPS = $derived([
    ['People', Object.entries(brief.people)],
    ['Pets', Object.entries(brief.pets)],
    ['Gear', Object.entries(brief.gear ?? {})],
  ] as const)

  function add(who: string): void {
    bench.editing.putFigure(newId('figure'), { who, pose: 'standing', at: [bench.stationMm, 0], turn: 0 })
  }
  const turned = (figure: Figure): Figure => ({ ...figure, turn: ((figure.turn + 90) % 360) as Figure['turn'] })
</script>

{#if GROUPS.some(([, list]) => list.length > 0)}
  <fieldset class="mt-2 text-[0.9286rem]" data-testid="figures">
    <legend class="caps">People in the drawing, {bench.names.mode(bench.modeId)}</legend>
    {#each figures as [id, figure] (id)}
      {@const label = labelOf(figure.who) ?? 'someone no longer in the brief'}
      <div class="flex items-baseline gap-2 py-0.5">
        <span class="min-w-0 flex-1 truncate">{label}</span>
        <select
          class="ruled"
          aria-label="{label} is"
          value={figure.pose}
          onchange={(event) =>
            bench.editing.putFigure(id, { ...figure, pose: event.currentTarget.value as FigurePose })}
        >
          {#each posesOf(figure.who) as pose (pose)}<option value={pose}>{pose}</option>{/each}
        </select>
        <button class="act" aria-label="Turn {label}" onclick={() => bench.editing.putFigure(id, turned(figure))}
          >turn</button
        >
        <button
          class="text-ink-2 hover:text-stop"
          aria-label="Take {label} out of the mode"
          onclick={() => bench.editing.removeFigure(id)}>out</button
        >
      </div>
    {/each}
    <select
      class="w-full ruled text-ink-2"
      aria-label="Put someone in the drawing"
      value=""
      onchange={(event) => {
        const who = event.currentTarget.value
        event.currentTarget.value = ''
        if (who !== '') add(who)
      }}
    >
      <option value="">put someone in, to scale…</option>
      {#each GROUPS as [title, list] (title)}
        {#if list.length > 0}<optgroup label={title}
            >{#each list as [who, { label }] (who)}<option value={who}>{label}</option>{/each}</optgroup
          >{/if}
      {/each}
    </select>
  </fieldset>
{/if}
