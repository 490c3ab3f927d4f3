'use client';
import type { OrderScreen } from '@/present/order/order-model';
import type { RoomsInOrderScreen } from '@/present/order/rooms-in-order';
import type { ChangeActions, EditWords } from '../parts/change-actions';
import { ChangeBar } from '../parts/change-bar';
import { useChanges } from '../parts/use-changes';
import { RoomsInOrder } from './rooms-in-order';
import { RuleList } from './rule-list';

type OrderDeskProps = Pick<OrderScreen, 'rules' | 'methods'> & {
  readonly rooms: RoomsInOrderScreen;
  readonly edits: EditWords;
  readonly actions: ChangeActions;
};

/** What can be said about the order: of the rooms, and of the work in them. */
export function OrderDesk({ rooms, rules, methods, edits, actions }: OrderDeskProps) {
  const changes = useChanges(actions);
  return (
    <>
      <ChangeBar label="Order" edits={edits} changes={changes} />
      {rooms.rows.length > 0 && <RoomsInOrder screen={rooms} changes={changes} />}
      <RuleList rules={rules} methods={methods} changes={changes} />
    </>
  );
}
