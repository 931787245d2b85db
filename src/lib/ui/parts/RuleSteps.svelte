<script lang="ts">
  import type { Step } from './steps'

  interface Props {
    steps: readonly Step[]
    current: string
  }
  let { steps, current }: Props = $props()
</script>

<!-- The steps in the order of the work, as the limbs of a folding rule. -->
<nav aria-label="Steps of the work" class="no-print flex self-end rounded-t-sm border border-b-0 border-ink bg-sheet">
  {#each steps as step, index (step.id)}
    <a
      href={step.href}
      aria-current={step.id === current ? 'page' : undefined}
      class="rule-limb relative block h-[2.7857rem] w-24 px-2 pt-0.5 {index > 0
        ? 'border-l border-ink'
        : ''} {step.id === current ? 'bg-pencil text-on-pencil' : 'hover:bg-paper'}"
    >
      <span class="block text-[0.9286rem] leading-[1.2857rem] font-medium">{step.name}</span>
      <span class="block truncate text-[0.75rem] leading-3 narrow {step.id === current ? '' : 'text-ink-2'}"
        >{step.state}</span
      >
    </a>
  {/each}
</nav>

<style>
  /* The rule's graduation along its lower edge. */
  .rule-limb::after {
    content: '';
    position: absolute;
    inset: auto 0 0 0;
    height: 5px;
    background: repeating-linear-gradient(to right, currentColor 0 1px, transparent 1px 10px);
    opacity: 0.7;
  }
</style>
