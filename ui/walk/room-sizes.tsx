'use client';
import { ROOM_SIZES, type RoomKind, roomSizes } from '@/core/home/room';
import { css } from '@/ui/theme/made/css';
import { Button } from '../parts/button';

type RoomSizesProps = {
  readonly kind: RoomKind;
  readonly onChoose: (lengthM: number, widthM: number) => void;
};

/** Sizes for whoever does not measure. */
export function RoomSizes({ kind, onChoose }: RoomSizesProps) {
  return (
    <div
      className={css({ display: 'flex', flexDirection: 'row', gap: 1 })}
      role="group"
      aria-label="Size, when nobody measures"
    >
      {ROOM_SIZES.map((size) => (
        <Button key={size} variant="outlined" onClick={() => onChoose(...roomSizes(kind)[size])}>
          {size}
        </Button>
      ))}
    </div>
  );
}
