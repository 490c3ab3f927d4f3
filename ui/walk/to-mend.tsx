import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { fixturesOf, type Room } from '@/core/home/room';
import { fixtureName } from '@/present/walk/fixture-words';
import { TextLink } from '../parts/text-link';

/** What was found broken or worn on the walk. */
export function ToMend({ rooms }: { rooms: readonly Room[] }) {
  const found = rooms.flatMap((room) =>
    fixturesOf(room)
      .filter((fixture) => fixture.mend !== undefined)
      .map((fixture) => ({ room, fixture })),
  );
  if (found.length === 0) return null;
  return (
    <Box component="section" aria-labelledby="to-mend" sx={{ maxWidth: 720 }}>
      <Typography id="to-mend" variant="h3" component="h2">
        To mend
      </Typography>
      <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
        {found.map(({ room, fixture }) => (
          <li key={fixture.id}>
            {fixtureName(fixture)},{' '}
            <TextLink href={`/walk/${encodeURIComponent(room.id)}`}>{room.name}</TextLink>: {fixture.mend}
          </li>
        ))}
      </Box>
    </Box>
  );
}
