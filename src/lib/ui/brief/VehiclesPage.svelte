<script lang="ts">
  import { goto } from '$app/navigation'
  import type { VehicleRow } from '$lib/core/suit'
  import { planInterior, variantsOf } from '$lib/core/job'
  import { GENERIC_SHELLS } from '$lib/core/shells'
  import { sayContradiction, sayContradictionBasis } from '$lib/core/text'
  import { formatLength, sayLength, sayMass } from '$lib/core/units'
  import type { BriefClient } from '$lib/workers/brief-client'
  import ShellPlan from '../drawing/ShellPlan.svelte'
  import { getSession } from '../job/context'
  import GravityMark from '../parts/GravityMark.svelte'
  import { reasonOf } from '../parts/reason'
  import Why from '../parts/Why.svelte'

  interface Props {
    client: BriefClient
    /** Counts how often it was asked to begin again. */
    again: number
    /** Called with nothing when an answer came, else with why none did. */
    onanswer: (stopped: string | undefined) => void
  }
  let { client, again, onanswer }: Props = $props()
  const session = getSession()
  const unit = $derived(session.job.units)
  const lining = $derived(variantsOf(session.job)[0]![1].plan.lining)
  const own = $derived(GENERIC_SHELLS.some(({ id }) => id === session.job.shell.id) ? [] : [session.job.shell])
  /** Undefined while the first comparison is made. */
  let rows: readonly VehicleRow[] | undefined = $state.raw(undefined)
  let asked = 0
  $effect(() => {
    void again
    const mine = (asked += 1)
    void client
      .compare(session.job, own, lining)
      .then((found) => {
        if (mine === asked) rows = found
        onanswer(undefined)
      })
      .catch((cause: unknown) => onanswer(reasonOf(cause)))
  })

  const shells = $derived([...own, ...GENERIC_SHELLS])
  const interiorOf = (id: string) => {
    const shell = shells.find((one) => one.id === id)
    return shell === undefined ? undefined : planInterior(shell, { lining, changes: {} })
  }
  /** The longest body is drawn so wide; the others at the same scale. */
  const WIDEST_PX = 190
  const scale = $derived(WIDEST_PX / Math.max(...shells.map(({ outer }) => outer?.lengthMm ?? 0)))

  async function choose(id: string): Promise<void> {
    const shell = GENERIC_SHELLS.find((one) => one.id === id)
    if (shell !== undefined && id !== session.job.shell.id && !session.do({ type: 'shell.put', shell })) return
    await goto(`/jobs/${session.job.id}/plan`)
  }
</script>

<h1 class="text-xl">Which vehicle?</h1>
<p class="mt-1 text-ink-2">
  Each vehicle, lined and empty, checked against the musts: the best fit first. The weight of the furniture is not
  counted yet.
</p>
<table class="mt-3 w-full text-left text-[0.9286rem]" data-testid="vehicles">
  <thead
    ><tr class="caps"
      ><th class="py-1">Vehicle</th><th class="text-right">Musts</th><th class="pl-6">First problem</th><th
        class="text-right">Wall to spare</th
      ><th class="pl-6 text-right">Payload left</th><th class="text-right">Outside</th><th
        ><span class="sr-only">Choose</span></th
      ></tr
    ></thead
  >
  <tbody>
    {#each rows ?? [] as row (row.shellId)}
      {@const here = row.shellId === session.job.shell.id}
      {@const interior = interiorOf(row.shellId)}
      <tr class="border-t border-line align-top {here ? 'bg-paper' : ''}" data-vehicle={row.shellId}>
        <td class="py-1.5"
          ><span class="font-semibold">{row.name}{here ? ', in this job' : ''}</span
          >{#if interior !== undefined}<ShellPlan {interior} {scale} />{/if}</td
        >
        <td class="py-1.5 text-right whitespace-nowrap">{row.musts} of {row.of}</td>
        <td class="max-w-96 py-1.5 pl-6">
          {#if row.against.length === 0}<span class="text-good">✓</span> all fits
          {:else}
            {@const [first, ...rest] = row.against}
            <span class={first!.gravity === 'stop' ? 'text-stop' : 'text-caution'}
              ><GravityMark gravity={first!.gravity} size={12} /> {sayContradiction(first!, unit)}</span
            >
            {#if rest.length > 0}<Why about="{row.name} fails" lines={rest.map((one) => sayContradiction(one, unit))}
                >and {rest.length} more</Why
              >{/if}
          {/if}
        </td>
        <td class="py-1.5 text-right {row.spareWallMm < 0 ? 'text-stop' : ''}"
          ><Why
            about="{row.name} has {sayLength(row.spareWallMm, unit)} of wall to spare"
            lines={[
              `${sayLength(row.wallMm, unit)} of wall beside the doors that stay clear − ${sayLength(row.wallAskedMm, unit)} that the musts need = ${sayLength(row.spareWallMm, unit)}.`,
              sayContradictionBasis({ code: 'walls-short' }, unit),
            ]}>{sayLength(row.spareWallMm, unit)}</Why
          ></td
        >
        <td class="py-1.5 pl-6 text-right whitespace-nowrap {row.payloadLeftKg < 0 ? 'text-stop' : ''}"
          ><Why
            about="{row.name} has {sayMass(row.payloadLeftKg)} of payload left"
            lines={[
              `Gross − kerb weight = ${sayMass(row.payloadKg)}; less ${sayMass(row.loadKg)} of people, gear and water = ${sayMass(row.payloadLeftKg)}. Furniture is not counted.`,
              sayContradictionBasis({ code: 'payload-over' }, unit),
            ]}>{sayMass(row.payloadLeftKg)}</Why
          ></td
        >
        <td class="py-1.5 pl-6 text-right whitespace-nowrap"
          >{row.lengthMm === undefined ? '' : formatLength(row.lengthMm, unit)} × {row.heightMm === undefined
            ? ''
            : formatLength(row.heightMm, unit)}</td
        >
        <td class="py-1.5 pl-6 text-right whitespace-nowrap"
          ><button class="act" onclick={() => choose(row.shellId)}
            >{here ? 'On to the plan' : 'Use this vehicle'}<span class="sr-only">: {row.name}</span></button
          ></td
        >
      </tr>
    {:else}
      <tr><td class="py-1.5 text-ink-2" colspan="7">Comparing…</td></tr>
    {/each}
  </tbody>
</table>
