import type { ComponentProps } from 'react';
import { type ButtonLook, buttonClass, buttonLook } from './button';
import { PageLink } from './page-link';

type LinkButtonProps = Omit<ComponentProps<typeof PageLink>, 'color'> & ButtonLook;

/** A link that looks like a button. */
export function LinkButton({ variant, color, size, className, ...rest }: LinkButtonProps) {
  return <PageLink className={buttonClass(className)} {...buttonLook({ variant, color, size })} {...rest} />;
}

type DownloadButtonProps = Omit<ComponentProps<'a'>, 'color'> & ButtonLook;

/** A button that saves a file. */
export function DownloadButton({ variant, color, size, className, ...rest }: DownloadButtonProps) {
  return (
    <a download className={buttonClass(className)} {...buttonLook({ variant, color, size })} {...rest}>
      {rest.children}
    </a>
  );
}
