import { needWords } from './words';
import type { NeedKind } from '@crustallum/core/contracts/meal';

/** Needs in the order they are offered. */
export const needKindsList = Object.keys(needWords) as NeedKind[];
