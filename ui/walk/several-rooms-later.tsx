'use client';
import dynamic from 'next/dynamic';
import { type ComponentProps, useState } from 'react';
import type { Floor } from '@/core/home/room';
import { css } from '@/ui/theme/made/css';
import { NativeSelect } from '../parts/native-select';
import { UnfoldLater } from '../parts/unfold-later';

const SeveralRooms = dynamic(() => import('./several-rooms').then((module) => module.SeveralRooms));

/** For a house that has no rooms yet: at once, and fetched only there. */
export function SeveralRoomsNow(props: ComponentProps<typeof SeveralRooms>) {
  return <SeveralRooms {...props} />;
}

type SeveralRoomsLaterProps = Pick<ComponentProps<typeof SeveralRooms>, 'actions' | 'names'> & {
  readonly floors: readonly Pick<Floor, 'id' | 'name'>[];
};

/** The same for a house that has rooms: to the floor that is chosen. */
export function SeveralRoomsLater({ floors, ...rest }: SeveralRoomsLaterProps) {
  const [chosen, setChosen] = useState(floors[0]?.id ?? '');
  const floor = floors.find(({ id }) => id === chosen) ?? floors[0];
  return (
    <UnfoldLater title="Several rooms at once, or a list">
      {() => (
        <>
          {floors.length > 1 && (
            <NativeSelect
              size="small"
              label="On which floor"
              value={floor?.id ?? ''}
              onChange={setChosen}
              options={floors.map(({ id, name }) => [id, name] as const)}
              className={css({ mb: 2, minWidth: 200 })}
            />
          )}
          <SeveralRooms {...rest} floor={floor} />
        </>
      )}
    </UnfoldLater>
  );
}
