import type { ColdLine as Line } from '@crustallum/core/plan/coldLine/line';
import { closingCodes } from '@crustallum/core/plan/steps/codes';
import { Dialog } from 'radix-ui';
import { Suspense, useCallback, useState } from 'react';
import { Outlet, useLocation, useParams } from 'react-router';
import { ColdLine } from '../coldline/ColdLine';
import { Hatches } from '../design/drawings/Hatches';
import { useAppSelector } from '../desk/store';
import { plain } from '../wording/numbers';
import { stationWords } from '../wording/words';
import { ErrorBoundary } from './ErrorBoundary';
import { keysOn, setKeysOn } from '../design/ui/letterKeys';
import { keyList, useDeskKeys } from './keys';
import { Conflicts } from './Conflicts';
import { NotFound } from './NotFound';
import { useKeptPicture } from './keptPicture';
import { Notices } from './Notices';
import { Rim } from './Rim';
import { RulesContext } from '../design/ui/rules';
import { useRulesFromWorker } from './useRulesFromWorker';
import { useItem } from '../desk/useItem';
import { useOpenBake } from '../desk/useOpenBake';
import type { LongerInput } from '@crustallum/core/contracts/clock';

/** Step codes that belong to each station: their words stand in a chip under the line. */
const stepsAt: Record<string, readonly string[]> = {
  dough: ['weigh', 'mix', 'rubIn'],
  folds: ['lockIn', 'turns', 'rest', 'rubIn', 'brushStack'],
  cut: ['rollOut', 'cut', 'lineDish'],
  seal: closingCodes,
};

/** The page: rim, the open screen, and the Cold Line that never leaves. */
export function Shell() {
  const { bakeId, itemId } = useParams();
  const { missing } = useOpenBake(bakeId);
  const rules = useRulesFromWorker();
  const { pathname } = useLocation();
  const [help, setHelp] = useState(false);
  useDeskKeys(
    useCallback(() => setHelp(true), []),
    itemId,
  );
  const station = pathname.split('/').pop() ?? '';
  useKeptPicture(pathname, station === '' || station in stationWords);
  return (
    <RulesContext value={rules}>
      <Hatches />
      <div className="shell">
        <Rim />
        <ErrorBoundary resetKey={pathname}>
          {missing ? (
            <NotFound what="bake" />
          ) : (
            <Suspense
              fallback={
                <main className="sheet" aria-busy="true" style={{ display: 'block', padding: 40 }}>
                  <p className="working">One moment</p>
                </main>
              }
            >
              <Outlet />
            </Suspense>
          )}
        </ErrorBoundary>
        <LineInHand here={stepsAt[station]} />
        <KeptMark />
      </div>
      <Notices />
      <Conflicts />
      <Help open={help} onOpenChange={setHelp} />
    </RulesContext>
  );
}

/** What is seen is the last plan of this device, until it is worked out anew: said where nothing has to move for it. */
function KeptMark() {
  const kept = useAppSelector((s) => s.desk.planKept);
  return kept ? (
    <p className="kept-mark" role="status">
      As last worked out; being worked out anew
    </p>
  ) : null;
}

const asPlanned = (line: Line) => ({ words: 'as it was planned', line });

/** A step made longer by so many minutes than it now is; one that is as it was reckoned is not kept. */
function movedBy(longer: readonly LongerInput[], stepId: string, by: number): LongerInput[] {
  const minutes = Math.max(-120, Math.min(600, (longer.find((l) => l.stepId === stepId)?.minutes ?? 0) + by));
  const rest = longer.filter((l) => l.stepId !== stepId);
  return minutes === 0 ? rest : [...rest, { stepId, minutes }];
}

/** The Cold Line of the item in hand. */
function LineInHand({ here }: { here: readonly string[] | undefined }) {
  const { item, plan, steps, serveAt, change } = useItem();
  const dotted = useAppSelector((s) => s.askedLine.now);
  const recorded = useAppSelector((s) => s.askedLine.recorded);
  const longer = item?.document.clock.longer;
  const onLonger = (stepId: string, by: number) => change({ 'clock.longer': movedBy(longer ?? [], stepId, by) });
  if (recorded)
    return (
      <ColdLine
        line={recorded.line}
        steps={recorded.steps}
        serveAt={recorded.serveAt}
        asked={asPlanned(recorded.planned)}
        measured={recorded.measured}
        reading={
          <>
            <div>
              <b>{plain(recorded.outsideMin, 0)}</b> <span style={{ fontSize: 18 }}>min outside the band</span>
            </div>
            <div className="detail">as it was worked; white dots as it was planned</div>
          </>
        }
      />
    );
  return (
    <ColdLine
      line={plan?.line ?? null}
      steps={steps}
      serveAt={serveAt}
      here={here}
      asked={dotted?.itemId === item?.id ? dotted : null}
      onLonger={onLonger}
      onReset={longer?.length ? () => change({ 'clock.longer': [] }) : undefined}
    />
  );
}

function Help({ open, onOpenChange }: { open: boolean; onOpenChange: (open: boolean) => void }) {
  const [on, setOn] = useState(keysOn);
  return (
    <Dialog.Root open={open} onOpenChange={onOpenChange}>
      <Dialog.Portal>
        <Dialog.Overlay className="veil" />
        <Dialog.Content className="slip dialog" aria-describedby={undefined}>
          <Dialog.Title className="sign m-0" style={{ fontSize: 25 }}>
            Keys
          </Dialog.Title>
          <dl className="grid" style={{ gridTemplateColumns: 'auto 1fr', gap: '6px 18px' }}>
            {keyList.map(([key, does]) => (
              <div key={key} style={{ display: 'contents' }}>
                <dt>
                  <strong>{key}</strong>
                </dt>
                <dd className="m-0">{does}</dd>
              </div>
            ))}
          </dl>
          <div className="flex gap-3">
            <button
              type="button"
              className="press quiet"
              aria-pressed={!on}
              onClick={() => {
                setKeysOn(!on);
                setOn(!on);
              }}
            >
              {on ? 'Switch letter keys off' : 'Switch letter keys on'}
            </button>
            <Dialog.Close className="press">Back</Dialog.Close>
          </div>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
