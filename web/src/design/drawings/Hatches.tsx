/** Fills shared by all drawings: each material has its own hatch, so that it is told apart without colour. */
export const Hatches = () => (
  <svg width="0" height="0" style={{ position: 'absolute' }} aria-hidden="true">
    <defs>
      <pattern id="fill-dough" width="9" height="9" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
        <rect width="9" height="9" fill="var(--color-dough)" />
        <line x1="0" y1="0" x2="0" y2="9" stroke="var(--color-dough-deep)" strokeWidth="1.2" />
      </pattern>
      <pattern id="fill-crust" width="8" height="8" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
        <rect width="8" height="8" fill="var(--color-crust-wash)" />
        <line x1="0" y1="0" x2="0" y2="8" stroke="var(--color-crust)" strokeWidth="1.2" />
      </pattern>
      <pattern id="fill-filling" width="14" height="10" patternUnits="userSpaceOnUse">
        <rect width="14" height="10" fill="var(--color-filling-wash)" />
        <path
          d="M0 6c2-4 5-4 7 0M7 11c2-4 5-4 7 0M7 1c2-4 5-4 7 0"
          fill="none"
          stroke="var(--color-filling)"
          strokeWidth="1.1"
        />
      </pattern>
      <pattern id="fill-metal" width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
        <rect width="7" height="7" fill="var(--color-slab)" />
        <line x1="0" y1="0" x2="0" y2="7" stroke="var(--color-hair)" strokeWidth="1.4" />
      </pattern>
    </defs>
  </svg>
);
