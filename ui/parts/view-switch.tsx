import { css } from '@/ui/theme/made/css';
import { PageLink } from './page-link';

type View = { readonly href: string; readonly name: string };

/** Ways to look at the same thing, side by side. */
export function ViewSwitch({ label, views, here }: { label: string; views: readonly View[]; here: string }) {
  return (
    <nav aria-label={label} className={css({ display: 'flex', flexWrap: 'wrap', columnGap: 2.5, mb: 1.5 })}>
      {views.map(({ href, name }) => (
        <PageLink
          key={href}
          href={href}
          aria-current={href === here ? 'page' : undefined}
          className={css({
            display: 'inline-flex',
            alignItems: 'center',
            minHeight: 44,
            color: href === here ? 'ink' : 'quiet',
            textDecoration: 'none',
            fontWeight: href === here ? 650 : 450,
            borderBottom: '3px solid',
            borderBottomColor: href === here ? 'var(--colors-water)' : 'transparent',
          })}
        >
          {name}
        </PageLink>
      ))}
    </nav>
  );
}
