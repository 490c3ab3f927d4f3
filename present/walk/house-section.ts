import type { Floor } from '@/core/home/room';

/** The house as a section: which floors lie under the ground, and whether a roof is over them. */

export type SectionFloor = {
  readonly floor: Floor;
  readonly isBelow: boolean;
  /** The ground runs along its foot. */
  readonly isOnGround: boolean;
};

export type HouseSection = {
  /** From the top down. */
  readonly floors: readonly SectionFloor[];
  /** A flat has somebody else above. */
  readonly hasRoof: boolean;
};

const BELOW = /\b(below|cellar|basement|underground)\b/i;

/** From a home's floors, which are listed from the lowest up. */
export function houseSection(floors: readonly Floor[]): HouseSection {
  const below = floors.filter(isBelow);
  const ground = floors.find((floor) => !below.includes(floor));
  return {
    floors: [...floors].reverse().map((floor) => ({
      floor,
      isBelow: below.includes(floor),
      isOnGround: floor === ground && floors.length > 1,
    })),
    hasRoof: floors.length - below.length > 1 || floors.some(({ rooms }) => rooms.some(isUnderRoof)),
  };
}

function isBelow({ name, rooms }: Floor): boolean {
  return BELOW.test(name) || (rooms.length > 0 && rooms.every(({ kind }) => kind === 'cellar'));
}

function isUnderRoof({ kind }: Floor['rooms'][number]): boolean {
  return kind === 'loft';
}
