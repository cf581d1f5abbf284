import type { ColdLine } from '@crustallum/core/plan/coldLine/line';
import { degrees, plain } from '../wording/numbers';

/** A value of the Cold Line as it is read: warmth of the fat by the cook's scale, moisture of a leaf in per cent. */
export const onLine = (value: number, medium: ColdLine['medium'], digits = 0): string =>
  medium === 'leaf' ? `${plain(value, digits)} %` : degrees(value, digits);
