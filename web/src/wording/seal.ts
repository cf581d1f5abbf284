import type { LeakCause } from '@crustallum/core/sealing/seals';
import type { Gloss } from '@crustallum/core/sealing/wash';

/** What a leak comes of. */
export const leakWords: Record<LeakCause, string> = {
  full: 'too much in it',
  wet: 'a wet filling',
  vents: 'too little vent',
  boiling: 'boiling before it is done',
  seam: 'a weak seam',
};

export const glossWords: Record<Gloss, string> = { matt: 'matt', soft: 'soft', glossy: 'glossy' };
