import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { CardRow, SuppliesScreen } from '@/present/supplies/supplies-model';
import { amountWords, spoonWords } from '@/present/supplies/supply-words';
import { count } from '@/present/words/words';

/** How each mixture is made in the bucket or the bottle that one has, and what is used as it is. */
export function MixingCards({ screen }: { screen: SuppliesScreen }) {
  const { units, cards, neat, cloths } = screen;
  return (
    <>
      <Box component="ul" aria-label="Mixtures" sx={MIXTURES}>
        {cards.map((card) => (
          <Card
            key={`${card.product} ${card.amount} ${card.waterMl} ${card.jobs[0]}`}
            card={card}
            units={units}
          />
        ))}
      </Box>
      {neat.length > 0 && <AsItIs neat={neat} />}
      {cloths.length > 0 && <Cloths cloths={cloths} />}
    </>
  );
}

const MIXTURES = {
  listStyle: 'none',
  p: 0,
  m: 0,
  display: 'grid',
  gridTemplateColumns: 'repeat(auto-fill, minmax(min(100%, 300px), 1fr))',
  columnGap: 4,
} as const;

function AsItIs({ neat }: Pick<SuppliesScreen, 'neat'>) {
  return (
    <Listed title="As it is">
      {neat.map(({ words, amount, jobs }) => (
        <li key={words}>
          <strong>{words}</strong>, {amount} in all: {jobs.join('; ')}.
        </li>
      ))}
    </Listed>
  );
}

function Cloths({ cloths }: Pick<SuppliesScreen, 'cloths'>) {
  return (
    <Listed title="Cloths by zone">
      {cloths.map(({ zone, count: number }) => (
        <li key={zone}>
          <strong>{zone}</strong>: {count(number, 'cloth', 'cloths')} over the whole clean. Zones share none,
          and every day’s cloths go to the wash.
        </li>
      ))}
    </Listed>
  );
}

function Card({ card, units }: { card: CardRow; units: SuppliesScreen['units'] }) {
  const { words, amount, unit, waterMl, vessel, spoons, fills, gloves, jobs } = card;
  return (
    <Box
      component="li"
      sx={{ borderTop: '3px solid var(--mui-palette-thaw-water)', pt: 1.25, pb: 2.5, breakInside: 'avoid' }}
    >
      <Typography component="h2" variant="h3">
        {words}
      </Typography>
      <Box sx={{ fontSize: '1.3rem', fontWeight: 620, mt: 0.5 }}>
        {amountWords(amount, unit, units)} in {amountWords(waterMl, 'ml', units)} of water
      </Box>
      <Box>
        about {spoonWords(spoons)}, in the {vessel};{' '}
        {fills === 1 ? 'one fill' : `${fills} fills, fresh water each time`}
        {gloves && '; gloves on'}
      </Box>
      <Box sx={{ color: 'text.secondary', fontSize: '0.92rem', mt: 0.5 }}>{jobs.join('; ')}</Box>
    </Box>
  );
}

function Listed({ title, children }: { title: string; children: React.ReactNode }) {
  return (
    <Box component="section" aria-label={title} sx={{ mt: 3 }}>
      <Typography variant="h2" sx={{ mb: 1 }}>
        {title}
      </Typography>
      <Box component="ul" sx={{ m: 0, pl: 2.5, display: 'grid', gap: 0.5, maxWidth: '70ch' }}>
        {children}
      </Box>
    </Box>
  );
}
