import { defineConfig } from '@playwright/test';
import { createRequire } from 'node:module';
import { join } from 'node:path';

const root = join(__dirname, '..');
const { chromium } = createRequire(__filename)('../scripts/chromium.cjs') as { chromium: () => string | null };

/** The real interface in Debian's Chromium, against the real server with a data file of its own for each worker of a run. */
export default defineConfig({
  testDir: '.',
  // the built server is plain already: it is loaded as it stands
  build: { external: ['**/dist/**'] },
  globalSetup: './makeData.ts',
  outputDir: join(root, 'test-results'),
  // a slow machine is not a wrong answer
  timeout: 420_000,
  expect: { timeout: 90_000 },
  fullyParallel: true,
  // one more than there are cores: a journey waits for its page a third of its time
  workers: 3,
  retries: process.env['CI'] ? 2 : 0,
  reporter: [
    ['line'],
    ['json', { outputFile: process.env['PLAYWRIGHT_JSON_OUTPUT_NAME'] ?? join(root, 'test-results', 'e2e.json') }],
  ],
  use: {
    viewport: { width: 1280, height: 800 },
    locale: 'en-GB',
    // it fetches the whole application again for every journey; the one that needs it has it
    serviceWorkers: 'block',
    reducedMotion: 'reduce',
    launchOptions: {
      executablePath: chromium() ?? undefined,
      args: ['--no-sandbox', '--disable-dev-shm-usage', '--disable-gpu'],
    },
  },
});
