import type { CutShape, Turn } from '@crustallum/core/cutting/shape';
import type { SVGProps } from 'react';
import { drawnCorners, toDrawing, type Frame } from './frame';

/** One piece to scale: a circle, or its corners. */
export function PieceShape({
  frame,
  shape,
  at,
  turn = 0,
  ...rest
}: { frame: Frame; shape: CutShape; at: readonly [number, number]; turn?: Turn } & Omit<
  SVGProps<SVGCircleElement & SVGPolygonElement>,
  'ref' | 'points'
>) {
  const [cx, cy] = toDrawing(frame, at);
  if (shape.kind === 'disc') return <circle cx={cx} cy={cy} r={(shape.d * frame.px) / 2} {...rest} />;
  return (
    <polygon
      points={drawnCorners(frame, shape, at, turn)
        .map(([x, y]) => `${x.toFixed(1)},${y.toFixed(1)}`)
        .join(' ')}
      strokeLinejoin="round"
      {...rest}
    />
  );
}
