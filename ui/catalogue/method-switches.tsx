'use client';
import { useRouter } from 'next/navigation';
import type { HouseholdChange } from '@/core/household/change';
import { css } from '@/ui/theme/made/css';
import { Button } from '../parts/button';
import type { ChangeActions, EditWords } from '../parts/change-actions';
import { Sentence } from '../parts/sentence';
import { UndoButtons } from '../parts/undo-buttons';
import { useChanges } from '../parts/use-changes';

type MethodSwitchesProps = {
  readonly id: string;
  readonly off: boolean;
  readonly changed: boolean;
  readonly own: boolean;
  readonly edits: EditWords;
  readonly actions: ChangeActions;
};

/** Switches a method off and on, sets it back to the default, or removes one of one's own. */
export function MethodSwitches({ id, off, changed, own, edits, actions }: MethodSwitchesProps) {
  const router = useRouter();
  const changes = useChanges(actions);
  const send = (change: HouseholdChange, words: string) => changes.send(change, words);
  return (
    <div>
      <Sentence>{changes.sentence}</Sentence>
      <div className={css({ display: 'flex', flexWrap: 'wrap', gap: 1 })}>
        <Button
          variant="outlined"
          onClick={() => send({ do: 'switch-method', id, off: !off }, off ? 'Switched on.' : 'Switched off.')}
        >
          {off ? 'Switch it on again' : 'Switch it off'}
        </Button>
        {changed && (
          <Button onClick={() => send({ do: 'reset-method', id }, 'Back to the default.')}>
            {own ? 'Back to what I wrote first' : 'Back to the default'}
          </Button>
        )}
        {own && (
          <Button
            color="inherit"
            onClick={() => {
              send({ do: 'drop-method', id }, 'Removed.');
              router.push('/catalogue');
            }}
          >
            Remove it
          </Button>
        )}
        <UndoButtons edits={edits} undo={changes.undo} redo={changes.redo} />
      </div>
      <span role="status" className="visually-hidden">
        {changes.said}
      </span>
      {off && (
        <p className={css({ textStyle: 'body', m: 0, mt: 1 })}>Switched off: it is in no list and no plan.</p>
      )}
    </div>
  );
}
