import Box from '@mui/material/Box';
import type { Assumption } from '@/present/spread/assumptions';
import { count } from '@/present/words/words';
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
      <Box component="ul" sx={{ m: 0, pl: 2.5, maxWidth: '72ch' }}>
        {assumptions.map(({ key, words, links }) => (
          <Box component="li" key={key} sx={{ mb: 1 }}>
            {words}{' '}
            <Box component="span" sx={{ display: 'inline-flex', flexWrap: 'wrap', columnGap: 1.5 }}>
              {links.map((link) => (
                <TextLink key={`${link.href} ${link.words}`} href={link.href}>
                  {link.words}
                </TextLink>
              ))}
            </Box>
          </Box>
        ))}
      </Box>
    </Unfold>
  );
}
