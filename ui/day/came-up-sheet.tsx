'use client';
import { useId } from 'react';
import { formatSecond } from '@/core/day/seconds';
import { type CameUp, type CameUpGroup, cameUp } from '@/present/day/came-up';
import { css } from '@/ui/theme/made/css';
import { Button } from '../parts/button';
import { Dialog } from '../parts/dialog';
import { ActRow } from './act-row';
import { useDay } from './day-context';

type CameUpSheetProps = {
  readonly isOpen: boolean;
  readonly onClose: () => void;
  readonly onSaid: (said: CameUp) => void;
};

/** Everything that is found or comes between, each of it one press; one's place on the page is kept under it. */
export function CameUpSheet({ isOpen, onClose, onSaid }: CameUpSheetProps) {
  const title = useId();
  if (!isOpen) return null;
  return (
    <Dialog from="bottom" labelledBy={title} onClose={onClose}>
      <div className={css(SHEET)}>
        <div
          className={css({ display: 'flex', justifyContent: 'space-between', alignItems: 'center', gap: 2 })}
        >
          <h2 className={css({ textStyle: 'h2', m: 0 })} id={title}>
            What came up?
          </h2>
          <Button color="inherit" onClick={onClose}>
            Nothing
          </Button>
        </div>
        <Groups onSaid={onSaid} />
      </div>
    </Dialog>
  );
}

const SHEET = {
  px: { base: 2, sm: 3 },
  pt: 2,
  pb: 'calc(16px + env(safe-area-inset-bottom))',
  display: 'grid',
  gap: 2,
  alignContent: 'start',
} as const;

function Groups({ onSaid }: Pick<CameUpSheetProps, 'onSaid'>) {
  const { file, workers, view, face, store } = useDay();
  const now = formatSecond(store.now());
  const groups = cameUp({
    file,
    workers,
    step: view.now && face(view.now),
    minute: Number(now.slice(11, 13)) * 60 + Number(now.slice(14, 16)),
  });
  return groups.map((group) => <Group key={group.title} group={group} onSaid={onSaid} />);
}

function Group({ group, onSaid }: { group: CameUpGroup } & Pick<CameUpSheetProps, 'onSaid'>) {
  return (
    <ActRow
      title={group.title}
      presses={group.presses.map((said) => ({
        words: said.words,
        press: () => onSaid(said),
        ...(said.label && { label: said.label }),
      }))}
    />
  );
}
