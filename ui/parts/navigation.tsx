'use client';
import AcUnitOutlined from '@mui/icons-material/AcUnitOutlined';
import AutoStoriesOutlined from '@mui/icons-material/AutoStoriesOutlined';
import CalendarViewWeekOutlined from '@mui/icons-material/CalendarViewWeekOutlined';
import FlagOutlined from '@mui/icons-material/FlagOutlined';
import GroupOutlined from '@mui/icons-material/GroupOutlined';
import HourglassEmptyOutlined from '@mui/icons-material/HourglassEmptyOutlined';
import MeetingRoomOutlined from '@mui/icons-material/MeetingRoomOutlined';
import ShoppingBasketOutlined from '@mui/icons-material/ShoppingBasketOutlined';
import { usePathname } from 'next/navigation';
import type { ReactNode } from 'react';
import { css } from '@/ui/theme/made/css';
import { PageLink } from './page-link';

/** The parts of the job, in the order in which people do it. */
const PLACES = [
  { href: '/aim', name: 'Aim', icon: FlagOutlined, also: [] },
  { href: '/walk', name: 'Walk', icon: MeetingRoomOutlined, also: [] },
  { href: '/hours', name: 'Hours', icon: HourglassEmptyOutlined, also: ['/scope', '/order', '/safety'] },
  { href: '/supplies', name: 'Supplies', icon: ShoppingBasketOutlined, also: [] },
  { href: '/people', name: 'People', icon: GroupOutlined, also: [] },
  { href: '/spread', name: 'Spread', icon: CalendarViewWeekOutlined, also: ['/what-if', '/week'] },
  { href: '/day', name: 'Day', icon: AcUnitOutlined, also: [] },
  { href: '/almanac', name: 'Almanac', icon: AutoStoriesOutlined, also: ['/record'] },
] as const;

type Place = (typeof PLACES)[number];

/** A rail at the left on a wide screen, a bar at the bottom on a phone. */
export function Navigation({ head, foot }: { head: ReactNode; foot: ReactNode }) {
  const path = usePathname();
  const isHere = ({ href, also }: Place) =>
    [href, ...also].some((one) => path === one || path.startsWith(`${one}/`));
  return (
    <nav aria-label="Parts of the job" className={css(RAIL)}>
      <div className={css({ display: { base: 'none', md: 'block' }, px: 1.5, pt: 1, pb: 2.5 })}>{head}</div>
      {PLACES.map((place) => (
        <PlaceLink key={place.href} place={place} here={isHere(place)} />
      ))}
      <div className={css({ display: { base: 'none', md: 'block' }, mt: 'auto', px: 1.5 })}>{foot}</div>
    </nav>
  );
}

const RAIL = {
  position: { base: 'fixed', md: 'sticky' },
  insetInline: { base: 0, md: 'auto' },
  bottom: { base: 0, md: 'auto' },
  top: { md: 0 },
  zIndex: 10,
  height: { md: '100dvh' },
  width: { md: 200 },
  flexShrink: 0,
  display: 'flex',
  flexDirection: { base: 'row', md: 'column' },
  gap: { md: 0.5 },
  p: { md: 1.5 },
  pb: { base: 'env(safe-area-inset-bottom)', md: 1.5 },
  bgcolor: 'paper',
  borderColor: 'line',
  borderStyle: 'solid',
  borderWidth: { base: '1px 0 0', md: '0 1px 0 0' },
} as const;

function PlaceLink({ place: { href, name, icon: Icon }, here }: { place: Place; here: boolean }) {
  return (
    <PageLink
      href={href}
      aria-current={here ? 'page' : undefined}
      className={css({
        display: 'inline-flex',
        alignItems: 'center',
        textDecoration: 'none',
        flex: { base: '1 1 0', md: '0 0 auto' },
        minHeight: { base: 56, md: 46 },
        minWidth: 0,
        px: { md: 1.5 },
        gap: { base: 0.25, md: 1.5 },
        flexDirection: { base: 'column', md: 'row' },
        justifyContent: { base: 'center', md: 'flex-start' },
        fontSize: { base: '0.69rem', md: '1rem' },
        fontWeight: here ? 650 : 450,
        color: here ? 'ink' : 'quiet',
        bgcolor: here ? 'var(--colors-water-soft)' : 'transparent',
        borderRadius: here ? { base: 0, md: '3px 18px 18px 3px' } : { md: '3px' },
        '&:hover': { color: 'ink' },
      })}
    >
      <Icon fontSize="small" aria-hidden />
      {name}
    </PageLink>
  );
}
