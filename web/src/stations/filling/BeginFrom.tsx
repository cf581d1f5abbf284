import type { FillingInput } from '@crustallum/core/contracts/filling';
import { mostOwnFillings } from '@crustallum/core/contracts/most';
import { readyFilling } from '@crustallum/core/plan/fillings/ready';
import { readyNames, type ReadyName } from '@crustallum/core/plan/fillings/readyNames';
import { useChangeKitchenMutation, useKitchenQuery } from '../../api/api';
import { notice } from '../../desk/notices';
import { useAppDispatch } from '../../desk/store';
import { useItem } from '../../desk/useItem';
import { Choice } from '../../design/ui/Choice';

/** What a filling takes with it to another pie: everything but how full, and where it cools. */
const carried = [
  'name',
  'type',
  'saltPct',
  'cookedC',
  'cookMinutes',
  'diceMm',
  'ingredients',
  'layered',
  'body',
  'eatenCold',
] as const;
const asChanges = (from: Partial<FillingInput>) =>
  Object.fromEntries(carried.map((field) => [`filling.${field}`, from[field]]));

/** The choice that changes nothing. */
const now = 'now';

/** A filling to begin from, of ours or the cook's own; and this one kept under its name, for another pie. */
export function BeginFrom() {
  const { item, change } = useItem();
  const { data: kitchen } = useKitchenQuery();
  const [keep, { isLoading }] = useChangeKitchenMutation();
  const dispatch = useAppDispatch();
  if (!item || !kitchen) return null;
  const { filling } = item.document;
  const own = kitchen.document.fillings ?? [];
  const put = async (fillings: FillingInput[], said: string) => {
    const answer = await keep({ version: kitchen.version, document: { ...kitchen.document, fillings } });
    dispatch(
      notice.actions.said({
        text: 'error' in answer ? 'It was not kept: the server did not answer. Press again.' : said,
        undo: null,
      }),
    );
  };
  const mine = own.findIndex((f) => f.name === filling.name);
  const options: [string, string][] = [
    [now, 'what goes in now'],
    ...own.map((f, i): [string, string] => [`own:${i}`, `${f.name}, yours`]),
    ...Object.entries(readyNames),
  ];
  const begin = (choice: string) => {
    if (choice === now) return;
    const from = choice.startsWith('own:') ? own[Number(choice.slice(4))] : readyFilling(choice as ReadyName);
    if (from) change(asChanges(from));
  };
  return (
    <div className="flex flex-wrap items-end gap-3">
      <div style={{ minWidth: 260 }}>
        <Choice label="Begin from" value={now} options={options} onChange={begin} />
      </div>
      <button
        type="button"
        className="press quiet"
        disabled={isLoading || filling.ingredients.length === 0 || (mine < 0 && own.length >= mostOwnFillings)}
        onClick={() =>
          void put(mine < 0 ? [...own, filling] : own.with(mine, filling), `“${filling.name}” is kept for other pies.`)
        }
      >
        {mine < 0 ? 'Keep it as mine' : 'Keep mine so'}
      </button>
      {mine >= 0 && (
        <button
          type="button"
          className="press quiet"
          disabled={isLoading}
          onClick={() =>
            void put(own.toSpliced(mine, 1), `“${filling.name}” is no longer kept; this pie has it still.`)
          }
        >
          No longer keep it
        </button>
      )}
    </div>
  );
}
