import Box from '@mui/material/Box';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import type { Current } from '@/core/clean/campaign';
import { type Progress, progressByRoom } from '@/core/clean/progress';
import { handsRange } from '@/core/clean/tasks';
import type { Floor, Room } from '@/core/home/room';
import type { ActionResult } from '../forms/result';
import { PageHead } from '../parts/page-head';
import { count, hours } from '../parts/words';
import { AddFloor } from './add-floor';
import { AddRoom } from './add-room';
import { RoomCell } from './room-cell';

export type WalkActions = {
  readonly addFloor: (input: unknown) => Promise<ActionResult>;
  readonly addRoom: (input: unknown) => Promise<ActionResult>;
};

/** The house as a section: floors from the top down, rooms as wide as they are large, each thawing as it gets done. */
export function WalkPage({ state, actions }: { state: Current; actions: WalkActions }) {
  const { household, tasks, campaign } = state;
  const floors = [...household.home.floors].reverse();
  const rooms = floors.flatMap((floor) => floor.rooms);
  const progress = campaign ? progressByRoom(campaign.problem) : new Map<string, Progress>();
  const total = handsRange(tasks);
  return (
    <>
      <PageHead title="The walk">
        {rooms.length === 0
          ? 'Start with the room you dread most, or the one you are standing in. A quarter of an hour of listing saves hours.'
          : `${count(rooms.length, 'room', 'rooms')}, ${count(tasks.length, 'job', 'jobs')}, ${hours(total.minutes)} of hands-on work. Open a room to go round it.`}
      </PageHead>
      <Stack spacing={0} sx={{ maxWidth: 1180 }}>
        {floors.map((floor) => (
          <FloorRow
            key={floor.id}
            floor={floor}
            progress={progress}
            addRoom={actions.addRoom}
            minutes={(room) => handsRange(tasks.filter((task) => task.room.id === room.id)).minutes}
          />
        ))}
      </Stack>
      <Box sx={{ mt: 3 }}>
        <AddFloor action={actions.addFloor} first={floors.length === 0} />
      </Box>
    </>
  );
}

type FloorRowProps = {
  readonly floor: Floor;
  readonly progress: ReadonlyMap<string, Progress>;
  readonly minutes: (room: Room) => number;
  readonly addRoom: WalkActions['addRoom'];
};

function FloorRow({ floor, progress, minutes, addRoom }: FloorRowProps) {
  return (
    <Box
      component="section"
      aria-label={floor.name}
      sx={{ borderTop: '2px solid', borderColor: 'text.primary', py: 1 }}
    >
      <Typography variant="h3" component="h2" sx={{ mb: 0.75 }}>
        {floor.name}
      </Typography>
      <Box component="ul" sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, m: 0, p: 0, listStyle: 'none' }}>
        {floor.rooms.map((room) => (
          <Box
            component="li"
            key={room.id}
            sx={{
              flex: `${Math.max(4, room.lengthM * room.widthM)} 1 ${room.lengthM * room.widthM < 5 ? 120 : 150}px`,
              minWidth: 0,
              display: 'flex',
            }}
          >
            <RoomCell
              href={`/walk/${encodeURIComponent(room.id)}`}
              name={room.name}
              minutes={minutes(room)}
              progress={progress.get(room.id) ?? { total: 0, done: 0 }}
            />
          </Box>
        ))}
        <Box component="li" sx={{ flex: '0 0 auto', display: 'flex' }}>
          <AddRoom floorId={floor.id} floorName={floor.name} action={addRoom} />
        </Box>
      </Box>
    </Box>
  );
}
