'use client';
import { type ReactNode, useState } from 'react';
import { Unfold } from './unfold';

/** Something that opens in place and is only made once it is opened; it keeps what was typed when it closes. */
export function UnfoldLater({ title, children }: { title: ReactNode; children: () => ReactNode }) {
  const [open, setOpen] = useState(false);
  const [made, setMade] = useState(false);
  return (
    <Unfold
      title={title}
      open={open}
      onToggle={(event) => {
        setOpen(event.currentTarget.open);
        if (event.currentTarget.open) setMade(true);
      }}
    >
      {made && children()}
    </Unfold>
  );
}
