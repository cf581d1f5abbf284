import type { ButtonHTMLAttributes } from 'react';

/** The crimp an ink press carries, because pressing it crimps the rim. */
export const CrimpSign = () => (
  <svg width="50" height="14" viewBox="0 0 50 14" aria-hidden="true">
    <path
      d="M2 10c3-8 7-8 9.500-2s6.500 6 9.500 0 6.500-6 9.500 0 6.500 6 9.500 0 5-5 8-1"
      fill="none"
      stroke="currentColor"
      strokeWidth="2.4"
      strokeLinecap="round"
    />
  </svg>
);

interface Props extends ButtonHTMLAttributes<HTMLButtonElement> {
  quiet?: boolean;
  crimp?: boolean;
}

export const Press = ({ quiet, crimp, className = '', children, ...rest }: Props) => (
  <button type="button" className={`press ${quiet ? 'quiet' : ''} ${className}`} {...rest}>
    <span>{children}</span>
    {crimp && <CrimpSign />}
  </button>
);
