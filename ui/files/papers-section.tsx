import { PAPERS_LISTED } from '@/present/paper/papers';
import { css } from '@/ui/theme/made/css';
import { TextLink } from '../parts/text-link';

/** What can be printed. */
export function PapersSection() {
  return (
    <section aria-labelledby="on-paper">
      <h2 className={css({ textStyle: 'h2', m: 0 })} id="on-paper">
        On paper
      </h2>
      <p className={css({ textStyle: 'body', m: 0, color: 'quiet' })}>
        Each opens as it will be printed. A room’s card for its door is on the page of the room, another day’s
        on that day.
      </p>
      <ul className={css({ listStyle: 'none', m: 0, p: 0 })}>
        {PAPERS_LISTED.map(({ href, name, use }) => (
          <li
            key={href}
            className={css({ display: 'flex', flexWrap: 'wrap', columnGap: 1.5, alignItems: 'center' })}
          >
            <TextLink
              href={href}
              className={css({ display: 'inline-flex', alignItems: 'center', minHeight: 44 })}
            >
              {name}
            </TextLink>
            <span>{use}</span>
          </li>
        ))}
      </ul>
    </section>
  );
}
