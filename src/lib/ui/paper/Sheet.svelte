<script lang="ts">
  import type { Shown } from '$lib/workers/paper-client'

  interface Props {
    sheet: Shown
    number: number
    of: number
    onsave: () => void
  }
  let { sheet, number, of, onsave }: Props = $props()

  /** As a drawing of the page: nothing in it runs, whatever a user called a thing. */
  const drawing = $derived.by(() => {
    const { svg } = sheet
    return (node: HTMLElement): void => {
      const { documentElement } = new DOMParser().parseFromString(svg, 'image/svg+xml')
      node.replaceChildren(document.importNode(documentElement, true))
    }
  })
</script>

<figure class="sheet mx-auto mb-6" style="--wide: {sheet.widthMm}mm; --high: {sheet.heightMm}mm" data-testid="sheet">
  <figcaption class="no-print mb-1 flex items-baseline justify-between gap-4 text-sm">
    <span><b class="font-semibold">{number}</b> of {of}: {sheet.title}</span>
    <button class="act" onclick={onsave}>Save as SVG</button>
  </figcaption>
  <div class="drawing bg-white" {@attach drawing}></div>
</figure>

<style>
  .sheet {
    width: min(100%, var(--wide) * 1.15);
    content-visibility: auto;
    contain-intrinsic-size: var(--wide) var(--high);
  }
  .drawing {
    border: 1px solid var(--line);
  }
  .drawing :global(svg) {
    display: block;
    width: 100%;
    height: auto;
  }
  @media print {
    .sheet {
      width: var(--wide);
      height: calc(var(--high) - 0.2mm);
      margin: 0;
      break-after: page;
      content-visibility: visible;
    }
    .sheet:last-child {
      break-after: auto;
    }
    .drawing {
      border: 0;
    }
  }
</style>
