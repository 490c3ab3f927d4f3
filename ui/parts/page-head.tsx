import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { ReactNode } from 'react';
import { TextLink } from './text-link';

type PageHeadProps = {
  readonly title: string;
  readonly children?: ReactNode;
  readonly actions?: ReactNode;
  /** Where the same is made for paper. */
  readonly paper?: string;
};

/** The head of a page: what it is, one line of where things stand, and what can be done about it. */
export function PageHead({ title, children, actions, paper }: PageHeadProps) {
  return (
    <Box
      component="header"
      sx={{
        display: 'flex',
        flexWrap: 'wrap',
        gap: 2,
        alignItems: 'flex-end',
        justifyContent: 'space-between',
        mb: { xs: 2, md: 3 },
      }}
    >
      <Box sx={{ minWidth: 0, flex: '1 1 20rem' }}>
        <Typography variant="h1" sx={{ overflowWrap: 'anywhere' }}>
          {title}
        </Typography>
        {children && (
          <Typography component="div" sx={{ color: 'text.secondary', mt: 0.75, maxWidth: '62ch' }}>
            {children}
          </Typography>
        )}
        {paper && (
          <TextLink href={paper} sx={{ display: 'inline-flex', alignItems: 'center', minHeight: 44 }}>
            On paper
          </TextLink>
        )}
      </Box>
      {actions}
    </Box>
  );
}
