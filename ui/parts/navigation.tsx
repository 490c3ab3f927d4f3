'use client';
import AcUnitOutlined from '@mui/icons-material/AcUnitOutlined';
import AutoStoriesOutlined from '@mui/icons-material/AutoStoriesOutlined';
import CalendarViewWeekOutlined from '@mui/icons-material/CalendarViewWeekOutlined';
import FlagOutlined from '@mui/icons-material/FlagOutlined';
import GroupOutlined from '@mui/icons-material/GroupOutlined';
import HourglassEmptyOutlined from '@mui/icons-material/HourglassEmptyOutlined';
import MeetingRoomOutlined from '@mui/icons-material/MeetingRoomOutlined';
import ShoppingBasketOutlined from '@mui/icons-material/ShoppingBasketOutlined';
import Box from '@mui/material/Box';
import ButtonBase from '@mui/material/ButtonBase';
import { usePathname } from 'next/navigation';
import type { ReactNode } from 'react';
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
    <Box component="nav" aria-label="Parts of the job" sx={RAIL}>
      <Box sx={{ display: { xs: 'none', md: 'block' }, px: 1.5, pt: 1, pb: 2.5 }}>{head}</Box>
      {PLACES.map((place) => (
        <PlaceLink key={place.href} place={place} here={isHere(place)} />
      ))}
      <Box sx={{ display: { xs: 'none', md: 'block' }, mt: 'auto', px: 1.5 }}>{foot}</Box>
    </Box>
  );
}

const RAIL = {
  position: { xs: 'fixed', md: 'sticky' },
  insetInline: { xs: 0, md: 'auto' },
  bottom: { xs: 0, md: 'auto' },
  top: { md: 0 },
  zIndex: 10,
  height: { md: '100dvh' },
  width: { md: 200 },
  flexShrink: 0,
  display: 'flex',
  flexDirection: { xs: 'row', md: 'column' },
  gap: { md: 0.5 },
  p: { md: 1.5 },
  pb: { xs: 'env(safe-area-inset-bottom)', md: 1.5 },
  bgcolor: 'background.paper',
  borderColor: 'divider',
  borderStyle: 'solid',
  borderWidth: { xs: '1px 0 0', md: '0 1px 0 0' },
} as const;

function PlaceLink({ place: { href, name, icon: Icon }, here }: { place: Place; here: boolean }) {
  return (
    <ButtonBase
      component={PageLink}
      href={href}
      aria-current={here ? 'page' : undefined}
      sx={{
        flex: { xs: '1 1 0', md: '0 0 auto' },
        minHeight: { xs: 56, md: 46 },
        minWidth: 0,
        px: { md: 1.5 },
        gap: { xs: 0.25, md: 1.5 },
        flexDirection: { xs: 'column', md: 'row' },
        justifyContent: { xs: 'center', md: 'flex-start' },
        fontSize: { xs: '0.69rem', md: '1rem' },
        fontWeight: here ? 650 : 450,
        color: here ? 'text.primary' : 'text.secondary',
        bgcolor: here ? 'var(--mui-palette-thaw-waterSoft)' : 'transparent',
        borderRadius: here ? { xs: 0, md: '3px 18px 18px 3px' } : { md: '3px' },
        '&:hover': { color: 'text.primary' },
      }}
    >
      <Icon fontSize="small" aria-hidden />
      {name}
    </ButtonBase>
  );
}
