import Box from '@mui/material/Box';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import type { ReactNode } from 'react';
import { IceMark } from '../parts/ice-mark';
import { ForgetDays } from './forget-days';
import { ThawPicture } from './thaw-picture';

/** The front door: what this is for, and the ways in. */
export function Welcome({ form, demo, other }: { form: ReactNode; demo?: ReactNode; other: ReactNode }) {
  return (
    <Box
      component="main"
      sx={{ minHeight: '100dvh', display: 'grid', gridTemplateColumns: { xs: '1fr', md: '1.1fr 1fr' } }}
    >
      <ForgetDays />
      <Box
        sx={{
          bgcolor: 'var(--mui-palette-thaw-ice)',
          p: { xs: 3, md: 6 },
          display: 'flex',
          flexDirection: 'column',
          gap: { xs: 2, md: 3 },
        }}
      >
        <Stack direction="row" spacing={1.5} sx={{ alignItems: 'center' }}>
          <IceMark size={40} />
          <Typography sx={{ fontFamily: 'h1.fontFamily', fontSize: '1.4rem', fontWeight: 600 }}>
            Early Thaw
          </Typography>
        </Stack>
        <Typography variant="h1" sx={{ maxWidth: '18ch' }}>
          A whole home, deep cleaned, by a day you choose
        </Typography>
        <Typography sx={{ maxWidth: '46ch', fontSize: '1.05rem' }}>
          Walk the house once. Early Thaw breaks each room into jobs in the right order, says truthfully how
          long they take, and spreads them over your free evenings, soaks and drying times included.
        </Typography>
        <Box sx={{ mt: 'auto', display: { xs: 'none', sm: 'block' } }}>
          <ThawPicture />
        </Box>
      </Box>
      <Stack spacing={3} sx={{ p: { xs: 3, md: 6 }, justifyContent: 'center', maxWidth: 520, width: '100%' }}>
        {form}
        {demo}
        <Typography>{other}</Typography>
      </Stack>
    </Box>
  );
}
