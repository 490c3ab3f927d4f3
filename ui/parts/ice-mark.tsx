/** The mark: a pane of ice whose corner has begun to run. */
export function IceMark({ size = 32 }: { size?: number }) {
  return (
    <svg width={size} height={size} viewBox="0 0 32 32" aria-hidden="true">
      <path
        d="M4 7 L9 3 H27 V19 C27 25 22 29 16 29 H8 L4 25 Z"
        fill="var(--colors-ice)"
        stroke="var(--colors-ice-edge)"
        strokeWidth="1.5"
      />
      <path d="M27 12 V19 C27 25 22 29 16 29 H13 C21 27 25 21 27 12 Z" fill="var(--colors-sun)" />
      <path
        d="M9 3 L16 15 L4 18 M16 15 L24 10"
        fill="none"
        stroke="var(--colors-ice-edge)"
        strokeWidth="1.2"
      />
    </svg>
  );
}
