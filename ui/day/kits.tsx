import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { KitScreen } from '@/present/supplies/supplies-model';
import { clock } from '@/present/words/words';
import { Unfold } from '../parts/unfold';

/** What is carried into the room before each session, so that nobody has to leave it. */
export function Kits({ kits }: { kits: readonly KitScreen[] }) {
  return kits.map((kit) => (
    <Unfold
      key={`${kit.who} ${kit.from}`}
      title={`Carry in: the kit for ${kit.who}, ${clock(kit.from)} to ${clock(kit.to)}`}
    >
      <Box sx={{ display: 'grid', gap: 1.5, gridTemplateColumns: { sm: '1fr 1fr' } }}>
        <Part title="Mixed" lines={kit.mixes} />
        <Part title="Cloths" lines={kit.cloths} />
        <Part title="To wear and use up" lines={kit.things} />
        <Part title="Tools" lines={kit.tools} />
      </Box>
    </Unfold>
  ));
}

function Part({ title, lines }: { title: string; lines: readonly string[] }) {
  if (lines.length === 0) return null;
  return (
    <div>
      <Typography component="h2" variant="h3">
        {title}
      </Typography>
      <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
        {lines.map((line) => (
          <li key={line}>{line}</li>
        ))}
      </Box>
    </div>
  );
}
