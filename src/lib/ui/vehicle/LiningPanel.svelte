<script lang="ts">
  import { thermalOf } from '$lib/core/climate'
  import { LINING_MATERIAL_IDS, type LiningMaterialId } from '$lib/core/materials'
  import {
    arealMassKg,
    LINED_FACES,
    MOST_LINING_MM,
    thicknessOf,
    TOTAL_OF,
    withLayers,
    withTotal,
    type Layer,
    type LinedFace,
    type Lining,
  } from '$lib/core/shell'
  import { count, LINED_FACE_WORDS, MATERIAL_WORDS } from '$lib/core/text'
  import { PANEL_FACES, type PanelFace } from '$lib/core/draw'
  import { formatLength, sayLength, type LengthUnit } from '$lib/core/units'
  import NumberField from '../parts/NumberField.svelte'
  import LengthField from '../parts/LengthField.svelte'
  import Why from '../parts/Why.svelte'

  interface Props {
    lining: Lining
    unit: LengthUnit
    /** What the lining costs the people of the brief, in sentences. */
    costs: readonly string[]
    /** Where the template of a face is had, as a file of a format. */
    template: (face: PanelFace, format: 'svg' | 'dxf') => string
    onset: (lining: Lining) => void
  }
  const PANEL_WORDS = { left: 'left wall', right: 'right wall', ceiling: 'ceiling' } as const
  let { lining, unit, costs, template, onset }: Props = $props()

  let open: LinedFace | undefined = $state(undefined)
  const layersOf = (face: LinedFace): readonly Layer[] => lining.layers?.[face] ?? []
  const change = (face: LinedFace, index: number, next: Layer): void =>
    onset(
      withLayers(
        lining,
        face,
        layersOf(face).map((layer, at) => (at === index ? next : layer)),
      ),
    )
  const room = (face: LinedFace, index: number): number =>
    MOST_LINING_MM - thicknessOf(layersOf(face).filter((_, at) => at !== index))

  const why = (face: LinedFace): string[] => {
    const layers = layersOf(face)
    const thermal = thermalOf(face, layers)
    const r = (value: number) => value.toFixed(3)
    const bridged = layers.some(({ battens }) => battens !== undefined)
    return [
      `Resistances in m²K/W, inside to outside: surface ${r(thermal.inside)}${layers
        .map(
          ({ material, mm }, index) =>
            ` + ${MATERIAL_WORDS[material]} ${sayLength(mm, unit)} ${r(thermal.layers[index]!)}`,
        )
        .join('')} + surface ${r(thermal.outside)}.`,
      bridged
        ? `Heat straight through: ${r(thermal.upper)}; each layer at one temperature: ${r(thermal.lower)}; the mean ${r(thermal.resistance)}.`
        : `Together ${r(thermal.resistance)}.`,
      `U = 1 ÷ ${r(thermal.resistance)} = ${thermal.uValue.toFixed(2)} W/m²K.`,
      'EN ISO 6946, combined method; conductivities by EN ISO 10456 or typical data sheets, not yet checked against them. The body’s sheet, windows and unlined ribs are not in it.',
    ]
  }
</script>

<div class="flex flex-col gap-2">
  {#each LINED_FACES as face (face)}
    {@const layers = layersOf(face)}
    <section class="border-b border-line pb-2" aria-label="{LINED_FACE_WORDS[face]}, lining">
      <LengthField
        label={LINED_FACE_WORDS[face]}
        mm={lining[TOTAL_OF[face]] ?? 0}
        {unit}
        min={0}
        max={MOST_LINING_MM}
        onset={(mm) => onset(withTotal(lining, face, mm))}
      />
      <div class="flex items-baseline justify-between text-xs text-ink-2">
        <button
          class="act text-xs"
          aria-expanded={open === face}
          onclick={() => (open = open === face ? undefined : face)}
          >{layers.length === 0
            ? 'Say what it is made of'
            : count(layers.length, { one: 'layer', many: 'layers' })}</button
        >
        {#if layers.length > 0}
          <span
            ><Why about="U of the {LINED_FACE_WORDS[face].toLowerCase()}" lines={why(face)}
              >U {thermalOf(face, layers).uValue.toFixed(2)}</Why
            >
            · {arealMassKg(layers).toFixed(1)} kg/m²</span
          >
        {:else if face === 'door'}<span>takes no room inside</span>{/if}
      </div>
      {#if open === face}
        <ol class="mt-1 flex flex-col gap-1" data-testid="layers-{face}">
          {#each layers as layer, index (index)}
            <li class="border-t border-dotted border-line pt-1 text-[0.9286rem]">
              <div class="flex items-baseline gap-2">
                <select
                  class="min-w-0 flex-1 ruled"
                  aria-label="Material of layer {index + 1}"
                  value={layer.material}
                  onchange={(event) =>
                    change(face, index, { ...layer, material: event.currentTarget.value as LiningMaterialId })}
                >
                  {#each LINING_MATERIAL_IDS as id (id)}<option value={id}>{MATERIAL_WORDS[id]}</option>{/each}
                </select>
                <LengthField
                  label="Thickness of layer {index + 1}"
                  hideLabel
                  mm={layer.mm}
                  {unit}
                  min={0.5}
                  max={room(face, index)}
                  width="3rem"
                  onset={(mm) => change(face, index, { ...layer, mm })}
                />
              </div>
              <div class="flex items-baseline justify-between text-xs text-ink-2">
                <NumberField
                  whole
                  label="battens, % of its area"
                  value={Math.round((layer.battens?.share ?? 0) * 100)}
                  min={0}
                  max={90}
                  width="2rem"
                  onset={(percent) => {
                    const { battens: _battens, ...bare } = layer
                    change(
                      face,
                      index,
                      percent === 0 ? bare : { ...bare, battens: { material: 'softwood', share: percent / 100 } },
                    )
                  }}
                />
                <button
                  class="hover:text-pencil"
                  onclick={() =>
                    onset(
                      withLayers(
                        lining,
                        face,
                        layers.filter((_, at) => at !== index),
                      ),
                    )}>Remove</button
                >
              </div>
            </li>
          {/each}
        </ol>
        <button
          class="mt-1 act text-xs"
          disabled={layers.length >= 8 || room(face, -1) < 3}
          onclick={() =>
            onset(withLayers(lining, face, [...layers, { material: 'pir', mm: Math.min(20, room(face, -1)) }]))}
          >Add a layer</button
        >
        {#if layers.length === 0}<p class="text-xs text-ink-2">
            From the inside out. Until then the {formatLength(lining[TOTAL_OF[face]] ?? 0, unit)} typed in count.
          </p>{/if}
      {/if}
    </section>
  {/each}
</div>
<ul class="mt-3 flex flex-col gap-1 text-sm" data-testid="lining-costs">
  {#each costs as cost (cost)}<li>{cost}</li>{/each}
</ul>
<h2 class="mt-5 caps">Panels, 1 : 1</h2>
<ul class="text-[0.9286rem]" data-testid="lining-panels">
  {#each PANEL_FACES as face (face)}
    <li class="flex justify-between border-b border-line py-1">
      <span class="text-ink-2">{PANEL_WORDS[face]}</span>
      <span>
        <!-- eslint-disable svelte/no-navigation-without-resolve -->
        <a class="act" href={template(face, 'svg')} download>SVG</a>
        <a class="ml-2 act" href={template(face, 'dxf')} download>DXF</a>
        <!-- eslint-enable svelte/no-navigation-without-resolve -->
      </span>
    </li>
  {/each}
</ul>
<p class="mt-1 text-xs text-ink-2">
  Laid out flat, with the openings in them; flares, raised roofs and walls moved out are left out. Where a face curves
  both ways, cut oversize and scribe it to the body.
</p>
