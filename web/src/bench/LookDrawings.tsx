import type { BaseLook, KnifeLook, TapLook, VentLook } from '@crustallum/core/oven/look';
import { brown, crustColour } from '../design/drawings/browned';

/** A lid from above, as brown as it is: colour, and hatching that closes with it. */
export function Lid({ dose, large = false }: { dose: number; large?: boolean }) {
  const [w, h] = large ? [190, 104] : [120, 66];
  const b = brown(dose);
  const lines = Math.round(4 + 16 * b);
  return (
    <svg width={w} height={h} viewBox="0 0 120 66" aria-hidden="true">
      <ellipse
        cx="60"
        cy="33"
        rx="58"
        ry="31"
        fill={crustColour(dose)}
        stroke="var(--color-ink)"
        strokeWidth="2"
        strokeDasharray="7 2"
      />
      <ellipse cx="60" cy="33" rx="47" ry="24" fill="none" stroke="var(--color-ink)" />
      {b > 0.3 &&
        Array.from({ length: lines }, (_, i) => {
          const x = 20 + (i * 80) / lines;
          const half = 20 * Math.sqrt(Math.max(0, 1 - ((x - 60) / 46) ** 2));
          return (
            <line
              key={i}
              x1={x - 3}
              x2={x + 3}
              y1={33 + half * 0.8}
              y2={33 - half * 0.8}
              stroke="var(--color-crust-ink)"
              strokeOpacity="0.7"
            />
          );
        })}
      {b <= 0.3 &&
        [30, 58, 84].map((x) => <ellipse key={x} cx={x} cy={26} rx="8" ry="3" fill="#fff" fillOpacity="0.8" />)}
      {[44, 68].map((x) => (
        <path key={x} d={`M${x} 36q5 -8 10 0t10 0`} fill="none" stroke="var(--color-crust-ink)" strokeWidth="3" />
      ))}
    </svg>
  );
}

/** The edge of a base lifted on a knife. */
export function Base({ kind }: { kind: BaseLook }) {
  const fill = kind === 'damp' ? 'var(--color-dough)' : crustColour(kind === 'firm' ? 1.6 : 6);
  return (
    <svg width="120" height="40" viewBox="0 0 120 40" aria-hidden="true">
      <path
        d={kind === 'damp' ? 'M8 8h50q26 0 38 16l-8 6q-12 -12 -30 -12H8z' : 'M8 10h86v11H8z'}
        fill={fill}
        stroke="var(--color-ink)"
        strokeWidth="2"
      />
      {kind === 'damp' &&
        [18, 34, 50, 68].map((x) => <circle key={x} cx={x} cy="13" r="3" fill="var(--color-frost)" />)}
      {kind === 'firm' &&
        [18, 34, 50, 68, 84].map((x) => <circle key={x} cx={x} cy="16" r="1.800" fill="var(--color-crust-ink)" />)}
      {kind === 'brown' &&
        [14, 26, 38, 50, 62, 74, 86].map((x) => (
          <line key={x} x1={x} x2={x + 6} y1="19" y2="12" stroke="var(--color-crust-ink)" strokeWidth="2" />
        ))}
      <path d="M60 32h44l10 -8" fill="none" stroke="var(--color-ink)" strokeWidth="4" strokeLinecap="round" />
    </svg>
  );
}

/** A slit of a lid with what comes out of it. */
export function Vent({ kind }: { kind: VentLook }) {
  const bubbles = { still: [], bubbles: [44, 58, 72], over: [34, 44, 54, 64, 74, 84] }[kind];
  return (
    <svg width="120" height="40" viewBox="0 0 120 40" aria-hidden="true">
      <path d="M6 34Q60 6 114 34z" fill={crustColour(1.6)} stroke="var(--color-ink)" strokeWidth="2" />
      <path d="M40 24q20 -8 40 0" fill="none" stroke="var(--color-ink)" strokeWidth="4" strokeLinecap="round" />
      {bubbles.map((x) => (
        <circle key={x} cx={x} cy="16" r="5" fill="var(--color-flour)" stroke="var(--color-ink)" strokeWidth="2" />
      ))}
      {kind === 'over' && (
        <path d="M84 24q18 2 22 14" fill="none" stroke="var(--color-ink)" strokeWidth="4" strokeLinecap="round" />
      )}
    </svg>
  );
}

/** A knife in the largest piece: stopped by it, or through it. */
export function Knife({ kind }: { kind: KnifeLook }) {
  const tip = kind === 'meets' ? 18 : 34;
  return (
    <svg width="120" height="40" viewBox="0 0 120 40" aria-hidden="true">
      <rect
        x="38"
        y="18"
        width="44"
        height="20"
        rx="4"
        fill="var(--color-dough)"
        stroke="var(--color-ink)"
        strokeWidth="2"
      />
      <path
        d={`M60 ${tip}l-5 -14v-${tip - 14}h10v${tip - 14}z`}
        fill="var(--color-flour)"
        stroke="var(--color-ink)"
        strokeWidth="2"
      />
      {kind === 'meets' && <path d="M50 14l-6 -4M70 14l6 -4" stroke="var(--color-ink)" strokeWidth="2.500" />}
    </svg>
  );
}

/** A base that is knocked on, with how far it sounds. */
export function Tap({ kind }: { kind: TapLook }) {
  return (
    <svg width="120" height="40" viewBox="0 0 120 40" aria-hidden="true">
      <rect
        x="20"
        y="8"
        width="80"
        height="10"
        rx="3"
        fill={crustColour(kind === 'dull' ? 0.6 : 3)}
        stroke="var(--color-ink)"
        strokeWidth="2"
      />
      <circle cx="60" cy="30" r="6" fill="var(--color-flour)" stroke="var(--color-ink)" strokeWidth="2" />
      {(kind === 'hollow' ? [12, 20, 28] : [12]).map((r) => (
        <path
          key={r}
          d={`M${60 - r} 24a${r} ${r} 0 0 0 0 12M${60 + r} 24a${r} ${r} 0 0 1 0 12`}
          fill="none"
          stroke="var(--color-ink)"
          strokeWidth="2"
        />
      ))}
    </svg>
  );
}
