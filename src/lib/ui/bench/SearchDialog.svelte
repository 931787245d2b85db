<script lang="ts">
  import { Command, Dialog } from 'bits-ui'
  import { defaultsOf, GROUPS, KINDS } from '$lib/core/fittings'
  import { aOrAn, fittingName, GROUP_WORDS, KIND_KEYWORDS, KIND_WORDS, sayFinding, small } from '$lib/core/text'
  import { goto } from '$app/navigation'
  import GravityMark from '../parts/GravityMark.svelte'
  import type { Bench } from './bench.svelte'
  import { ACTIONS, type ActionId } from './keys'
  import KindMark from './KindMark.svelte'
  import { ACTION_KEYWORDS, EXPORT_KEYWORDS, match, PAGES } from './sought'

  interface Props {
    bench: Bench
    open: boolean
    /** What is typed. */
    text: string
    /** Enter was pressed already, before the field was there to take it. */
    isChosen: boolean
    onaction: (id: ActionId) => void
  }
  let { bench, open = $bindable(false), text = $bindable(''), isChosen = $bindable(false), onaction }: Props = $props()

  /** Chooses what Enter would have, once the entries are sorted by what was typed. */
  function choose(field: HTMLElement): (() => void) | undefined {
    if (!isChosen) return undefined
    const frame = requestAnimationFrame(() => {
      isChosen = false
      field.dispatchEvent(new KeyboardEvent('keydown', { key: 'Enter', bubbles: true }))
    })
    return () => cancelAnimationFrame(frame)
  }

  function run(work: () => void): void {
    open = false
    work()
  }
</script>

{#snippet entry(words: string, hint: string, work: () => void, keywords: readonly string[] = [])}
  <Command.Item
    value={words}
    keywords={[words, ...keywords]}
    class="flex cursor-pointer justify-between px-4 py-1 data-selected:bg-paper data-selected:text-pencil"
    onSelect={() => run(work)}
  >
    <span>{words}</span><span class="text-sm text-ink-2">{hint}</span>
  </Command.Item>
{/snippet}

<Dialog.Root bind:open>
  <Dialog.Portal>
    <Dialog.Overlay class="fixed inset-0 z-40 bg-[color-mix(in_srgb,var(--ink)_20%,transparent)]" />
    <Dialog.Content class="fixed top-[12%] left-1/2 z-50 w-[28rem] -translate-x-1/2 border border-ink bg-sheet">
      <Dialog.Title class="sr-only">Find something to add or do</Dialog.Title>
      <Dialog.Description class="sr-only">Type a word, choose with the arrow keys, press Enter.</Dialog.Description>
      <Command.Root loop filter={match}>
        <Command.Input
          {@attach choose}
          bind:value={text}
          class="w-full border-b border-line bg-transparent px-4 py-3 outline-none"
          placeholder="Add, select or do…"
          aria-label="Add, select or do"
          maxlength={80}
        />
        <Command.List tabindex={0} class="max-h-96 overflow-y-auto py-2">
          <Command.Viewport>
            <Command.Empty class="px-4 py-2 text-ink-2">Nothing is called that.</Command.Empty>
            {#each GROUPS as group (group)}
              <Command.Group>
                <Command.GroupHeading class="px-4 pt-2 caps">{GROUP_WORDS[group]}</Command.GroupHeading>
                <Command.GroupItems>
                  {#each KINDS.filter((kind) => kind.group === group) as kind (kind.id)}
                    {@const words = `Add ${aOrAn(small(KIND_WORDS[kind.id] ?? kind.id))}`}
                    <Command.Item
                      value={words}
                      keywords={[words, ...(KIND_KEYWORDS[kind.id] ?? [])]}
                      class="flex cursor-pointer items-center gap-3 px-4 py-1 data-selected:bg-paper data-selected:text-pencil"
                      onSelect={() => run(() => bench.placing.place({ kind: kind.id, parameters: defaultsOf(kind) }))}
                    >
                      <KindMark made={{ kind: kind.id, parameters: defaultsOf(kind) }} /><span>{words}</span>
                    </Command.Item>
                  {/each}
                </Command.GroupItems>
              </Command.Group>
            {/each}
            <Command.Group>
              <Command.GroupHeading class="px-4 pt-2 caps">Select</Command.GroupHeading>
              <Command.GroupItems>
                {#each bench.scene.placed as placed (placed.id)}
                  <Command.Item
                    value={placed.id}
                    keywords={[
                      `Select ${fittingName(placed.fitting)}`,
                      KIND_WORDS[placed.kind.id] ?? '',
                      ...(KIND_KEYWORDS[placed.kind.id] ?? []),
                    ]}
                    class="cursor-pointer px-4 py-1 data-selected:bg-paper data-selected:text-pencil"
                    onSelect={() => run(() => bench.select(placed.id))}
                    >Select {fittingName(placed.fitting)}</Command.Item
                  >
                {/each}
              </Command.GroupItems>
            </Command.Group>
            {#if bench.checked.findings.length > 0}
              <Command.Group>
                <Command.GroupHeading class="px-4 pt-2 caps"
                  >Findings in {bench.names.mode(bench.modeId)}</Command.GroupHeading
                >
                <Command.GroupItems>
                  {#each bench.checked.findings as { number, finding } (finding.key)}
                    {@const said = sayFinding(finding, bench.names, bench.liveJob.units)}
                    <Command.Item
                      value="finding {finding.key}"
                      keywords={[said.title, said.designer, 'finding', 'fault']}
                      class="flex cursor-pointer items-baseline gap-2 px-4 py-1 data-selected:bg-paper data-selected:text-pencil"
                      onSelect={() => run(() => bench.show(finding))}
                    >
                      <GravityMark gravity={finding.gravity} {number} size={14} /><span>{said.title}</span>
                    </Command.Item>
                  {/each}
                </Command.GroupItems>
              </Command.Group>
            {/if}
            <Command.Group>
              <Command.GroupHeading class="px-4 pt-2 caps">Do</Command.GroupHeading>
              <Command.GroupItems>
                {#each bench.modes as [id, mode], index (id)}{@render entry(
                    `Show ${mode.name}`,
                    String(index + 1),
                    () => bench.showMode(id),
                  )}{/each}
                {#each ACTIONS.filter(({ id }) => id !== 'search' && id !== 'let-go') as action (action.id)}{@render entry(
                    action.words,
                    action.key,
                    () => onaction(action.id),
                    ACTION_KEYWORDS[action.id],
                  )}{/each}
                {#each PAGES as { words, path, keywords } (words)}{@render entry(
                    words,
                    '',
                    () => void goto(`/jobs/${bench.session.id}/${path}`),
                    keywords,
                  )}{/each}
                {@render entry(
                  'Export this job',
                  '',
                  () => (location.href = `/api/jobs/${bench.session.id}?download`),
                  EXPORT_KEYWORDS,
                )}
              </Command.GroupItems>
            </Command.Group>
          </Command.Viewport>
        </Command.List>
      </Command.Root>
    </Dialog.Content>
  </Dialog.Portal>
</Dialog.Root>
