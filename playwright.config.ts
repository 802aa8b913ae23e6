import { defineConfig } from '@playwright/test'
import { CHROMIUM } from './launcher/prepare.mjs'
import { shopOfWorker, WORKERS } from './test/e2e/shops'

export default defineConfig({
  testDir: 'test/e2e',
  testMatch: '**/*.spec.ts',
  outputDir: 'test-results/e2e',
  globalSetup: './test/e2e/shop.setup.ts',
  workers: WORKERS,
  reporter: 'list',
  // Bounds of patience, not of speed: a machine that gives its time to others may be slow for a minute.
  timeout: 180_000,
  expect: { timeout: 30_000 },
  use: {
    baseURL: shopOfWorker().url,
    viewport: { width: 1280, height: 800 },
    launchOptions: { executablePath: CHROMIUM },
    screenshot: 'only-on-failure',
  },
})
