import type { Assumption } from '@/present/spread/assumptions';
import { count } from '@/present/words/words';
import { css } from '@/ui/theme/made/css';
import { TextLink } from '../parts/text-link';
import { Unfold } from '../parts/unfold';

/** What nobody has said yet and the plan takes for granted, each a press from being put right. */
export function Assumed({ assumptions }: { assumptions: readonly Assumption[] }) {
  if (assumptions.length === 0) return null;
  return (
    <Unfold
      title={`What is assumed: ${count(assumptions.length, 'thing', 'things')} nobody has said yet`}
      slim
    >
      <ul className={css({ m: 0, pl: 2.5, maxWidth: '72ch' })}>
        {assumptions.map(({ key, words, links }) => (
          <li key={key} className={css({ mb: 1 })}>
            {words}{' '}
            <span className={css({ display: 'inline-flex', flexWrap: 'wrap', columnGap: 1.5 })}>
              {links.map((link) => (
                <TextLink key={`${link.href} ${link.words}`} href={link.href}>
                  {link.words}
                </TextLink>
              ))}
            </span>
          </li>
        ))}
      </ul>
    </Unfold>
  );
}
