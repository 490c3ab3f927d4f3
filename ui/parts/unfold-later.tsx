'use client';
import { type ReactNode, useState } from 'react';
import { Unfold, type UnfoldProps } from './unfold';

type UnfoldLaterProps = Pick<UnfoldProps, 'title' | 'slim'> & { readonly children: () => ReactNode };

/** Something that opens in place and is only made once it is opened; it keeps what was typed when it closes. */
export function UnfoldLater({ title, slim = false, children }: UnfoldLaterProps) {
  const [open, setOpen] = useState(false);
  const [made, setMade] = useState(false);
  return (
    <Unfold
      title={title}
      slim={slim}
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
