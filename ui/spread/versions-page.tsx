import type { KeptPlan } from '@/core/plan/kept-plan';
import { changesBetween } from '@/core/plan/plan-changes';
import { changedWords, type Names, type Steered } from '@/present/spread/steer-words';
import { clock, count, duration, longDate, shortDate } from '@/present/words/words';
import { css } from '@/ui/theme/made/css';
import { LinkButton } from '../parts/link-button';
import { PageHead } from '../parts/page-head';
import { Unfold } from '../parts/unfold';
import type { CommandAction } from '../state/command';
import { GoBackButton } from './go-back-button';

type VersionsPageProps = {
  readonly plans: readonly KeptPlan[];
  readonly names: Names;
  /** The date before which no plan of this work can end; undefined where nothing is planned. */
  readonly soonest: string | undefined;
  readonly goBack: CommandAction<Steered>;
};

/** Every plan that was kept, the latest first, each against the one in force. */
export function VersionsPage({ plans, names, soonest, goBack }: VersionsPageProps) {
  const [latest, ...earlier] = plans.toReversed();
  return (
    <>
      <PageHead
        title="Plans so far"
        actions={
          <LinkButton href="/spread" variant="outlined">
            The house by day
          </LinkButton>
        }
      >
        {latest
          ? `Plan ${latest.version} is in force. Going back to an earlier one keeps what has been done since.`
          : 'No plan has been made yet.'}
      </PageHead>
      {latest && <Figures kept={latest} title={`Plan ${latest.version}, in force`} />}
      {latest && soonest && (
        <div className={css({ color: 'quiet' })}>
          Whatever the order, this work can’t all be done before {longDate(soonest)}.
        </div>
      )}
      {latest &&
        earlier.map((kept) => (
          <section key={kept.version} aria-label={`Plan ${kept.version}`} className={css({ mt: 3 })}>
            <Figures kept={kept} title={`Plan ${kept.version}`} />
            <Differences kept={kept} latest={latest} names={names} />
            <GoBackButton version={kept.version} goBack={goBack} />
          </section>
        ))}
    </>
  );
}

function Figures({ kept: { madeAt, plan }, title }: { kept: KeptPlan; title: string }) {
  const { finish, openRoomNights, idle, unplaced } = plan.metrics;
  const left = unplaced.must + unplaced.should + unplaced.could;
  const parts = [
    finish ? `Done on ${longDate(finish.slice(0, 10))}` : 'Nothing planned',
    count(plan.sessions.length, 'session', 'sessions'),
    `${count(openRoomNights, 'night', 'nights')} with a room open`,
    `${duration(idle)} of waiting with nothing to do`,
    ...(left > 0 ? [`${duration(left)} of work without a place`] : []),
  ];
  return (
    <div>
      <h2 className={css({ textStyle: 'h3', m: 0 })}>{title}</h2>
      <div className={css({ color: 'quiet' })}>
        Made on {shortDate(madeAt.slice(0, 10))} at {clock(madeAt)}
      </div>
      <div>{parts.join(' · ')}</div>
    </div>
  );
}

function Differences({ kept, latest, names }: { kept: KeptPlan; latest: KeptPlan; names: Names }) {
  const changes = changesBetween(kept.plan, latest.plan);
  if (changes.length === 0) return <div>The same as the plan in force.</div>;
  const { moved } = changedWords(changes, latest.plan, names);
  return (
    <Unfold slim title={`${count(changes.length, 'job lies', 'jobs lie')} elsewhere in the plan in force`}>
      <ul className={css({ m: 0, pl: 2.5 })}>
        {moved.map((line) => (
          <li key={line}>{line}</li>
        ))}
      </ul>
    </Unfold>
  );
}
