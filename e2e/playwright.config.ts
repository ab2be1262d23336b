import { defineConfig } from '@playwright/test'
import { CHROMIUM } from './chromium.ts'

export default defineConfig({
  testDir: '.',
  testMatch: '*.spec.ts',
  outputDir: '../test-results/e2e',
  fullyParallel: true,
  workers: 2,
  // A journey that fails is run once more, so that one race of sixty journeys does not hide what the others say;
  // what passed only then is named at the end of `npm test`, to be mended.
  retries: 1,
  // Generous: a busy machine may be ten times slower, and no test measures time.
  timeout: 300_000,
  expect: { timeout: 40_000 },
  forbidOnly: true,
  reporter: [['line'], ['json']],
  use: {
    actionTimeout: 60_000,
    navigationTimeout: 60_000,
    viewport: { width: 1440, height: 900 },
    locale: 'en-GB',
    timezoneId: 'UTC',
    contextOptions: { reducedMotion: 'reduce' },
    trace: 'off',
    launchOptions: {
      executablePath: CHROMIUM,
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
        '--disable-features=SpareRendererForSitePerProcess',
      ],
    },
  },
})
