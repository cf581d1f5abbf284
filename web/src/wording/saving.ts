import type { Refusal } from '@crustallum/core/quantities/refusal';
import { refusalWords } from './problems';

/** Why a change stays on this device: what the server said of it. */
export function notStored({
  title,
  status,
  errors,
}: {
  title: string;
  status: number;
  errors: readonly Refusal[];
}): string {
  const because =
    status === 404
      ? 'it was removed meanwhile'
      : status === 413
        ? 'it is larger than the server takes'
        : errors[0]
          ? refusalWords(errors[0]).replace(/\.$/, '')
          : `the server refused it (${status})`;
  return `Your change of “${title}” is kept on this device and not stored: ${because}.`;
}
