import { type PersonShare, sharesOf } from '@/core/plan/shares';
import type { Campaign } from '@/core/problem/campaign';
import { duration } from '@/present/words/words';
import { css } from '@/ui/theme/made/css';
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
    <section aria-labelledby="shares">
      <h2 id="shares" className={css({ textStyle: 'h2', m: 0, mb: 1 })}>
        Who does how much
      </h2>
      <p className={css({ textStyle: 'small', m: 0, color: 'quiet', mb: 1.5 })}>
        The bar is the share of the work, the mark the share of the time offered.
      </p>
      <ul className={css({ listStyle: 'none', p: 0, m: 0, display: 'grid', gap: 1.5, maxWidth: 760 })}>
        {shares.map((share) => (
          <Share key={share.person} share={share} all={all} name={names.get(share.person) ?? share.person} />
        ))}
      </ul>
    </section>
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
    <li className={css({ display: 'flex', flexWrap: 'wrap', columnGap: 2, alignItems: 'center' })}>
      <LinkButton
        href={`/week/${encodeURIComponent(share.person)}`}
        color="inherit"
        className={css({ width: 170, justifyContent: 'start', textAlign: 'start' })}
      >
        {name}’s week
      </LinkButton>
      <div className={css({ flex: '1 1 16rem' })}>
        <div>
          {duration(share.planned)} of work, {percent(planned)} of it all; offers {percent(offered)} of the
          time.
        </div>
        {share.disliked > 0 && (
          <div className={css({ color: 'quiet', fontSize: '0.92rem' })}>
            {duration(share.disliked)} of it {name} would rather leave to others: counted as it feels, that is{' '}
            {percent(part(share.felt, all.felt))} of it all.
          </div>
        )}
        <Bar planned={planned} offered={offered} />
      </div>
    </li>
  );
}

/** What is planned as water, and a mark at what was offered. */
function Bar({ planned, offered }: { planned: number; offered: number }) {
  return (
    <div
      aria-hidden
      className={css({ position: 'relative', height: 10, mt: 0.5, bgcolor: 'var(--colors-ice)' })}
    >
      <div
        className={css({
          position: 'absolute',
          inset: 0,
          bgcolor: 'var(--colors-water)',
        })}
        style={{ width: `${planned * 100}%` }}
      />
      <div
        className={css({
          position: 'absolute',
          top: -4,
          bottom: -4,
          borderInlineStart: '3px solid var(--colors-sun-ink)',
        })}
        style={{ left: `${offered * 100}%` }}
      />
    </div>
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
