/** `npm run sweeps`: the wide sweeps of the core's tests, whole. */
import { runTool } from './project.mjs';

const swept = [
  'bench/bench',
  'clock/held',
  'clock/live',
  'clock/planner',
  'cutting/twoCutters',
  'oven/programme',
  'plan/fromRecipe',
];
process.exit(
  runTool('jest', [...swept.map((file) => `core/src/${file}`), '--testTimeout=600000'], {
    env: { ...process.env, CRUSTALLUM_WHOLE: '1' },
  }),
);
