import type { VesselMaterial } from '@crustallum/core/oven/tables';
import { vesselKinds, type VesselKind } from '@crustallum/core/vessels/kinds';
import { vesselGeometry, vesselVolume, type Vessel } from '@crustallum/core/vessels/vessel';
import { useState } from 'react';
import { useItem } from '../../desk/useItem';
import type { StoredTool, ToolInput } from '@crustallum/core/contracts/tool';
import { useAddToolMutation } from '../../api/api';
import { notice } from '../../desk/notices';
import { useAppDispatch } from '../../desk/store';
import { Choice } from '../../design/ui/Choice';
import { NumberField } from '../../design/ui/NumberField';
import { TextField } from '../../design/ui/TextField';
import { vesselKindWords } from '../../wording/cut';
import { plain } from '../../wording/numbers';

const sideRule = { min: 20, max: 1000, unit: 'mm', integer: false };
const depthRule = { min: 5, max: 400, unit: 'mm', integer: false };
const rimRule = { min: 0, max: 60, unit: 'mm', integer: false };
const waterRule = { min: 1, max: 20_000, unit: 'ml', integer: false };
const mutable = (v: Vessel): Vessel => ({ ...v });
const pair = (v: Vessel['top'] | undefined, k: 0 | 1): number => (typeof v === 'number' ? v : (v?.[k] ?? 0));

/** Sizes of the dish in hand, by ruler or by water; a kind to begin from; and keeping it among the cook's own. */
export function DishSizes({
  vessel,
  name,
  material,
  known,
}: {
  vessel: Vessel;
  name: string;
  material: VesselMaterial;
  known: readonly StoredTool[];
}) {
  const { change } = useItem();
  const dispatch = useAppDispatch();
  const [add, { isLoading }] = useAddToolMutation();
  const [called, setCalled] = useState(name);
  const g = vesselGeometry(vessel);
  const put = (sizes: Partial<Vessel>) => change({ 'cut.vessel': mutable({ ...vessel, ...sizes }) });
  const side = (which: 'top' | 'bottom', k: 0 | 1) => (mm: number) => {
    const now = vessel[which] ?? vessel.top;
    const other = pair(now, k === 0 ? 1 : 0);
    put({ [which]: vessel.form === 'round' ? mm : k === 0 ? [mm, other] : [other, mm] });
  };
  const fields: (readonly [string, number, typeof sideRule, (mm: number) => void])[] = [
    [vessel.form === 'round' ? 'Across the top' : 'Top, long', g.top.length, sideRule, side('top', 0)],
    ...(vessel.form === 'round' ? [] : ([['Top, wide', g.top.width, sideRule, side('top', 1)]] as const)),
    [vessel.form === 'round' ? 'Across the bottom' : 'Bottom, long', g.bottom.length, sideRule, side('bottom', 0)],
    ...(vessel.form === 'round' ? [] : ([['Bottom, wide', g.bottom.width, sideRule, side('bottom', 1)]] as const)),
    ['Deep', g.depth, depthRule, (mm) => put({ depth: mm })],
    ['Rim', g.rim, rimRule, (mm) => put({ rim: mm })],
  ];
  const taken = known.some((t) => t.name === called.trim());
  const keep = () => {
    void add({ name: called.trim(), kind: 'dish', vessel: mutable(vessel) as ToolInput['vessel'], material }).then(
      (answer) => {
        if (!('data' in answer) || !answer.data) return;
        change({ 'cut.vesselName': called.trim() });
        dispatch(
          notice.actions.said({
            text: `${called.trim()} is among your dishes.`,
            undo: { kind: 'newTool', id: answer.data.id },
          }),
        );
      },
    );
  };
  return (
    <details className="dish-sizes">
      <summary>
        Its sizes: {plain(vesselVolume(g), 0)} ml to the brim{vessel.measuredMl ? ', as you measured' : ', by ruler'}
      </summary>
      <Choice
        label="Begin from"
        value="these"
        options={[
          ['these', 'these sizes'],
          ...Object.keys(vesselKinds).map((k): [string, string] => [k, vesselKindWords[k as VesselKind]]),
        ]}
        onChange={(k) => {
          const made = (vesselKinds as Record<string, Vessel>)[k];
          if (made) change({ 'cut.vessel': mutable(made), 'cut.vesselName': vesselKindWords[k as VesselKind] });
        }}
      />
      <div className="flex flex-wrap gap-4">
        {fields.map(([label, value, rule, set]) => (
          <div key={label}>
            <span className="quiet-ink">{label}</span>{' '}
            <NumberField label={label} value={value} rule={rule} unit="cm" scale={0.1} places={1} onChange={set} />
          </div>
        ))}
        <div>
          <span className="quiet-ink">Holds, by water</span>{' '}
          <NumberField
            label="Holds, by water"
            value={Math.round(vesselVolume(g))}
            rule={waterRule}
            unit="ml"
            places={0}
            onChange={(ml) => put({ measuredMl: ml })}
          />
        </div>
      </div>
      <div className="flex flex-wrap items-end gap-3">
        {vessel.measuredMl !== undefined && (
          <button type="button" className="press quiet" onClick={() => put({ measuredMl: undefined })}>
            By ruler again
          </button>
        )}
        <TextField label="Called" max={60} value={called} onChange={setCalled} />
        <button
          type="button"
          className="press quiet"
          disabled={isLoading || taken || called.trim() === ''}
          onClick={keep}
        >
          {taken ? 'That name is taken' : 'Keep it among my dishes'}
        </button>
      </div>
    </details>
  );
}
