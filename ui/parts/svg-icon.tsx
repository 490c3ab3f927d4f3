import type { ComponentProps, ReactNode } from 'react';

type SvgIconProps = Omit<ComponentProps<'svg'>, 'fontSize'> & {
  readonly fontSize?: 'small' | 'medium';
};

const SIZES = { small: 20, medium: 24 } as const;

/**
 * Draws the shapes of the icon package as plain pictures. The package asks its sister for this function by name, and
 * the build hands it this one: the sister’s brings the whole of styled components to every page that has an icon.
 */
export function createSvgIcon(path: ReactNode, name: string) {
  // biome-ignore lint/correctness/noComponentHookFactories: called once for each icon, as its module is read.
  function Icon({ fontSize = 'medium', ...rest }: SvgIconProps) {
    const size = SIZES[fontSize];
    return (
      <svg
        viewBox="0 0 24 24"
        width={size}
        height={size}
        fill="currentColor"
        aria-hidden
        focusable="false"
        data-icon={name}
        style={{ flexShrink: 0 }}
        {...rest}
      >
        {path}
      </svg>
    );
  }
  return Icon;
}
