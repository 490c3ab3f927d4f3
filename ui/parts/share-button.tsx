'use client';
import { useEffect, useState } from 'react';
import { Button } from './button';

type ShareButtonProps = {
  /** What the message is about. */
  readonly title: string;
  readonly text?: string;
  /** Within the application; the page that is open where absent and there is no text. */
  readonly href?: string;
};

/** Hands something to the phone’s own sharing; not there on devices that have none. */
export function ShareButton({ title, text, href }: ShareButtonProps) {
  const [canShare, setCanShare] = useState(false);
  useEffect(() => setCanShare(typeof navigator.share === 'function'), []);
  if (!canShare) return null;
  const url = href === undefined ? undefined : new URL(href, window.location.origin).href;
  // Who thinks better of it has shared nothing, and that is no fault.
  const share = () =>
    navigator
      .share({ title, ...(text !== undefined && { text }), ...(url && { url }) })
      .catch(() => undefined);
  return <Button onClick={() => void share()}>Share</Button>;
}
