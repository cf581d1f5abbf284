import { availableParallelism } from 'node:os';
import { fileURLToPath } from 'node:url';
import config from './jest.config.mjs';
import { sharesOf } from './scripts/jest-shares.mjs';

const here = (folder) => fileURLToPath(new URL(folder, import.meta.url));
const shares = { core: 3, server: 1, web: 3 };
const skip = process.env['UNIT_SKIP']?.split(' ') ?? [];

/** The same unit tests as `jest.config.mjs`, in few shares: what `npm test` runs. A file alone is run by `npx jest <its path>`. */
export default {
  ...config,
  // one more than there are cores: a suite waits for its page a tenth of its time
  maxWorkers: availableParallelism() + 1,
  testSequencer: './scripts/jest-longest-first.cjs',
  projects: config.projects.flatMap((project) => {
    const { shares: lists, alone } = sharesOf(here(`${project.displayName}/src`), shares[project.displayName], skip);
    const share = (unitFiles, index) => ({
      ...project,
      displayName: `${project.displayName} ${index + 1}`,
      testMatch: ['<rootDir>/scripts/jest-share.cjs'],
      globals: { unitFiles },
    });
    return [...lists.map(share), ...(alone.length ? [{ ...project, testMatch: alone }] : [])];
  }),
};
