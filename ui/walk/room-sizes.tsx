'use client';
import Button from '@mui/material/Button';
import Stack from '@mui/material/Stack';
import { ROOM_SIZES, type RoomKind, roomSizes } from '@/core/home/room';

type RoomSizesProps = {
  readonly kind: RoomKind;
  readonly onChoose: (lengthM: number, widthM: number) => void;
};

/** Sizes for whoever does not measure. */
export function RoomSizes({ kind, onChoose }: RoomSizesProps) {
  return (
    <Stack direction="row" spacing={1} role="group" aria-label="Size, when nobody measures">
      {ROOM_SIZES.map((size) => (
        <Button key={size} variant="outlined" onClick={() => onChoose(...roomSizes(kind)[size])}>
          {size}
        </Button>
      ))}
    </Stack>
  );
}
