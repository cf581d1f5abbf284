import { useState } from 'react';
import { useItem } from '../../desk/useItem';
import { useAppSelector } from '../../desk/store';
import { Pick } from '../../design/ui/Pick';
import { useNarrow, usePhone } from '../../design/ui/useWidth';
import type { Closing } from '@crustallum/core/plan/stations/seal/result';
import type { VentKind } from '@crustallum/core/sealing/seals';
import { eatersOf } from '../../wording/eaters';
import { ForEaters } from '../_shared/ForEaters';
import { Field } from '../_shared/Field';
import { fields, type FieldName } from '../_shared/fields';
import { StationPage, Waiting } from '../_shared/StationPage';
import { Marks } from './Marks';
import { Rim } from './Rim';
import { Steam } from './Steam';
import { Store } from './Store';
import { Ticks } from './Ticks';
import { WashView } from './Wash';

type View = 'rim' | 'steam' | 'wash' | 'ticks' | 'store';

/** What can be set of each closing, by view. */
function inputsOf(closing: Closing, vent: VentKind): Record<View, FieldName[]> {
  const vents: FieldName[] =
    closing === 'seam' || closing === 'lid'
      ? [
          'vent',
          ...(vent === 'none'
            ? []
            : vent === 'chimney'
              ? []
              : vent === 'holes'
                ? (['slits'] as const)
                : (['slits', 'slitLength'] as const)),
        ]
      : [];
  const glued = closing !== 'laps' && closing !== 'open';
  return {
    rim: closing === 'laps' ? [] : glued ? ['rim', 'crimp', 'glue'] : ['rim', 'crimp'],
    steam: vents,
    wash: closing === 'open' ? ['wash'] : ['wash', 'coats', 'topping'],
    ticks: [],
    store: [],
  };
}

export function SealStation() {
  const { item, plan, index } = useItem();
  const who = useAppSelector((st) => st.desk.plan?.who);
  const narrow = useNarrow();
  const phone = usePhone();
  const [chosen, setView] = useState<View>('rim');
  if (!item || !plan) return <Waiting />;
  const s = plan.seal;
  const filo = s.closing === 'laps';
  const open = s.closing === 'open';
  const eaters = who && eatersOf(who, index);
  const marked = eaters !== undefined && eaters.apart.length > 0;
  const views: View[] = ['rim', ...(s.need ? (['steam'] as const) : []), 'wash', 'ticks', 'store'];
  const view = views.includes(chosen) ? chosen : 'rim';
  // a phone has them one under the other
  const shown = (v: View) => phone || v === view;
  const inputs = inputsOf(s.closing, item.document.seal.vent ?? 'slits');
  return (
    <StationPage
      station="seal"
      // one sheet of rules on a phone has them all; beside a drawing, those it shows
      held={view === 'rim' && !filo ? ['rim'] : []}
      inputs={narrow ? views.flatMap((v) => inputs[v]) : inputs[view]}
      lead={
        phone ? undefined : (
          <Pick
            label="Show"
            value={view}
            options={views.map((v) => [v, filo && v === 'rim' ? 'top' : v] as const)}
            onChange={setView}
          />
        )
      }
      extra={
        <>
          {/* its own hole where the cook said none */}
          {(narrow || view === 'steam') && 'dMm' in s.vent && <Field def={fields.hole} fallback={s.vent.dMm} />}
          {marked && (narrow || view === 'ticks') && <Field def={fields.markedBy} />}
        </>
      }
      numbers={[
        [plan.cut.leaves?.made ? 'Times over' : filo ? 'Edge tucked under' : 'Pinches round each', s.figures.pinches],
        ...(filo || open ? [] : ([['Strength of the seam', s.figures.strength]] as const)),
        ...(open
          ? []
          : ([
              ['Vents, once open', s.figures.vents],
              ['First gold', s.figures.wash],
            ] as const)),
        ['Time at the bench', s.figures.time],
      ]}
    >
      {shown('rim') && <Rim plan={plan} item={item.document} />}
      {shown('steam') && <Steam seal={s} />}
      {shown('wash') && <WashView plan={plan} bakeMin={plan.oven.minutes} />}
      {shown('store') && <Store />}
      {(phone || view === 'ticks' || view === 'rim') && (
        <div className="mt-3" style={{ maxWidth: 660 }}>
          <Ticks
            ticks={s.ticks}
            title={open ? 'Before it is filled' : filo ? 'Before it is folded over' : 'Before a lid goes on'}
          />
          {eaters && <ForEaters eaters={eaters} />}
          {eaters && <Marks eaters={eaters} />}
        </div>
      )}
    </StationPage>
  );
}
