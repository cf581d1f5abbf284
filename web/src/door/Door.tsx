import type { PairedDevice } from '@crustallum/core/contracts/device';
import { create } from 'qrcode';
import { Link } from 'react-router';
import { useDoorQuery, useNewCodeMutation, usePutCodeAwayMutation, useTakeBackMutation } from '../api/api';
import { useNow } from '../desk/useNow';
import { clockOn, counted, shortDay } from '../wording/numbers';
import './door.css';

const holdsMin = 10;

/** A tablet or a phone of the house is let in by six digits that hold a while; who is in can be taken back. */
export function Door() {
  const { data: door, isError } = useDoorQuery(undefined, { pollingInterval: 3000 });
  const [newCode, asked] = useNewCodeMutation();
  const [putAway] = usePutCodeAwayMutation();
  const now = useNow(1000);
  if (isError)
    return (
      <main className="door">
        <h1 className="sign">Let a tablet in</h1>
        <p>Only the kitchen’s computer itself lets others in: open this page there.</p>
      </main>
    );
  if (!door) return <p className="working p-8">Looking who is in</p>;
  const leftS = door.holdsForS ?? 0;
  const until = new Date(now.getTime() + leftS * 1000);
  const { code } = door;
  const [address] = door.addresses;
  return (
    <main className="door">
      <section aria-label="Let a tablet in">
        <h1 className="sign">Let a tablet in</h1>
        {!door.open || !address ? (
          <p>
            This computer answers itself only. Started with <code>npm start -- --lan</code>, other screens of the house
            can be let in here, one by one.
          </p>
        ) : code ? (
          <>
            <p>
              Hold its camera to the square, or open <strong>{address}</strong> on it and press in these six:
            </p>
            <div className="door-code">
              <Square text={`${address}/#${code}`} />
              <div>
                <p className="door-digits" aria-label={`The digits: ${[...code].join(' ')}`}>
                  {code.slice(0, 3)} {code.slice(3)}
                </p>
                <div
                  className="door-rope"
                  role="progressbar"
                  aria-label="How long they hold"
                  aria-valuemin={0}
                  aria-valuemax={holdsMin * 60}
                  aria-valuenow={Math.round(leftS)}
                >
                  <span style={{ width: `${(leftS / (holdsMin * 60)) * 100}%` }} />
                </div>
                <p className="m-0">
                  <strong>{counted(Math.max(1, Math.ceil(leftS / 60)), 'minute', 'minutes')} left</strong>, till{' '}
                  {clockOn(until, now)}; then six others. <em className="because-word">because</em> digits that last can
                  be read by a guest.
                </p>
              </div>
            </div>
            <button type="button" className="press quiet" onClick={() => void putAway()}>
              Nobody now, put the digits away
            </button>
          </>
        ) : (
          <button type="button" className="press" disabled={asked.isLoading} onClick={() => void newCode({ holdsMin })}>
            Show six digits
          </button>
        )}
        <h2 className="sign">Who is in</h2>
        <ul className="plain-list door-devices">
          <li>
            <strong>This computer</strong>
            <span>keeps the days; nothing is kept elsewhere for good</span>
          </li>
          {door.devices.map((d) => (
            <In key={d.id} device={d} now={now} />
          ))}
        </ul>
        <Link to="/larder?show=kitchen" className="press quiet">
          Back to the kitchen
        </Link>
      </section>
      <Protected until={code ? clockOn(until, now) : null} />
    </main>
  );
}

function In({ device, now }: { device: PairedDevice; now: Date }) {
  const [takeBack, { isLoading }] = useTakeBackMutation();
  const when = (at: string) => {
    const then = new Date(at);
    return then.toDateString() === now.toDateString() ? `today, ${clockOn(then, now)}` : shortDay(then);
  };
  return (
    <li>
      <strong>{device.name}</strong>
      <span>
        in since {when(device.pairedAt)}
        {device.usedAt ? `; used ${when(device.usedAt)}` : ''}
      </span>
      <button
        type="button"
        className="press quiet"
        disabled={isLoading}
        aria-label={`Take it back: ${device.name}`}
        onClick={() => void takeBack(device.id)}
      >
        Take it back
      </button>
    </li>
  );
}

/** The square a camera reads; black on white in either light. */
function Square({ text }: { text: string }) {
  const { modules } = create(text, { errorCorrectionLevel: 'M' });
  const path = Array.from(modules.data, (dark, i) =>
    dark ? `M${i % modules.size} ${Math.floor(i / modules.size)}h1v1h-1z` : '',
  ).join('');
  return (
    <svg
      className="door-square"
      viewBox={`-3 -3 ${modules.size + 6} ${modules.size + 6}`}
      role="img"
      aria-label="A square for the camera of the tablet"
      shapeRendering="crispEdges"
    >
      <rect x="-3" y="-3" width="100%" height="100%" fill="#fff" />
      <path d={path} fill="#000" />
    </svg>
  );
}

/** Each sentence here is a promise: what is built, and what is not. */
const Protected = ({ until }: { until: string | null }) => (
  <section aria-label="What is protected" className="door-said">
    <h2 className="sign">What is protected</h2>
    <dl>
      <dt>What one that is in can do</dt>
      <dd>See and change your days, recipes, names and what they may eat. It lets nobody else in.</dd>
      <dt>What leaves the house</dt>
      <dd>Nothing. It works with the internet switched off.</dd>
      <dt>Who gets in</dt>
      <dd>
        Whoever reads the six digits{until ? ` before ${until}` : ' while they hold'}. They work once; five wrong tries
        and they are void.
      </dd>
      <dt>If one is lost</dt>
      <dd>Take it back: it is shut out at once. What it had kept for itself goes when it next comes home.</dd>
      <dt>What is not protected</dt>
      <dd>
        Words cross your own Wi-Fi as they are, not locked: keep a password on it. A guest on it can see that we are
        here, but no day. Whoever sits at this computer needs no digits.
      </dd>
    </dl>
  </section>
);
