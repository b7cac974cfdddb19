import { defineConfig, mergeConfig } from 'vitest/config'
import { many } from './tests/thorough.ts'
import { oneCore } from './scripts/oneCore.ts'
import application from './vite.config.ts'

/** Leaves nothing behind, as the core does: what one file has loaded serves the next. */
const PLAIN = ['app/words/*.test.ts', 'app/keys/*.test.ts', 'app/parts/{card,form}/*.test.ts']

const core = oneCore()

export default mergeConfig(
  application,
  defineConfig({
    test: {
      testTimeout: many(600_000, 60_000),
      pool: 'threads',
      // The usual is one fewer than there are cores, which on two leaves one idle.
      maxWorkers: '100%',
      projects: [
        {
          extends: true,
          test: {
            name: 'core',
            include: [
              'core/**/*.test.ts',
              'server/**/*.test.ts',
              'scripts/**/*.test.ts',
              'tests/reference/**/*.test.ts',
              'tests/world/**/*.test.ts',
              'tests/fuzz/**/*.test.ts',
              ...PLAIN,
            ],
            isolate: false,
          },
        },
        {
          extends: true,
          plugins: [core],
          test: {
            name: 'app',
            setupFiles: ['tests/alone.ts'],
            include: ['app/**/*.test.ts'],
            exclude: ['app/**/*.dom.test.ts', ...PLAIN],
          },
        },
        {
          extends: true,
          plugins: [core],
          test: {
            name: 'parts',
            include: ['app/**/*.dom.test.ts'],
            setupFiles: ['tests/alone.ts'],
            environment: 'happy-dom',
          },
        },
      ],
    },
  }),
)
