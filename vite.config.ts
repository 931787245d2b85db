import { sveltekit } from '@sveltejs/kit/vite'
import tailwindcss from '@tailwindcss/vite'
import { availableParallelism } from 'node:os'
import { defineConfig } from 'vitest/config'
import { engineUrls } from './scripts/lib/engine-urls.mjs'
import { BaseSequencer, type TestSpecification } from 'vitest/node'

/** The sweeps of tests/unit take longest: they start first, so that no worker is left with one at the end. */
class LongestFirst extends BaseSequencer {
  override sort(files: TestSpecification[]): Promise<TestSpecification[]> {
    const isSweep = ({ moduleId }: TestSpecification): boolean =>
      /tests\/unit\/(walk-through|proof|random-plans|needs-agree)/.test(moduleId)
    return Promise.resolve([...files.filter(isSweep), ...files.filter((file) => !isSweep(file))])
  }
}

export default defineConfig({
  plugins: [engineUrls(), tailwindcss(), sveltekit()],
  worker: { format: 'es' },
  optimizeDeps: { include: ['comlink', 'zod', 'mutative'] },
  build: {
    chunkSizeWarningLimit: 900,
    rolldownOptions: {
      output: {
        codeSplitting: {
          groups: [
            // what both the page and its workers run, and so must be free of the page: they load the same files. What only the
            // workers run of it is left to find its own
            {
              name: 'core',
              test: /src[\\/]lib[\\/]core[\\/](units|geometry|materials|people|shell|climate|brief|fittings|readings|job|scene)[\\/](?!(access|air|distance-field|figures|going-back|headroom|heads|longest-rectangle|loose|moves|packing|shortest-path|sit-up|stowage|swivel|through-door|largest-circle|narrow-place|way-ground|ways|widest-path|worktop)\.ts)|node_modules[\\/](zod|mutative)[\\/]/,
            },
          ],
        },
      },
    },
  },
  test: {
    environment: 'node',
    expect: { requireAssertions: true },
    // far beyond what any needs, so that a slow machine fails none
    testTimeout: 60_000,
    maxWorkers: availableParallelism(),
    sequence: { sequencer: LongestFirst },
    projects: [
      {
        extends: true,
        // what is pure leaves nothing behind: its tests share the modules that each would read anew
        test: { name: 'pure', include: ['src/lib/core/**/*.test.ts', 'tests/unit/**/*.test.ts'], isolate: false },
      },
      {
        extends: true,
        test: { name: 'around', include: ['src/**/*.test.ts'], exclude: ['src/lib/core/**'] },
      },
    ],
  },
})
