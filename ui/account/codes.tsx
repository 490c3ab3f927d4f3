import { css } from '@/ui/theme/made/css';

/** Codes as they are written down or printed. */
export function Codes({ codes }: { codes: readonly string[] }) {
  return (
    <ul
      aria-label="Your codes"
      className={css({
        listStyle: 'none',
        m: 0,
        p: 2,
        display: 'grid',
        gridTemplateColumns: 'repeat(auto-fill, minmax(150px, 1fr))',
        gap: 1,
        background: 'var(--frost)',
        clipPath: 'var(--cut)',
        fontFamily: 'ui-monospace, monospace',
      })}
    >
      {codes.map((code) => (
        <li key={code}>{code}</li>
      ))}
    </ul>
  );
}
