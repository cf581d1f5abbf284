import type { RunNow } from '@crustallum/core/bench/reduce';
import { AlertDialog } from 'radix-ui';
import { useState } from 'react';
import { span } from '../wording/numbers';
import { costs } from './Early';
import type { BenchRun } from './run';
import type { Running } from './Timers';

/** So little is no matter, min. */
const littleMin = 1;

/** What is taken out before its time is asked about once, with what it costs; what is over comes out at a press. */
export function useOut(now: number): { out: (timer: Running) => void; asked: Running | null; leave: () => void } {
  const [asked, setAsked] = useState<Running | null>(null);
  const out = (timer: Running) => (timer.endsAt - now > littleMin * 60_000 ? setAsked(timer) : timer.stop());
  return { out, asked, leave: () => setAsked(null) };
}

export function OutEarly({
  run,
  made,
  timer,
  now,
  onLeave,
}: {
  run: BenchRun;
  made: RunNow;
  timer: Running;
  now: number;
  onLeave: () => void;
}) {
  const wait = timer.of;
  // what it waits for is told by what follows it
  const after = wait && [...made.links.before].find(([, before]) => before.includes(wait.key))?.[0];
  const next = after === undefined ? undefined : made.steps.get(after);
  return (
    <AlertDialog.Root open onOpenChange={(to) => !to && onLeave()}>
      <AlertDialog.Portal>
        <AlertDialog.Overlay className="veil" />
        <AlertDialog.Content className="slip dialog instead" style={{ maxWidth: 560 }}>
          <AlertDialog.Title className="sign m-0" style={{ fontSize: 28 }}>
            Out before its time?
          </AlertDialog.Title>
          <AlertDialog.Description className="m-0">
            {timer.words}:{' '}
            {wait && next
              ? costs(run, { now: next, standing: 'waiting' }, wait, now)
              : `${span((timer.endsAt - now) / 60_000)} to go.`}
          </AlertDialog.Description>
          <div className="bench-row">
            <AlertDialog.Cancel className="press bench-side">Leave it in</AlertDialog.Cancel>
            <AlertDialog.Action className="press quiet bench-side" onClick={timer.stop}>
              Out all the same
            </AlertDialog.Action>
          </div>
        </AlertDialog.Content>
      </AlertDialog.Portal>
    </AlertDialog.Root>
  );
}
