<script lang="ts">
  import {
    BODY_CHANGE_KINDS,
    changeLimits,
    DOOR_WAYS,
    CHANGE_STEP,
    newChange,
    ROOF_SHAPES,
    type BodyChange,
    type BodyChangeKind,
    type BodyChanges,
    type Shell,
  } from '$lib/core/shell'
  import { CHANGE_CAUTIONS, CHANGE_STEP_WORDS, CHANGE_WORDS, WAY_WORDS } from '$lib/core/text'
  import type { LengthUnit } from '$lib/core/units'
  import LengthField from '../parts/LengthField.svelte'

  interface Props {
    shell: Shell
    changes: BodyChanges
    unit: LengthUnit
    onput: (id: string | undefined, change: BodyChange) => void
    onremove: (id: string) => void
  }
  let { shell, changes, unit, onput, onremove }: Props = $props()

  const FIELD_WORDS: Readonly<Record<string, string>> = {
    fromMm: 'from sill',
    toMm: 'to',
    bottomMm: 'lower edge',
    topMm: 'upper edge',
    depthMm: 'out by',
    widthMm: 'across',
    riseMm: 'up by',
    rightMm: 'right edge',
    leftMm: 'left edge',
    sillMm: 'sill',
    headMm: 'head',
    stepMm: 'step below',
  }
  const lengthsOf = (change: BodyChange): readonly (readonly [string, number])[] =>
    Object.entries(change).flatMap(([key, value]) =>
      typeof value === 'number' && FIELD_WORDS[key] !== undefined ? [[key, value] as const] : [],
    )
  const with_ = (change: BodyChange, key: string, value: string | number | boolean): BodyChange =>
    ({ ...change, [key]: value }) as BodyChange
  const WALLS = { left: 'left wall', right: 'right wall', rear: 'rear' } as const
  const SHAPES = { straight: 'straight', curved: 'curved' } as const
</script>

{#snippet tick(id: string, change: BodyChange, key: string, words: string, checked: boolean)}
  <label class="flex items-baseline justify-between"
    ><span class="text-ink-2">{words}</span>
    <input
      type="checkbox"
      class="accent-pencil"
      {checked}
      onchange={(event) => onput(id, with_(change, key, event.currentTarget.checked))}
    /></label
  >
{/snippet}

<p class="text-sm text-ink-2">Made to this variant’s plan; the measured body stays as it is.</p>
<label class="mt-2 flex items-baseline gap-2 text-sm"
  ><span class="font-semibold text-pencil">Add</span>
  <select
    class="flex-1 ruled"
    aria-label="Add a change"
    value=""
    onchange={(event) => {
      const kind = event.currentTarget.value as BodyChangeKind
      event.currentTarget.value = ''
      onput(undefined, newChange(kind, shell, changes))
    }}
  >
    <option value="" disabled>choose…</option>
    {#each BODY_CHANGE_KINDS as kind (kind)}<option value={kind}>{CHANGE_WORDS[kind]}</option>{/each}
  </select></label
>
<ul class="mt-2">
  {#each Object.entries(changes) as [id, change] (id)}
    {@const limits = changeLimits(shell, change)}
    <li class="border-t border-ink py-2" data-testid="change-{change.kind}">
      <div class="flex items-baseline justify-between">
        <h3 class="text-[0.9643rem] font-semibold">{CHANGE_WORDS[change.kind]}</h3>
        <button class="text-sm text-ink-2 hover:text-pencil" onclick={() => onremove(id)}>Remove</button>
      </div>
      <div class="grid grid-cols-2 gap-x-4 gap-y-px text-[0.9286rem] narrow">
        {#if 'side' in change && typeof change.side === 'string'}
          <label class="flex items-baseline justify-between"
            ><span class="text-ink-2">in the</span>
            <select
              class="ruled"
              value={change.side}
              onchange={(event) => onput(id, with_(change, 'side', event.currentTarget.value))}
            >
              {#each Object.entries(WALLS) as [side, words] (side)}
                {#if side !== 'rear' || (change.kind !== 'flare' && change.kind !== 'widened')}<option value={side}
                    >{words}</option
                  >{/if}
              {/each}
            </select></label
          >
        {/if}
        {#if change.kind === 'raised-roof'}
          <label class="flex items-baseline justify-between"
            ><span class="text-ink-2">shape</span>
            <select
              class="ruled"
              value={change.shape}
              onchange={(event) => onput(id, with_(change, 'shape', event.currentTarget.value))}
            >
              {#each ROOF_SHAPES as shape (shape)}<option value={shape}>{SHAPES[shape]}</option>{/each}
            </select></label
          >
        {/if}
        {#if change.kind === 'window'}
          {@render tick(id, change, 'screened', 'insect screen', change.screened !== false)}
        {/if}
        {#if change.kind === 'roof-hatch'}
          {@render tick(id, change, 'standsUp', 'you can stand up in it', change.standsUp === true)}
        {/if}
        {#if change.kind === 'door'}
          <label class="col-span-2 flex items-baseline justify-between"
            ><span class="text-ink-2">opens</span>
            <select
              class="ruled"
              value={change.opens}
              onchange={(event) => onput(id, with_(change, 'opens', event.currentTarget.value))}
            >
              {#each DOOR_WAYS as way (way)}<option value={way}>{WAY_WORDS[way]}</option>{/each}
            </select></label
          >
          {@render tick(id, change, 'entrance', 'way in', change.entrance)}
        {/if}
        {#if change.kind === 'door' || change.kind === 'side-hatch'}
          {@render tick(id, change, 'outsideOnly', 'from outside only', change.outsideOnly === true)}
        {/if}
        {#if change.kind === 'door' && change.entrance && change.stepMm === undefined}
          <button class="justify-self-start act" onclick={() => onput(id, with_(change, 'stepMm', 250))}
            >Put a step below it</button
          >
        {/if}
        {#if change.kind === 'window-blanked'}
          <label class="col-span-2 flex items-baseline justify-between"
            ><span class="text-ink-2">which</span>
            <select
              class="ruled"
              value={change.opening}
              onchange={(event) => onput(id, with_(change, 'opening', event.currentTarget.value))}
            >
              {#each shell.openings as opening (opening.id)}<option value={opening.id}>{opening.label}</option>{/each}
            </select></label
          >
        {/if}
        {#each lengthsOf(change) as [key, mm] (key)}
          <LengthField
            label={change.kind === 'floor-well' && key === 'depthMm' ? 'deep' : (FIELD_WORDS[key] ?? key)}
            {mm}
            {unit}
            min={limits[key]?.min}
            max={limits[key]?.max}
            width="3.4rem"
            onset={(value) => onput(id, with_(change, key, value))}
          />
        {/each}
      </div>
      <p class="mt-1 text-xs text-ink-2">When: {CHANGE_STEP_WORDS[CHANGE_STEP[change.kind]]}.</p>
      <p class="text-xs text-caution">{CHANGE_CAUTIONS[change.kind]}</p>
    </li>
  {:else}
    <li class="border-t border-line py-2 text-sm text-ink-2">
      Nothing is cut or added yet. A flare of about 100 mm on each side lets a tall person lie across.
    </li>
  {/each}
</ul>
