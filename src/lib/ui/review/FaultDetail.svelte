<script lang="ts">
  import { isLetBe, type Fault } from '$lib/core/review'
  import { capital, GRAVITY_WORDS, sayBasis, sayFigure, sayFinding, sayLooked } from '$lib/core/text'
  import { sayDay } from '../parts/days'
  import Follows from '../parts/Follows.svelte'
  import { GRAVITY_SHAPES } from '../parts/gravity-shapes'
  import GravityMark from '../parts/GravityMark.svelte'
  import LetBeForm from '../parts/LetBeForm.svelte'
  import type { Desk } from './desk.svelte'
  import WayOut from './WayOut.svelte'

  interface Props {
    desk: Desk
    fault: Fault
  }
  let { desk, fault }: Props = $props()

  const job = $derived(desk.session.job)
  const finding = $derived(fault.finding)
  const words = $derived(sayFinding(finding, desk.names, job.units))
  const figure = (value: number): string => sayFigure(value, finding.unit, job.units)
  const offers = $derived(desk.offers?.key === finding.key ? desk.offers : undefined)
</script>

<div class="grid h-full gap-x-6 gap-y-2 overflow-hidden px-4 py-3 min-[46rem]:grid-cols-2" data-testid="detail">
  <section class="overflow-y-auto" aria-label="The finding">
    <h2 class="text-lg leading-6">
      <GravityMark gravity={finding.gravity} size={18} />
      {words.title}
    </h2>
    <p class="mt-0.5">
      <b class={isLetBe(finding) ? 'text-ink-2' : GRAVITY_SHAPES[finding.gravity].words}
        >{capital(GRAVITY_WORDS[finding.gravity].one)}{isLetBe(finding) ? ', left as it is' : ''}.</b
      >
      {words.designer}
    </p>
    <div class="text-sm"><Follows {finding} names={desk.names} unit={job.units} /></div>
    <dl class="mt-2 flex gap-8">
      <div>
        <dt class="caps">Measured</dt>
        <dd class="text-lg font-semibold">{figure(finding.measured)}</dd>
      </div>
      <div>
        <dt class="caps">Needed</dt>
        <dd class="text-lg font-semibold">{figure(finding.needed)}</dd>
      </div>
      <div>
        <dt class="caps">In</dt>
        <dd class="leading-6">{fault.modes.map((id) => desk.names.mode(id)).join(', ')}</dd>
      </div>
    </dl>
    <p class="mt-2 caps">Why</p>
    {#each words.why as line, index (index)}<p class="text-sm">{line}</p>{/each}
    <p class="text-sm text-ink-2">
      {sayBasis(finding.basis, job.units)}
      <a class="act" href="/jobs/{job.id}/rules#{finding.rule}">Its figures</a>
    </p>
    <p class="mt-1 text-sm">For the client: {words.client}</p>
  </section>
  <section class="overflow-y-auto" aria-label="Remedies">
    {#if finding.waiver !== undefined}
      <p class="mb-2 text-sm" data-testid="waiver">
        {finding.waiver.holds
          ? `Left as it is, ${sayDay(finding.waiver.on)}: ${finding.waiver.reason}.`
          : `Left as it was on ${sayDay(finding.waiver.on)} (${finding.waiver.reason}); the figures have changed since, so it counts again.`}
        <button class="act" onclick={() => desk.takeUp(finding)}
          >{finding.waiver.holds ? 'Bring it back' : 'Clear the note'}</button
        >
      </p>
    {/if}
    {#if !isLetBe(finding)}
      <h3 class="border-b border-ink pb-0.5 caps">Remedies</h3>
      {#if offers?.remedies === undefined}
        <p class="py-1 text-sm text-ink-2" role="status">Trying remedies…</p>
      {:else}
        <ul>
          {#each offers.remedies as remedy, index (index)}
            <WayOut {desk} {remedy} />
          {:else}
            <li class="py-1 text-sm text-ink-2">No small change puts this right.</li>
          {/each}
          {#if offers.found !== undefined && offers.found !== 'searching'}
            {#each offers.found.remedies as remedy, index (index)}
              <WayOut {desk} {remedy} />
            {:else}
              <li class="py-1 text-sm text-ink-2">
                No other single move, turn, position or figure puts it right without adding a stop.
              </li>
            {/each}
            <li class="py-1 text-sm text-ink-2" data-testid="looked">
              {sayLooked(offers.found)}
            </li>
          {/if}
        </ul>
        <p class="flex gap-6 py-1.5">
          {#if offers.found === undefined}
            <button class="act" onclick={() => void desk.search(fault)}>Look for more remedies</button>
          {:else if offers.found === 'searching'}
            <span class="text-sm text-ink-2" role="status">Moving, turning and resizing things…</span>
          {/if}
          {#key finding.key}<LetBeForm onreason={(reason) => desk.letBe(finding, reason)} />{/key}
        </p>
      {/if}
    {/if}
  </section>
</div>
