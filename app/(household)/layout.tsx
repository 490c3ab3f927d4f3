import type { ReactNode } from 'react';
import { signOut } from '@/app/actions/access';
import { keepHousehold } from '@/app/actions/account';
import { instant } from '@/present/access/account-model';
import { goesAt } from '@/server/access/leaving';
import { current } from '@/server/current';
import { keeperOf } from '@/server/keeper';
import { currentVisit, requireScope } from '@/server/session';
import { Goes } from '@/ui/account/goes';
import { Button } from '@/ui/parts/button';
import { IceMark } from '@/ui/parts/ice-mark';
import { Navigation } from '@/ui/parts/navigation';
import { PlanIsOlder } from '@/ui/parts/plan-is-older';
import { RoleNotice } from '@/ui/parts/role-notice';
import { SchemeChoice } from '@/ui/parts/scheme-choice';
import { TextLink } from '@/ui/parts/text-link';
import { UnitsProvider } from '@/ui/parts/units';
import { PocketProvider } from '@/ui/state/pocket';
import { css } from '@/ui/theme/made/css';

export default async function HouseholdLayout({ children }: { children: ReactNode }) {
  const scope = await requireScope();
  const [{ household, campaign }, goes, visit] = await Promise.all([
    current(),
    goesAt(scope),
    currentVisit(),
  ]);
  const account = <Account name={household.name} />;
  return (
    <div className={css({ display: 'flex', minHeight: '100dvh' })}>
      <a className="skip not-printed" href="#main">
        Go to the page
      </a>
      <Navigation head={<Name />} foot={account} />
      <main
        id="main"
        tabIndex={-1}
        className={css({
          flex: 1,
          minWidth: 0,
          px: { base: 2, sm: 3, md: 4 },
          py: { base: 2, md: 3.5 },
          pb: { base: 12, md: 5 },
        })}
      >
        {goes !== undefined && <Goes when={instant(goes, household.timezone)} keep={keepHousehold} />}
        {visit && visit.role !== 'keeper' && <RoleNotice role={visit.role} />}
        <PlanIsOlder isOlder={campaign?.stale === true} />
        <PocketProvider keeper={keeperOf(scope.household)}>
          <UnitsProvider units={household.units}>{children}</UnitsProvider>
        </PocketProvider>
        <div
          className={css({
            display: { md: 'none' },
            mt: 5,
            pt: 2,
            borderTop: '1px solid var(--colors-line)',
          })}
        >
          {account}
        </div>
      </main>
    </div>
  );
}

function Name() {
  return (
    <div className={css({ display: 'flex', flexDirection: 'row', gap: 1, alignItems: 'center' })}>
      <IceMark size={30} />
      <p
        className={css({
          textStyle: 'body',
          m: 0,
          fontFamily: 'var(--heading)',
          fontWeight: 600,
          fontSize: '1.15rem',
        })}
      >
        Early Thaw
      </p>
    </div>
  );
}

function Account({ name }: { name: string }) {
  return (
    <div className={css({ display: 'flex', flexDirection: 'column', gap: 1.5, maxWidth: 260 })}>
      <p className={css({ textStyle: 'small', m: 0, color: 'quiet', overflowWrap: 'anywhere' })}>{name}</p>
      <nav
        aria-label="More"
        className={css({ display: 'flex', flexDirection: 'column', gap: 0.5, alignItems: 'flex-start' })}
      >
        <TextLink
          href="/catalogue"
          className={css({ display: 'inline-flex', alignItems: 'center', minHeight: 44 })}
        >
          How things are done
        </TextLink>
        <TextLink
          href="/files"
          className={css({ display: 'inline-flex', alignItems: 'center', minHeight: 44 })}
        >
          Import and export
        </TextLink>
        <TextLink
          href="/account"
          className={css({ display: 'inline-flex', alignItems: 'center', minHeight: 44 })}
        >
          Your account
        </TextLink>
      </nav>
      <SchemeChoice />
      <form action={signOut}>
        <Button type="submit" size="small" color="inherit" className={css({ px: 0 })}>
          Sign out
        </Button>
      </form>
    </div>
  );
}
