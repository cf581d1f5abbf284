import { bodies, bodyNames, flourFor } from '@crustallum/core/filling/thickening';
import { thickened, type Offered, type Sauce } from '@crustallum/core/plan/stations/filling/sauce';
import { useItem } from '../../desk/useItem';
import { usePhone } from '../../design/ui/useWidth';
import { plain, weight } from '../../wording/numbers';
import { Drawing } from '../_shared/Drawing';

/** What each thickener is called, and how it goes in. */
const thickenerWords: Record<Offered, [name: string, how: string]> = {
  roux: ['flour', 'in its butter, as a roux or in bits'],
  cornflour: ['maize starch', 'in cold liquid, boiled a minute'],
  potato: ['potato starch', 'at the end; boiling thins it'],
  riceflour: ['rice flour', 'no wheat'],
  breadcrumbs: ['crumbs', 'drink slowly'],
  semolina: ['semolina', 'rained in, simmered'],
};

/** How thick the sauce is, what runs in it and what holds it, and what would bring it to the wanted body. */
export function Body({ sauce, totalG }: { sauce: Sauce; totalG: number }) {
  const phone = usePhone();
  const { item, change } = useItem();
  const [w, left] = phone ? [366, 44] : [660, 64];
  const long = w - left - 8;
  const { flourPer100G: now, bakedPer100G: baked, liquidG, steamG } = sauce;
  const top = 1.1 * Math.max(flourFor(bodies.paste), now, baked);
  const x = (c: number) => left + (Math.min(c, top) / top) * long;
  const runs = [...sauce.poured, ...sauce.released];
  const all = liquidG + steamG;
  const gx = (grams: number) => (grams / Math.max(1, all)) * long;
  let at = left;
  const { coldPer100G: cold } = sauce;
  const add = (more: Sauce['more'][number]) =>
    item && change({ 'filling.ingredients': thickened(item.document.filling.ingredients, totalG, more) });
  return (
    <>
      <Drawing
        w={w}
        h={phone ? 236 : 218}
        label={`In the pan the sauce is ${sauce.inThePan}, ${plain(now, 1)} of flour's worth in 100 of liquid; cold ${sauce.cold}, after the bake ${sauce.baked}`}
      >
        <text x={phone ? 0 : 20} y="16" className="b">
          Body, as grams of flour in 100 g of liquid
        </text>
        <line x1={left} x2={left + long} y1="64" y2="64" stroke="var(--color-ink)" strokeWidth="2" />
        {bodyNames.map((name, i) => {
          const c = flourFor(bodies[name]);
          return (
            <g key={name}>
              <line x1={x(c)} x2={x(c)} y1="58" y2="70" stroke="var(--color-ink)" />
              <text
                x={Math.min(x(c), w - 30)}
                y={86 + (i % (phone ? 3 : 2)) * 18}
                textAnchor="middle"
                className={name === sauce.wanted ? 'b' : 'q'}
              >
                {name}
              </text>
            </g>
          );
        })}
        {(
          [
            ['now', now, 'var(--color-ink)'],
            ['cold', cold, 'var(--color-frost)'],
            ['baked', baked, 'var(--color-crust)'],
          ] as const
        ).map(([word, c, fill], i) => (
          <g key={word} transform={`translate(${x(c)} 58)`}>
            <path d="M-7 -14H7V-6L0 2L-7 -6Z" fill={fill} stroke="var(--color-ink)" strokeWidth="2" />
            <text y="-20" x={i === 2 ? -10 : 10} textAnchor={i === 2 ? 'end' : 'start'} className="b">
              {word}
            </text>
          </g>
        ))}
        <g transform={`translate(0 ${phone ? 18 : 0})`}>
          <text x={phone ? 0 : 20} y="136" className="b">
            Liquid: what runs, and what is left of it
          </text>
          <text x={left - 8} y="166" textAnchor="end">
            runs
          </text>
          {runs.map((p, i) => {
            const from = at;
            at += gx(p.grams);
            const word = `${p.name.split(',')[0]?.toLowerCase()} ${weight(p.grams)}`;
            return (
              <g key={`${p.name}${i}`}>
                <rect
                  x={from}
                  y="148"
                  width={Math.max(1, gx(p.grams))}
                  height="26"
                  fill={i < sauce.poured.length ? 'var(--color-water)' : 'var(--color-frost-wash)'}
                  stroke="var(--color-ink)"
                />
                {gx(p.grams) > word.length * 7.4 + 8 && (
                  <text
                    x={from + gx(p.grams) / 2}
                    y="166"
                    textAnchor="middle"
                    style={i < sauce.poured.length ? { fill: 'var(--color-on-butter)' } : undefined}
                  >
                    {word}
                  </text>
                )}
              </g>
            );
          })}
          <text x={left - 8} y="200" textAnchor="end">
            left
          </text>
          <rect x={left} y="182" width={gx(liquidG)} height="26" fill="url(#fill-filling)" stroke="var(--color-ink)" />
          <rect
            x={left + gx(liquidG)}
            y="182"
            width={gx(steamG)}
            height="26"
            fill="none"
            stroke="var(--color-ink)"
            strokeDasharray="4 4"
          />
        </g>
      </Drawing>
      <p className="m-0" style={{ maxWidth: 640 }}>
        <b>{weight(liquidG)}</b> to hold; {weight(steamG)} go in steam;{' '}
        {sauce.binders.length
          ? sauce.binders.map((b) => `${weight(b.grams)} ${b.name.toLowerCase()}`).join(', ')
          : 'nothing'}{' '}
        holds it.
      </p>
      {sauce.more.length > 0 && (
        <section aria-label="Too thin" style={{ maxWidth: 660 }}>
          <strong>To &ldquo;{sauce.wanted}&rdquo;, one of these more</strong>
          <ul
            className="plain-list mt-1 grid gap-2"
            style={{ gridTemplateColumns: 'repeat(auto-fill, minmax(190px, 1fr))' }}
          >
            {sauce.more.map(({ kind, grams }) => (
              <li key={kind}>
                <button type="button" className="press quiet w-full text-left" onClick={() => add({ kind, grams })}>
                  <span className="grid">
                    <b>
                      {weight(grams)} {thickenerWords[kind][0]}
                    </b>
                    <small>{thickenerWords[kind][1]}</small>
                  </span>
                </button>
              </li>
            ))}
          </ul>
        </section>
      )}
      {sauce.thinG > 20 && sauce.inThePan !== sauce.wanted && (
        <p className="whatif" style={{ maxWidth: 640 }}>
          Thicker than &ldquo;{sauce.wanted}&rdquo;: <b>{weight(sauce.thinG)}</b> more milk or stock bring it back.
        </p>
      )}
      <p className="quiet-ink" style={{ maxWidth: 640, fontSize: 15 }}>
        A sauce right in the pan stands a step thicker when it is cold, and gives a little in the oven; lumps go through
        a sieve, then two minutes more.
      </p>
    </>
  );
}
