import type { LogEntry } from '@crustallum/core/contracts/log';
import { Drawing } from '../stations/_shared/Drawing';
import { usePhone } from '../design/ui/useWidth';
import { degrees, plain, shortDay } from '../wording/numbers';
import type { Snapshot } from './snapshot';

interface Now {
  id?: string;
  date: string;
  stoodMm: number | undefined;
  expectedMm: number | null;
  roomC: number | null;
}

/** Lids of the last entries against what was worked out, with the kitchen's warmth above each. */
export function History({ entries, now }: { entries: readonly LogEntry[]; now: Now }) {
  const past = entries
    .filter((e) => e.id !== now.id && (e.snapshot as Snapshot).expectedMm && e.answers.stoodMm !== undefined)
    .slice(0, 5)
    .reverse()
    .map((e) => ({
      date: e.date,
      share: Number(e.answers.stoodMm) / Number((e.snapshot as Snapshot).expectedMm),
      roomC: (e.snapshot as Snapshot).roomC ?? null,
      here: false,
    }));
  const phone = usePhone();
  const width = phone ? 366 : 660;
  const all = [
    ...past,
    ...(now.expectedMm && now.stoodMm !== undefined
      ? [{ date: now.date, share: now.stoodMm / now.expectedMm, roomC: now.roomC, here: true }]
      : []),
  ]
    .sort((a, b) => a.date.localeCompare(b.date))
    .slice(phone ? -4 : undefined);
  if (all.length < 2) return null;
  const y = (share: number) => 150 - (Math.max(0.5, Math.min(1.4, share)) - 0.5) * 120;
  const step = (width - 112) / all.length;
  return (
    <Drawing
      w={width}
      h={206}
      label={`Lids of the last ${all.length}: ${all.map((e) => `${shortDay(new Date(`${e.date.slice(0, 10)}T12:00`))} ${plain(e.share * 100, 0)} %`).join(', ')}`}
    >
      <text x={phone ? 0 : 20} y="18" className="b">
        Lids of the last {all.length}, against what was worked out
      </text>
      <line x1="60" x2={width - 20} y1={y(1)} y2={y(1)} stroke="var(--color-ink)" strokeWidth="2" />
      <text x="54" y={y(1) + 5} textAnchor="end" className="q">
        100 %
      </text>
      {all.map((e, i) => {
        const x = 70 + step * (i + 0.5);
        const low = e.share < 0.9;
        return (
          <g key={i}>
            <text x={x} y="44" textAnchor="middle" className={e.here ? 'b' : 'q'}>
              {e.roomC === null ? '' : `${degrees(e.roomC, 1)}`}
            </text>
            {low && <line x1={x} x2={x} y1={y(1)} y2={y(e.share)} stroke="var(--color-rhubarb)" strokeWidth="3" />}
            {[0, 1, 2, 3].map((k) => (
              <path
                key={k}
                d={`M${x - 24} ${y(e.share) + k * 5}q24-9 48 0`}
                fill="none"
                stroke={low && e.here ? 'var(--color-rhubarb)' : 'var(--color-crust)'}
                strokeWidth="2.400"
              />
            ))}
            <text
              x={phone ? x : x + 32}
              y={phone ? 178 : Math.abs(e.share - 1) < 0.04 ? y(1) - 8 : y(e.share) + 10}
              textAnchor={phone ? 'middle' : 'start'}
              className={e.here ? 'b' : undefined}
            >
              {plain(e.share * 100, 0)}
            </text>
            <text x={x} y="196" textAnchor="middle" className={e.here ? 'b' : 'q'}>
              {shortDay(new Date(`${e.date.slice(0, 10)}T12:00`))}
            </text>
          </g>
        );
      })}
    </Drawing>
  );
}
