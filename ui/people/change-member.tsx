'use client';
import dynamic from 'next/dynamic';
import type { Member } from '@/core/people/member';
import { UnfoldLater } from '../parts/unfold-later';
import type { PeopleActions } from './people-actions';

const MemberForm = dynamic(() => import('./member-form').then((module) => module.MemberForm));

export function ChangeMember({ member, actions }: { member: Member; actions: PeopleActions }) {
  return (
    <UnfoldLater title={`Change ${member.name}’s hours and limits`}>
      {() => <MemberForm member={member} save={actions.saveMember} drop={actions.dropMember} />}
    </UnfoldLater>
  );
}
