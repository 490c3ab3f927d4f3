'use client';
import dynamic from 'next/dynamic';
import { css } from '@/ui/theme/made/css';
import type { ChangeActions } from '../parts/change-actions';
import { UnfoldLater } from '../parts/unfold-later';
import { RoomsAtOnce } from './rooms-at-once';
import { useNewRooms } from './use-new-rooms';

const PasteList = dynamic(() => import('./paste-list').then((module) => module.PasteList));

type SeveralRoomsProps = {
  readonly actions: Pick<ChangeActions, 'change'>;
  /** Where they go; none while there is no floor yet. */
  readonly floor: { readonly id: string; readonly name: string } | undefined;
  readonly names: readonly string[];
};

/** Many rooms in a minute: pressed, or read from a list. */
export function SeveralRooms({ actions, floor, names }: SeveralRoomsProps) {
  const rooms = useNewRooms(actions, floor, names);
  return (
    <div className={css({ display: 'flex', flexDirection: 'column', gap: 2 })}>
      <RoomsAtOnce rooms={rooms} />
      <UnfoldLater title="Or paste a list">{() => <PasteList rooms={rooms} />}</UnfoldLater>
    </div>
  );
}
