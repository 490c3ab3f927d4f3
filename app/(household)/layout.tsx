import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import type { ReactNode } from 'react';
import { signOut } from '@/app/actions/access';
import { current } from '@/server/current';
import { keeperOf } from '@/server/keeper';
import { requireScope } from '@/server/session';
import { IceMark } from '@/ui/parts/ice-mark';
import { Navigation } from '@/ui/parts/navigation';
import { PlanIsOlder } from '@/ui/parts/plan-is-older';
import { SchemeChoice } from '@/ui/parts/scheme-choice';
import { TextLink } from '@/ui/parts/text-link';
import { UnitsProvider } from '@/ui/parts/units';
import { PocketProvider } from '@/ui/state/pocket';

export default async function HouseholdLayout({ children }: { children: ReactNode }) {
  const scope = await requireScope();
  const { household, campaign } = await current();
  const account = <Account name={household.name} />;
  return (
    <Box sx={{ display: 'flex', minHeight: '100dvh' }}>
      <a className="skip not-printed" href="#main">
        Go to the page
      </a>
      <Navigation head={<Name />} foot={account} />
      <Box
        component="main"
        id="main"
        tabIndex={-1}
        sx={{
          flex: 1,
          minWidth: 0,
          px: { xs: 2, sm: 3, md: 4 },
          py: { xs: 2, md: 3.5 },
          pb: { xs: 12, md: 5 },
        }}
      >
        <PlanIsOlder isOlder={campaign?.stale === true} />
        <PocketProvider keeper={keeperOf(scope.household)}>
          <UnitsProvider units={household.units}>{children}</UnitsProvider>
        </PocketProvider>
        <Box sx={{ display: { md: 'none' }, mt: 5, pt: 2, borderTop: '1px solid', borderColor: 'divider' }}>
          {account}
        </Box>
      </Box>
    </Box>
  );
}

function Name() {
  return (
    <Stack direction="row" spacing={1} sx={{ alignItems: 'center' }}>
      <IceMark size={30} />
      <Typography sx={{ fontFamily: 'h1.fontFamily', fontWeight: 600, fontSize: '1.15rem' }}>
        Early Thaw
      </Typography>
    </Stack>
  );
}

function Account({ name }: { name: string }) {
  return (
    <Stack spacing={1.5} sx={{ maxWidth: 260 }}>
      <Typography variant="body2" sx={{ color: 'text.secondary', overflowWrap: 'anywhere' }}>
        {name}
      </Typography>
      <Stack component="nav" aria-label="More" spacing={0.5} sx={{ alignItems: 'flex-start' }}>
        <TextLink href="/catalogue" sx={{ display: 'inline-flex', alignItems: 'center', minHeight: 44 }}>
          How things are done
        </TextLink>
        <TextLink href="/files" sx={{ display: 'inline-flex', alignItems: 'center', minHeight: 44 }}>
          Import and export
        </TextLink>
      </Stack>
      <SchemeChoice />
      <form action={signOut}>
        <Button type="submit" size="small" color="inherit" sx={{ px: 0 }}>
          Sign out
        </Button>
      </form>
    </Stack>
  );
}
