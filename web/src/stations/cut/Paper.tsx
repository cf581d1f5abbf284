import type { Paper as PaperName } from '@crustallum/core/cutting/tiling';
import type { ItemInput } from '@crustallum/core/contracts/item';
import type { ItemPlan } from '@crustallum/core/plan/item';
import { RefusedInput } from '@crustallum/core/quantities/refusal';
import { paperPages, type PaperPage } from '@crustallum/core/templates/pages';
import type { Primitive } from '@crustallum/core/templates/primitives';
import { drawingSvg } from '@crustallum/core/templates/svg';
import { useMemo, useState } from 'react';
import { createPortal } from 'react-dom';
import { cutCsv, cutText } from '../../files/cutList';
import { fileName, saveFile } from '../../files/save';
import { useItem } from '../../desk/useItem';
import { useAppSelector } from '../../desk/store';
import { Pick } from '../../design/ui/Pick';
import { eatersOf } from '../../wording/eaters';
import { sides } from '../../wording/numbers';
import { kindsFor, pageDrawings, paperDrawing, type PaperKind } from './paperDrawings';

const kindWords: Record<PaperKind, string> = {
  piece: 'the piece',
  sheet: 'the sheet',
  blanks: 'the blanks',
  labels: 'labels',
};

/** Templates at 1:1 on paper or as files, labels, and the cut list. */
export function Paper({ plan, item }: { plan: ItemPlan; item: ItemInput }) {
  const who = useAppSelector((s) => s.desk.plan?.who);
  const { index } = useItem();
  const kinds = kindsFor(plan);
  const [chosen, setKind] = useState<PaperKind>(kinds[0] ?? 'labels');
  const kind = kinds.includes(chosen) ? chosen : (kinds[0] ?? 'labels');
  const [paper, setPaper] = useState<PaperName>('A4');
  const [making, setMaking] = useState(false);
  const [failed, setFailed] = useState(false);
  const made = useMemo(() => {
    const drawing = paperDrawing(kind, plan, item, who ? eatersOf(who, index) : null);
    // patterns that fit a page are whole on it; only what is larger is tiled
    const drawings = pageDrawings(kind, plan, item, paper) ?? [drawing];
    const captionOf = (title: string) => (row: number, column: number, pages: number) =>
      `${title}${pages > 1 ? `, row ${row}, column ${column}, of ${pages} pages` : ''}. Print at 100 %, and check the rulers.`;
    try {
      return { drawing, pages: drawings.flatMap((d) => paperPages(d, paper, captionOf(d.title))), tooMany: 0 };
    } catch (error) {
      if (!(error instanceof RefusedInput)) throw error;
      return { drawing, pages: [] as PaperPage[], tooMany: Number(error.refusals[0]?.value ?? 0) };
    }
  }, [kind, plan, item, who, index, paper]);
  const { drawing, pages } = made;
  const pdf = async () => {
    setMaking(true);
    setFailed(false);
    try {
      const [{ templatePdf }, { drawnText }, { default: fontUrl }] = await Promise.all([
        import('../../files/templatePdf'),
        import('../../files/drawnText'),
        import('../../files/font'),
      ]);
      const font = new Uint8Array(await (await fetch(fontUrl)).arrayBuffer());
      const bytes = await templatePdf({ title: drawing.title, pages, font, drawText: drawnText });
      saveFile(fileName(drawing.title, 'pdf'), bytes, 'application/pdf');
    } catch {
      setFailed(true);
    }
    setMaking(false);
  };
  return (
    <div className="turns templates">
      <div className="flex flex-wrap gap-6">
        <div style={{ minWidth: 300 }}>
          <Pick label="Print" value={kind} options={kinds.map((k) => [k, kindWords[k]] as const)} onChange={setKind} />
        </div>
        <div style={{ minWidth: 160 }}>
          <Pick
            label="On"
            value={paper}
            options={[
              ['A4', 'A4'],
              ['Letter', 'Letter'],
            ]}
            onChange={setPaper}
          />
        </div>
      </div>
      {made.tooMany > 0 ? (
        <p className="problem m-0">
          At its own size this takes {made.tooMany} pages; thirty are the most. Print the piece instead, or take the
          SVG.
        </p>
      ) : (
        <p className="m-0">
          <strong>
            {sides([drawing.widthMm, drawing.heightMm], 1)} at its own size, {pages.length}{' '}
            {pages.length === 1 ? 'page' : 'pages'}
          </strong>
          {pages.some((p) => p.row > 1 || p.column > 1) && ', glued together where the crosses meet'}. Both rulers must
          measure 100 mm, 3 15/16 in.
        </p>
      )}
      <div className="flex flex-wrap gap-2">
        <button type="button" className="press" disabled={pages.length === 0 || making} onClick={() => void pdf()}>
          {making ? 'Making it' : 'PDF at 1 : 1'}
        </button>
        <button
          type="button"
          className="press quiet"
          onClick={() => saveFile(fileName(drawing.title, 'svg'), drawingSvg(drawing), 'image/svg+xml')}
        >
          SVG
        </button>
        <button type="button" className="press quiet" disabled={pages.length === 0} onClick={() => window.print()}>
          Print
        </button>
        <button
          type="button"
          className="press quiet"
          onClick={() =>
            saveFile(fileName(`${item.title} cut list`, 'txt'), cutText(item.title, plan.cut), 'text/plain')
          }
        >
          Cut list
        </button>
        <button
          type="button"
          className="press quiet"
          onClick={() => saveFile(fileName(`${item.title} cut list`, 'csv'), cutCsv(plan.cut), 'text/csv')}
        >
          as CSV
        </button>
      </div>
      {failed && (
        <p className="problem m-0" role="alert">
          The PDF could not be made. The SVG and printing from here keep the same size.
        </p>
      )}
      <div className="flex flex-wrap gap-4" aria-label="Pages">
        {pages.map((page, i) => (
          <PageDrawing key={i} page={page} number={i} widthPx={pages.length > 1 ? 200 : 300} />
        ))}
      </div>
      {createPortal(
        <div className="print-pages" aria-hidden="true">
          <style>{`@media print { @page { size: ${pages[0]?.widthMm ?? 210}mm ${pages[0]?.heightMm ?? 297}mm; margin: 0 } }`}</style>
          {pages.map((page, i) => (
            <PageDrawing key={i} page={page} number={i} />
          ))}
        </div>,
        document.body,
      )}
    </div>
  );
}

/** A page as it will be printed: in px on the screen, in mm on paper. */
function PageDrawing({ page, number, widthPx }: { page: PaperPage; number: number; widthPx?: number }) {
  const { usable: u, heightMm: h } = page;
  const clip = `page-${widthPx ? 'seen' : 'printed'}-${number}`;
  const size = widthPx
    ? { width: widthPx, height: (widthPx * h) / page.widthMm }
    : { width: `${page.widthMm}mm`, height: `${h}mm` };
  return (
    <svg {...size} viewBox={`0 0 ${page.widthMm} ${h}`} role="img" aria-label={`Page ${number + 1}`} className="page">
      <clipPath id={clip}>
        <rect x={u.x} y={h - u.y - u.h} width={u.w} height={u.h} />
      </clipPath>
      <g clipPath={`url(#${clip})`}>
        {page.drawing.map((item, i) => (
          <Drawn key={i} item={item} height={h} />
        ))}
      </g>
      {page.marks.map((item, i) => (
        <Drawn key={i} item={item} height={h} />
      ))}
    </svg>
  );
}

function Drawn({ item, height }: { item: Primitive; height: number }) {
  const line = {
    fill: 'none',
    stroke: '#000',
    strokeWidth: ('weightMm' in item && item.weightMm) || 0.2,
    strokeDasharray: 'dashed' in item && item.dashed ? '2 1.5' : undefined,
  };
  if (item.kind === 'circle') return <circle cx={item.x} cy={height - item.y} r={item.r} {...line} />;
  if (item.kind === 'text')
    return (
      <text
        x={item.x}
        y={height - item.y}
        textAnchor={item.anchor ?? 'start'}
        style={{ fontSize: item.sizeMm, fill: '#000' }}
      >
        {item.text}
      </text>
    );
  const d = item.points.map(([x, y], i) => `${i ? 'L' : 'M'}${x} ${height - y}`).join('');
  return <path d={item.closed ? `${d}Z` : d} {...line} />;
}
