import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { PAPERS_LISTED } from '@/present/paper/papers';
import { TextLink } from '../parts/text-link';

/** What can be printed. */
export function PapersSection() {
  return (
    <section aria-labelledby="on-paper">
      <Typography variant="h2" id="on-paper">
        On paper
      </Typography>
      <Typography sx={{ color: 'text.secondary' }}>
        Each opens as it will be printed. A room’s card for its door is on the page of the room, another day’s
        on that day.
      </Typography>
      <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
        {PAPERS_LISTED.map(({ href, name, use }) => (
          <Box
            component="li"
            key={href}
            sx={{ display: 'flex', flexWrap: 'wrap', columnGap: 1.5, alignItems: 'center' }}
          >
            <TextLink href={href} sx={{ display: 'inline-flex', alignItems: 'center', minHeight: 44 }}>
              {name}
            </TextLink>
            <span>{use}</span>
          </Box>
        ))}
      </Box>
    </section>
  );
}
