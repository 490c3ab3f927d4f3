import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { type PersonShare, sharesOf } from '@/core/plan/shares';
import type { Campaign } from '@/core/problem/campaign';
import { duration } from '@/present/words/words';
import { LinkButton } from '../parts/link-button';

type SharesProps = {
  readonly campaign: Campaign;
  readonly people: readonly { readonly id: string; readonly name: string }[];
};

/** The share of the time that each offers, and of the work that each has: as it is, nobody is scolded. */
export function Shares({ campaign: { problem, plans }, people }: SharesProps) {
  if (!plans || people.length === 0) return null;
  const shares = sharesOf(problem, plans.latest.plan);
  const all = {
    offered: sum(shares.map((share) => share.offered)),
    planned: sum(shares.map((share) => share.planned)),
    felt: sum(shares.map((share) => share.felt)),
  };
  const names = new Map(people.map(({ id, name }) => [id, name]));
  return (
    <Box component="section" aria-labelledby="shares">
      <Typography variant="h2" id="shares" sx={{ mb: 1 }}>
        Who does how much
      </Typography>
      <Typography variant="body2" sx={{ color: 'text.secondary', mb: 1.5 }}>
        The bar is the share of the work, the mark the share of the time offered.
      </Typography>
      <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0, display: 'grid', gap: 1.5, maxWidth: 760 }}>
        {shares.map((share) => (
          <Share key={share.person} share={share} all={all} name={names.get(share.person) ?? share.person} />
        ))}
      </Box>
    </Box>
  );
}

type ShareProps = {
  readonly share: PersonShare;
  readonly all: Pick<PersonShare, 'offered' | 'planned' | 'felt'>;
  readonly name: string;
};

function Share({ share, all, name }: ShareProps) {
  const [offered, planned] = [part(share.offered, all.offered), part(share.planned, all.planned)];
  return (
    <Box component="li" sx={{ display: 'flex', flexWrap: 'wrap', columnGap: 2, alignItems: 'center' }}>
      <LinkButton
        href={`/week/${encodeURIComponent(share.person)}`}
        color="inherit"
        sx={{ width: 170, justifyContent: 'start', textAlign: 'start' }}
      >
        {name}’s week
      </LinkButton>
      <Box sx={{ flex: '1 1 16rem' }}>
        <Box>
          {duration(share.planned)} of work, {percent(planned)} of it all; offers {percent(offered)} of the
          time.
        </Box>
        {share.disliked > 0 && (
          <Box sx={{ color: 'text.secondary', fontSize: '0.92rem' }}>
            {duration(share.disliked)} of it {name} would rather leave to others: counted as it feels, that is{' '}
            {percent(part(share.felt, all.felt))} of it all.
          </Box>
        )}
        <Bar planned={planned} offered={offered} />
      </Box>
    </Box>
  );
}

/** What is planned as water, and a mark at what was offered. */
function Bar({ planned, offered }: { planned: number; offered: number }) {
  return (
    <Box
      aria-hidden
      sx={{ position: 'relative', height: 10, mt: 0.5, bgcolor: 'var(--mui-palette-thaw-ice)' }}
    >
      <Box
        sx={{
          position: 'absolute',
          inset: 0,
          width: `${planned * 100}%`,
          bgcolor: 'var(--mui-palette-thaw-water)',
        }}
      />
      <Box
        sx={{
          position: 'absolute',
          top: -4,
          bottom: -4,
          left: `${offered * 100}%`,
          borderInlineStart: '3px solid var(--mui-palette-thaw-sunInk)',
        }}
      />
    </Box>
  );
}

function sum(numbers: readonly number[]): number {
  return numbers.reduce((a, b) => a + b, 0);
}

function part(some: number, all: number): number {
  return all === 0 ? 0 : some / all;
}

function percent(share: number): string {
  return `${Math.round(share * 100)} %`.replace(' ', '\u202f');
}
