import type { Sign } from '@crustallum/core/contracts/products';

const paths: Record<Sign, string> = {
  lantern: 'M8 8h8l3 13H5L8 8zm1-1c0-4 6-4 6 0M9.500 12v6M12 12v6M14.500 12v6',
  dish: 'M2 12c0-5 20-5 20 0s-20 5-20 0zm5 0c1.500-2 3-2 4.500 0s3 2 4.500 0',
  pot: 'M4 10h16l-2 11H6L4 10zm-1 0c2-6 16-6 18 0',
  coil: 'M12 12c0-2 3-2 3 1s-6 4-7-1 6-8 10-4 2 12-5 12S3 15 5 9',
  tray: 'M3 8h18v9H3zM3 11h18M8 8v9M16 8v9',
  moon: 'M3 17c0-13 18-13 18 0zM6 17c0-2 2-2 2 0M11 17c0-2 2-2 2 0M16 17c0-2 2-2 2 0',
};

/** The sign an item carries wherever it appears. */
export const ItemSign = ({
  sign,
  size = 24,
  colour = 'currentColor',
}: {
  sign: Sign;
  size?: number;
  colour?: string;
}) => (
  <svg width={size} height={size} viewBox="0 0 24 24" aria-hidden="true" style={{ flex: 'none' }}>
    <path d={paths[sign]} fill="none" stroke={colour} strokeWidth="1.9" strokeLinejoin="round" strokeLinecap="round" />
  </svg>
);
