import { dragGrips, elementUnder } from '../parts/drag-grips';

export type RoomDrop = { readonly room: string; readonly over: string };

/** Lets a room be dragged along its list by pointer or finger, until the answer is called. */
export function dragRooms(list: HTMLElement, onDrop: (drop: RoomDrop) => void): () => void {
  return dragGrips<RoomDrop>(
    list,
    {
      grips: '[data-grip]',
      byTouch: true,
      dropOf: (grip, at) => {
        const room = grip.closest<HTMLElement>('[data-room]')?.dataset.room;
        const over = elementUnder(at, '[data-room]')?.dataset.room;
        return room !== undefined && over !== undefined && room !== over ? { room, over } : undefined;
      },
    },
    onDrop,
  );
}
