import { apart, onSheet, type PlacedPiece } from '@crustallum/core/cutting/placing';
import { useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import { usePhone } from '../../design/ui/useWidth';
import { plain } from '../../wording/numbers';
import { toDrawing, toSheet, type Frame } from './frame';
import { PieceShape } from './PieceShape';
import type { Laying } from './useLaying';

/** From the pointer to the drawing's own px. */
function onDrawing(e: PointerEvent<SVGGElement>): [number, number] | null {
  const matrix = e.currentTarget.ownerSVGElement?.getScreenCTM?.()?.inverse();
  if (!matrix) return null;
  return [
    matrix.a * e.clientX + matrix.c * e.clientY + matrix.e,
    matrix.b * e.clientX + matrix.d * e.clientY + matrix.f,
  ];
}

interface InHand {
  index: number;
  x: number;
  y: number;
  /** Where in the piece it was taken hold of, mm. */
  grip: readonly [number, number];
  moved: boolean;
  byKeys: boolean;
}

/** Pieces that can be taken in hand: by pointer, or by Enter, arrows and Enter again; H holds, T turns, Delete takes off. */
export function Pieces({ laying, frame, lids }: { laying: Laying; frame: Frame; lids: number }) {
  const { bed, pieces, chosen } = laying;
  const [inHand, setInHand] = useState<InHand | null>(null);
  const phone = usePhone();
  const refs = useRef<(SVGGElement | null)[]>([]);
  const [last, setLast] = useState(0);
  const focus = (index: number) => {
    const to = (index + pieces.length) % pieces.length;
    setLast(to);
    laying.choose(to);
    refs.current[to]?.focus();
  };
  const clear = (p: PlacedPiece, index: number) =>
    onSheet(bed, p) && pieces.every((q, i) => i === index || apart(bed, p, q));
  const drop = () => {
    if (inHand?.moved) laying.putDown(inHand.index, [inHand.x, inHand.y]);
    setInHand(null);
  };
  const keys = (e: KeyboardEvent, index: number) => {
    const piece = pieces[index] as PlacedPiece;
    const step = e.shiftKey ? 5 : 1;
    const way = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[e.key];
    if (way && inHand) {
      const [sx, sy] = toDrawing(frame, [inHand.x, inHand.y]);
      const [x, y] = toSheet(frame, [
        sx + (way[0] as number) * step * frame.px,
        sy + (way[1] as number) * step * frame.px,
      ]);
      setInHand({ ...inHand, x, y, moved: true });
    } else if (way) focus(index + (e.key === 'ArrowLeft' || e.key === 'ArrowUp' ? -1 : 1));
    else if (e.key === 'Enter' || e.key === ' ') {
      if (inHand) drop();
      else setInHand({ index, x: piece.x, y: piece.y, grip: [0, 0], moved: false, byKeys: true });
    } else if (e.key === 'Escape') {
      if (!inHand) return;
      setInHand(null);
    } else if (e.key === 'h' || e.key === 'H') laying.hold(index);
    else if ((e.key === 't' || e.key === 'T') && bed.shape.kind !== 'disc') laying.turn(index);
    else if (e.key === 'Delete') laying.takeOff(index);
    else return;
    e.preventDefault();
    e.stopPropagation();
  };
  return (
    <g role="listbox" aria-label="Pieces, in cutting order" aria-orientation="horizontal">
      {pieces.map((piece, index) => {
        const held = inHand?.index === index ? inHand : null;
        const at: [number, number] = held ? [held.x, held.y] : [piece.x, piece.y];
        const [cx, cy] = toDrawing(frame, at);
        const clash = held !== null && !clear({ ...piece, x: held.x, y: held.y }, index);
        const lid = index < lids;
        return (
          <g
            key={index}
            ref={(el) => void (refs.current[index] = el)}
            role="option"
            tabIndex={index === Math.min(last, pieces.length - 1) ? 0 : -1}
            aria-selected={chosen === index}
            aria-label={`${index + 1}${lids > 0 ? (lid ? ', lid' : ', base') : ''}${piece.held ? ', held' : ''}, ${plain(piece.x / 10, 1)} from the left, ${plain(piece.y / 10, 1)} up${held?.byKeys ? ', in hand' : ''}`}
            className="piece"
            // on a phone a swipe over the sheet still moves the page: a piece is chosen first, then moved
            style={{ cursor: 'grab', touchAction: phone && chosen !== index ? 'auto' : 'none' }}
            onFocus={() => {
              setLast(index);
              laying.choose(index);
            }}
            onKeyDown={(e) => keys(e, index)}
            onPointerDown={(e) => {
              const point = onDrawing(e);
              if (!point) return;
              const [x, y] = toSheet(frame, point);
              e.currentTarget.setPointerCapture?.(e.pointerId);
              setInHand({
                index,
                x: piece.x,
                y: piece.y,
                grip: [x - piece.x, y - piece.y],
                moved: false,
                byKeys: false,
              });
            }}
            onPointerMove={(e) => {
              if (!held || held.byKeys) return;
              const point = onDrawing(e);
              if (!point) return;
              const [x, y] = toSheet(frame, point);
              const to = [x - held.grip[0], y - held.grip[1]] as const;
              const moved = held.moved || Math.hypot(to[0] - piece.x, to[1] - piece.y) * frame.px > 4;
              if (moved) setInHand({ ...held, x: to[0], y: to[1], moved });
            }}
            onPointerUp={drop}
            onPointerCancel={() => setInHand(null)}
          >
            <PieceShape
              frame={frame}
              shape={bed.shape}
              at={at}
              turn={piece.turn ?? 0}
              fill={lids > 0 && !lid ? 'var(--color-dough)' : 'var(--color-dough-thin)'}
              stroke={clash ? 'var(--color-rhubarb)' : 'var(--color-ink)'}
              strokeWidth={held || chosen === index ? 4 : 2.2}
              strokeDasharray={clash ? '8 5' : undefined}
            />
            <text x={cx} y={cy + 5} textAnchor="middle" className="q">
              {index + 1}
            </text>
            {piece.held && (
              <path d={`M${cx - 7} ${cy + 16}h14M${cx} ${cy + 10}v6`} stroke="var(--color-ink)" strokeWidth="2.5" />
            )}
          </g>
        );
      })}
    </g>
  );
}
