import { TAGS, type Tag } from '@/core/catalogue/tags';
import type { Member } from '@/core/people/member';
import { duration, hours } from '@/present/words/words';
import { css } from '@/ui/theme/made/css';
import { BusyTimes } from './busy-times';
import { ChangeMember } from './change-member';
import { DifferingDays } from './differing-days';
import { HelperLink } from './helper-link';
import type { PeopleActions } from './people-actions';
import { WeekHours } from './week-hours';

/** Minutes of the plan that are theirs, of all. */
export type TakenOn = { readonly minutes: number; readonly all: number };

type MemberSectionProps = {
  readonly member: Member;
  readonly minutes: number;
  /** What of the plan is theirs; absent while there is none. */
  readonly share: TakenOn | undefined;
  readonly today: string;
  /** A link to this person's day is out. */
  readonly hasLink: boolean;
  /** The host of the calendar that is read again at a press. */
  readonly calendarAt: string | undefined;
  readonly actions: PeopleActions;
};

export function MemberSection(props: MemberSectionProps) {
  const { member, minutes, share, today, hasLink, calendarAt, actions } = props;
  const { id, name, hours: weekly, exceptions, busy } = member;
  return (
    <section aria-label={name} className={css({ borderTop: '2px solid var(--colors-ink)', pt: 1.5 })}>
      <div
        className={css({
          display: 'grid',
          gridTemplateColumns: { base: '1fr', sm: '1fr minmax(280px, 430px)' },
          gap: 2,
        })}
      >
        <div>
          <InShort member={member} minutes={minutes} />
          {share && share.all > 0 && <Takes share={share} />}
        </div>
        <WeekHours name={name} hours={weekly} />
      </div>
      <DifferingDays member={{ id, name, exceptions }} today={today} save={actions.saveExceptions} />
      <BusyTimes member={{ id, name, busy }} readFrom={calendarAt} />
      <HelperLink person={id} name={name} given={hasLink} actions={actions} />
      <ChangeMember member={member} actions={actions} />
    </section>
  );
}

/** Their part of the work that is planned. */
function Takes({ share: { minutes, all } }: { share: TakenOn }) {
  return (
    <div className={css({ mt: 1.5, maxWidth: 320 })}>
      <p className={css({ textStyle: 'body', m: 0 })}>
        {minutes === 0
          ? 'Nothing of the plan'
          : `Takes on ${hours(minutes)} of the ${hours(all)} that are planned`}
      </p>
      <div
        aria-hidden
        className={css({ height: 10, mt: 0.5, background: 'var(--frost)', clipPath: 'var(--cut)' })}
      >
        <div
          className={css({ height: '100%', bgcolor: 'var(--colors-water)', borderRadius: '0 5px 5px 0' })}
          style={{ width: `${(minutes / all) * 100}%` }}
        />
      </div>
    </div>
  );
}

function InShort({ member, minutes }: Pick<MemberSectionProps, 'member' | 'minutes'>) {
  const cannot = member.cannot.filter((tag): tag is Tag => Object.hasOwn(TAGS, tag)).map((tag) => TAGS[tag]);
  return (
    <div>
      <h2 className={css({ textStyle: 'h2', m: 0 })}>{member.name}</h2>
      <p className={css({ textStyle: 'body', m: 0, mt: 0.5 })}>
        {member.hours.length === 0
          ? 'No hours yet'
          : `${hours(minutes)} a week, at most ${duration(member.dailyCap)} a day`}
      </p>
      <p className={css({ textStyle: 'body', m: 0, color: 'quiet' })}>
        A break of {duration(member.breakLength)} after {duration(member.breakAfter)} at the latest
      </p>
      {cannot.length > 0 && (
        <p className={css({ textStyle: 'body', m: 0, color: 'quiet' })}>Never: {cannot.join(', ')}</p>
      )}
    </div>
  );
}
