import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { TAGS, type Tag } from '@/core/catalogue/tags';
import type { Member } from '@/core/people/member';
import { duration, hours } from '@/present/words/words';
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
  readonly actions: PeopleActions;
};

export function MemberSection({ member, minutes, today, hasLink, actions }: MemberSectionProps) {
  const { id, name, hours: weekly, exceptions, busy } = member;
  return (
    <Box
      component="section"
      aria-label={name}
      sx={{ borderTop: '2px solid', borderColor: 'text.primary', pt: 1.5 }}
    >
      <Box
        sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', sm: '1fr minmax(280px, 430px)' }, gap: 2 }}
      >
        <InShort member={member} minutes={minutes} />
        <WeekHours name={name} hours={weekly} />
      </Box>
      <DifferingDays member={{ id, name, exceptions }} today={today} save={actions.saveExceptions} />
      <BusyTimes member={{ id, name, busy }} />
      <HelperLink person={id} name={name} given={hasLink} actions={actions} />
      <ChangeMember member={member} actions={actions} />
    </Box>
  );
}

function InShort({ member, minutes }: Pick<MemberSectionProps, 'member' | 'minutes'>) {
  const cannot = member.cannot.filter((tag): tag is Tag => Object.hasOwn(TAGS, tag)).map((tag) => TAGS[tag]);
  return (
    <Box>
      <Typography variant="h2">{member.name}</Typography>
      <Typography sx={{ mt: 0.5 }}>
        {member.hours.length === 0
          ? 'No hours yet'
          : `${hours(minutes)} a week, at most ${duration(member.dailyCap)} a day`}
      </Typography>
      <Typography sx={{ color: 'text.secondary' }}>
        A break of {duration(member.breakLength)} after {duration(member.breakAfter)} at the latest
      </Typography>
      {cannot.length > 0 && (
        <Typography sx={{ color: 'text.secondary' }}>Never: {cannot.join(', ')}</Typography>
      )}
    </Box>
  );
}
