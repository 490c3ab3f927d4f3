import { fixturesOf, type Room } from '@/core/home/room';
import { fixtureName } from '@/present/walk/fixture-name';
import { css } from '@/ui/theme/made/css';
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
    <section aria-labelledby="to-mend" className={css({ maxWidth: 720 })}>
      <h2 className={css({ textStyle: 'h3', m: 0 })} id="to-mend">
        To mend
      </h2>
      <ul className={css({ m: 0, pl: 2.5 })}>
        {found.map(({ room, fixture }) => (
          <li key={fixture.id}>
            {fixtureName(fixture)},{' '}
            <TextLink href={`/walk/${encodeURIComponent(room.id)}`}>{room.name}</TextLink>: {fixture.mend}
          </li>
        ))}
      </ul>
    </section>
  );
}
