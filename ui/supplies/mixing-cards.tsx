import type { CardRow, SuppliesScreen } from '@/present/supplies/supplies-model';
import { amountWords, spoonWords } from '@/present/supplies/supply-words';
import { count } from '@/present/words/words';
import { css } from '@/ui/theme/made/css';
import { PourDrawing } from '../parts/pour-drawing';

/** How each mixture is made in the bucket or the bottle that one has, and what is used as it is. */
export function MixingCards({ screen }: { screen: SuppliesScreen }) {
  const { units, cards, neat, cloths } = screen;
  return (
    <>
      <ul aria-label="Mixtures" className={css(MIXTURES)}>
        {cards.map((card) => (
          <Card
            key={`${card.product} ${card.amount} ${card.waterMl} ${card.jobs[0]}`}
            card={card}
            units={units}
          />
        ))}
      </ul>
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
  const { words, pour, amount, unit, waterMl, vessel, spoons, fills, gloves, jobs } = card;
  return (
    <li
      className={css({ borderTop: '3px solid var(--colors-water)', pt: 1.25, pb: 2.5, breakInside: 'avoid' })}
    >
      <h2 className={css({ textStyle: 'h3', m: 0 })}>{words}</h2>
      <div className={css({ fontSize: '1.3rem', fontWeight: 620, mt: 0.5 })}>
        {amountWords(amount, unit, units)} in {amountWords(waterMl, 'ml', units)} of water
      </div>
      <div className={css({ my: 1 })}>
        <PourDrawing pour={pour} />
      </div>
      <div>
        about {spoonWords(spoons)}, in the {vessel};{' '}
        {fills === 1 ? 'one fill' : `${fills} fills, fresh water each time`}
        {gloves && '; gloves on'}
      </div>
      <div className={css({ color: 'quiet', fontSize: '0.92rem', mt: 0.5 })}>{jobs.join('; ')}</div>
    </li>
  );
}

function Listed({ title, children }: { title: string; children: React.ReactNode }) {
  return (
    <section aria-label={title} className={css({ mt: 3 })}>
      <h2 className={css({ textStyle: 'h2', m: 0, mb: 1 })}>{title}</h2>
      <ul className={css({ m: 0, pl: 2.5, display: 'grid', gap: 0.5, maxWidth: '70ch' })}>{children}</ul>
    </section>
  );
}
