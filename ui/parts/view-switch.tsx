import Box from '@mui/material/Box';
import { TextLink } from './text-link';

type View = { readonly href: string; readonly name: string };

/** Ways to look at the same thing, side by side. */
export function ViewSwitch({ label, views, here }: { label: string; views: readonly View[]; here: string }) {
  return (
    <Box
      component="nav"
      aria-label={label}
      sx={{ display: 'flex', flexWrap: 'wrap', columnGap: 2.5, mb: 1.5 }}
    >
      {views.map(({ href, name }) => (
        <TextLink
          key={href}
          href={href}
          aria-current={href === here ? 'page' : undefined}
          underline="none"
          color={href === here ? 'textPrimary' : 'textSecondary'}
          sx={{
            display: 'inline-flex',
            alignItems: 'center',
            minHeight: 44,
            fontWeight: href === here ? 650 : 450,
            borderBottom: '3px solid',
            borderColor: href === here ? 'var(--mui-palette-thaw-water)' : 'transparent',
          }}
        >
          {name}
        </TextLink>
      ))}
    </Box>
  );
}
