import type { KitScreen } from '@/present/supplies/supplies-model';
import { clock } from '@/present/words/words';
import { css } from '@/ui/theme/made/css';
import { Unfold } from '../parts/unfold';

/** What is carried into the room before each session, so that nobody has to leave it. */
export function Kits({ kits }: { kits: readonly KitScreen[] }) {
  return kits.map((kit) => (
    <Unfold
      key={`${kit.who} ${kit.from}`}
      title={`Carry in: the kit for ${kit.who}, ${clock(kit.from)} to ${clock(kit.to)}`}
    >
      <div className={css({ display: 'grid', gap: 1.5, gridTemplateColumns: { sm: '1fr 1fr' } })}>
        <Part title="Mixed" lines={kit.mixes} />
        <Part title="Cloths" lines={kit.cloths} />
        <Part title="To wear and use up" lines={kit.things} />
        <Part title="Tools" lines={kit.tools} />
      </div>
    </Unfold>
  ));
}

function Part({ title, lines }: { title: string; lines: readonly string[] }) {
  if (lines.length === 0) return null;
  return (
    <div>
      <h2 className={css({ textStyle: 'h3', m: 0 })}>{title}</h2>
      <ul className={css({ m: 0, pl: 2.5 })}>
        {lines.map((line) => (
          <li key={line}>{line}</li>
        ))}
      </ul>
    </div>
  );
}
