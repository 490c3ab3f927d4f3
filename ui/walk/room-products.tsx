'use client';
import type { ProductSchool } from '@/core/catalogue/work-kinds';
import type { Mark } from '@/core/clean/marks';
import { SCHOOL_WORDS } from '@/present/scope/school-words';
import { css } from '@/ui/theme/made/css';
import type { ChangeActions } from '../parts/change-actions';
import { NativeSelect } from '../parts/native-select';
import { Sentence } from '../parts/sentence';
import { useChanges } from '../parts/use-changes';

type RoomProductsProps = {
  readonly room: string;
  /** What was said of this room already. */
  readonly mark: Mark | undefined;
  readonly actions: ChangeActions;
};

/** What this room is cleaned with, where it differs from the rest of the house. */
export function RoomProducts({ room, mark, actions }: RoomProductsProps) {
  const changes = useChanges(actions);
  const known: Mark = mark ?? { on: 'room', target: room };
  return (
    <>
      <Sentence>{changes.sentence}</Sentence>
      <NativeSelect
        size="small"
        label="This room is cleaned with"
        value={known.products ?? ''}
        none="what the whole clean uses"
        options={Object.entries(SCHOOL_WORDS)}
        onChange={(products) =>
          changes.send({
            do: 'mark',
            marks: [{ ...known, products: products === '' ? undefined : (products as ProductSchool) }],
          })
        }
        className={css({ maxWidth: 360, mt: 3 })}
      />
      <span role="status" className="visually-hidden">
        {changes.said}
      </span>
    </>
  );
}
