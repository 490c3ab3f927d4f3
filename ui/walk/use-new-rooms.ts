'use client';
import type { RoomToAdd } from '@/core/household/room-changes';
import type { ChangeActions } from '../parts/change-actions';
import { newId } from '../state/new-id';
import { useCommand } from '../state/use-command';

export type NewRooms = {
  /** Of the rooms that there are. */
  readonly names: readonly string[];
  readonly add: (rooms: readonly RoomToAdd[], onKept: () => void) => void;
  readonly pending: boolean;
  readonly fault: string | undefined;
};

const FIRST_FLOOR = 'Ground floor';

/** Adds several rooms with one press: to the floor that is meant, or to the first one of the house. */
export function useNewRooms(
  actions: Pick<ChangeActions, 'change'>,
  floor: { readonly id: string; readonly name: string } | undefined,
  names: readonly string[],
): NewRooms {
  const { send, pending, fault } = useCommand();
  return {
    names,
    pending,
    fault,
    add: (rooms, onKept) =>
      send(
        actions.change,
        { do: 'add-rooms', floor: floor ?? { id: newId(), name: FIRST_FLOOR }, rooms },
        { onKept },
      ),
  };
}
