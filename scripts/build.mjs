/** `npm run build`: everything that is stale. */
import { buildIfStale, installIfMissing } from './project.mjs';

process.exit(installIfMissing() && buildIfStale() ? 0 : 1);
