import type { NeedKind } from '@crustallum/core/contracts/item';
import { needWords } from './words';

/** Needs in the order they are offered. */
export const needKindsList = Object.keys(needWords) as NeedKind[];
