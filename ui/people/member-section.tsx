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

type MemberSectionProps = {
  readonly member: Member;
  readonly minutes: number;
  readonly today: string;
  /** A link to this person's day is out. */
  readonly hasLink: boolean;
  /** The host of the calendar that is read again at a press. */
  readonly calendarAt: string | undefined;
  readonly actions: PeopleActions;
};

export function MemberSection({ member, minutes, today, hasLink, calendarAt, actions }: MemberSectionProps) {
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
        <InShort member={member} minutes={minutes} />
        <WeekHours name={name} hours={weekly} />
      </div>
      <DifferingDays member={{ id, name, exceptions }} today={today} save={actions.saveExceptions} />
      <BusyTimes member={{ id, name, busy }} readFrom={calendarAt} />
      <HelperLink person={id} name={name} given={hasLink} actions={actions} />
      <ChangeMember member={member} actions={actions} />
    </section>
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
