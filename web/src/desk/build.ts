import { version } from '../../package.json';

declare const builtAt: string | undefined;

/** Names this build of the application: its version and, where it was built, when. */
export const build = typeof builtAt === 'undefined' ? version : `${version} ${builtAt}`;
