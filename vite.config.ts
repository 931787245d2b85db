import { sveltekit } from '@sveltejs/kit/vite'
import tailwindcss from '@tailwindcss/vite'
import { defineConfig } from 'vitest/config'

export default defineConfig({
  plugins: [tailwindcss(), sveltekit()],
  worker: { format: 'es' },
  optimizeDeps: { include: ['comlink', 'zod', 'mutative'] },
  build: {
    chunkSizeWarningLimit: 900,
    rolldownOptions: {
      output: {
        codeSplitting: {
          groups: [
            // what both the page and its workers run, and so must be free of the page: they load the same files
            {
              name: 'core',
              test: /src[\\/]lib[\\/]core[\\/](units|geometry|materials|people|shell|climate|brief|fittings|readings|job|scene|needs|review)[\\/]|node_modules[\\/](zod|mutative|flatqueue|flatbush)[\\/]/,
            },
          ],
        },
      },
    },
  },
  test: {
    include: ['src/**/*.test.ts', 'tests/unit/**/*.test.ts'],
    environment: 'node',
    expect: { requireAssertions: true },
    // far beyond what any needs, so that a slow machine fails none
    testTimeout: 60_000,
  },
})
