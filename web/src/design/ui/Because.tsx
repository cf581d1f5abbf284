import type { ReactNode } from 'react';

/** The one word that means "here is the reason". */
export const Because = ({ children }: { children: ReactNode }) => (
  <span className="because">
    <i className="because-word">because</i> {children}
  </span>
);
