/** What a probe read: dots of one path, so that thousands of them cost no more than a line. */
export const Readings = ({ d, size }: { d: string; size: number }) =>
  d ? (
    <g strokeLinecap="round" fill="none">
      <path d={d} stroke="#ffffff" strokeWidth={size + 4} />
      <path d={d} stroke="var(--color-lantern)" strokeWidth={size} />
    </g>
  ) : null;
