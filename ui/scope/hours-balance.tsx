import { tenths } from '@/present/words/words';
import { css } from '@/ui/theme/made/css';

/** Hours needed against hours offered: the needed ones as ice, the offered ones as the water that could melt it. */
export function HoursBalance({ needed, offered }: { needed: number; offered: number | undefined }) {
  if (offered === undefined) return null;
  const most = Math.max(needed, offered, 1);
  const gap = offered - needed;
  return (
    <div className={css({ maxWidth: 720, mb: 2 })}>
      <div aria-hidden className={css({ position: 'relative', height: 22 })}>
        <Bar share={offered / most} height={22} color="var(--colors-water-soft)" />
        <Bar share={needed / most} height={12} color="var(--colors-water)" />
      </div>
      <div role="status" className={css({ mt: 0.5 })}>
        {tenths(needed)} needed, {tenths(offered)} offered until the finish line:{' '}
        <strong>{gap >= 0 ? `${tenths(gap)} to spare` : `${tenths(-gap)} too few`}</strong>.
      </div>
    </div>
  );
}

function Bar({ share, height, color }: { share: number; height: number; color: string }) {
  return (
    <div
      className={css({
        position: 'absolute',
        insetInlineStart: 0,
        borderRadius: '0 11px 11px 0',
        transition: 'width 200ms',
        '@media (prefers-reduced-motion: reduce)': { transition: 'none' },
      })}
      style={{
        top: `calc(50% - ${height / 2}px)`,
        height,
        width: `${share * 100}%`,
        backgroundColor: color,
      }}
    />
  );
}
