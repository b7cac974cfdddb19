import vue from '@vitejs/plugin-vue'
import { defineConfig } from 'vitest/config'

export default defineConfig({
  plugins: [vue()],
  worker: { format: 'es' },
  build: {
    target: 'es2022',
    assetsInlineLimit: 0,
    chunkSizeWarningLimit: 900,
    // One sheet of style, and one file for what rooms share: a room opens with few requests.
    cssCodeSplit: false,
    rolldownOptions: {
      output: {
        codeSplitting: {
          groups: [
            // By itself, so that the first file asks for the rest without waiting for any of it.
            { name: 'ask', test: /preload-helper/, priority: 2 },
            // It makes an error as it loads, for which the browser reads the whole file again.
            { name: 'storage', test: /localforage|stores\/vault/, priority: 1 },
            { name: 'shared', test: /app\/(parts|stores)\//, minShareCount: 2 },
          ],
        },
      },
    },
  },
  test: {
    include: [
      'core/**/*.test.ts',
      'app/**/*.test.ts',
      'server/**/*.test.ts',
      'tests/reference/**/*.test.ts',
    ],
    testTimeout: 60_000,
  },
})
