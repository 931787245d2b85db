<script lang="ts">
  import { CHOICES } from '$lib/core/text'

  const list = (words: Readonly<Record<string, string>>) => Object.values(words).join('  ☐ ')
  /** What a designer asks, in the order of the pages. */
  const SHEET: readonly (readonly [title: string, questions: readonly string[]])[] = [
    [
      'People (one line each)',
      [
        `name or role · height · age: ☐ ${list(CHOICES.age)} · years`,
        'sleeps here ☐  travels here ☐  shares a bed with',
        `moves: ☐ ${list(CHOICES.mobility)}`,
        'hours at a desk, screens · left-handed ☐  sleeps by day ☐  machine at the bedside ☐  helper ☐',
        'fears and dislikes',
      ],
    ],
    [
      'Animals',
      [
        `which, nose to rump, shoulder height, highest step · rides: ☐ ${list(CHOICES.rides)}`,
        `sleeps: ☐ ${list(CHOICES.sleeps)}`,
      ],
    ],
    [
      'Gear (one line each, the longest first)',
      [
        'what · length × width × height · kg · how many',
        `lives: ☐ ${list(CHOICES.place)} · used: ☐ ${list(CHOICES.use)}`,
        'must stand ☐  comes apart to ☐  wet ☐  out of sight ☐  battery ☐',
      ],
    ],
    [
      'Use',
      [
        'nights a year · share away from a hook-up · nights between taps · nights between power',
        'hours driven a day · coldest and hottest night · latitude · height above sea level',
        `the vehicle is: ☐ ${list(CHOICES.shared)} · parking limits: length, height · not to give itself away ☐`,
      ],
    ],
    [
      'Comfort',
      [
        `cook: ☐ ${list(CHOICES.cooking)} · ☐ ${list(CHOICES.cookingOn)} · who · fridge from outside ☐`,
        `wash: ☐ ${list(CHOICES.washing)}`,
        `toilet: ☐ ${list(CHOICES.toilet)}`,
        `heating: ☐ ${list(CHOICES.heating)} · power: ☐ ${list(CHOICES.energy)} · guests`,
        'may one sit on the edge of a bed by day ☐',
      ],
    ],
    [
      'Build',
      [
        `furniture: ☐ ${list(CHOICES.permanence)} · finish`,
        'budget · reserve · wanted by · planned for in years',
        `what may come later: ☐ ${list(CHOICES.future)}`,
      ],
    ],
  ]
</script>

<div class="sheet hidden">
  <h1 class="text-lg">Questions to the client</h1>
  {#each SHEET as [title, questions] (title)}
    <section>
      <h2>{title}</h2>
      {#each questions as question (question)}<p>{question}</p>
        <div class="line"></div>{/each}
      {#if title.includes('one line each')}{#each [1, 2, 3] as n (n)}<div class="line"></div>{/each}{/if}
    </section>
  {/each}
</div>

<style>
  @media print {
    .sheet {
      display: block;
      font-size: 11px;
      line-height: 15px;
    }
    section {
      margin-top: 8px;
      break-inside: avoid;
    }
    .line {
      height: 17px;
      border-bottom: 1px solid var(--line);
    }
  }
</style>
