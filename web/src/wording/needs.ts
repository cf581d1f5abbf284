import type { NeedKind } from '@crustallum/core/plan/inputs';
import { needWords } from './words';

/** Needs in the order they are offered. */
export const needKindsList = Object.keys(needWords) as NeedKind[];
