import type { Refusal } from '@crustallum/core/quantities/refusal';
import type { StoredBake, StoredItem } from '@crustallum/core/contracts/bake';
import { api } from '../api/api';
import type { Draft, Theirs } from './draft';
import type { Outcome } from './saving';
import type { ApiDispatch } from '../api/api';

interface Failure {
  status?: unknown;
  data?: { errors?: Refusal[]; current?: unknown };
}

/** Sends one document with the version it was made on, and says what became of it. */
export async function sendDraft(draft: Draft, dispatch: ApiDispatch): Promise<Outcome> {
  const { version } = draft;
  const answer =
    draft.kind === 'meal'
      ? await dispatch(api.endpoints.changeMeal.initiate({ id: draft.bakeId, version, meal: draft.meal }))
      : await dispatch(
          api.endpoints.changeItem.initiate({ id: draft.id, bakeId: draft.bakeId, version, ...draft.item }),
        );
  return answer.data ? { kind: 'saved', version: answer.data.version } : failed(draft, answer.error as Failure);
}

function failed(draft: Draft, { status, data }: Failure): Outcome {
  if (typeof status !== 'number' || status >= 500) return { kind: 'unreachable' };
  if (status === 409 && data?.current) return { kind: 'stale', theirs: theirsOf(draft, data.current) };
  return { kind: 'refused', status, errors: data?.errors ?? [] };
}

function theirsOf(draft: Draft, current: unknown): Theirs {
  if (draft.kind === 'meal') {
    const { version, meal } = current as StoredBake;
    return { kind: 'meal', version, meal };
  }
  const { version, document, settled, undone } = current as StoredItem;
  return { kind: 'item', version, item: { document, settled, undone } };
}
