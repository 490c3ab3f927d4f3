'use client';
import { usePathname } from 'next/navigation';
import type { Role } from '@/core/household/roles';
import { noticeFor } from '@/present/access/notice';
import { css } from '@/ui/theme/made/css';

/** Says, before anybody presses in vain, that the controls of a page are for others. */
export function RoleNotice({ role }: { role: Role }) {
  const notice = noticeFor(usePathname(), role);
  if (notice === undefined) return null;
  return (
    <p
      role="note"
      className={css({
        textStyle: 'body',
        m: 0,
        mb: 2,
        px: 2,
        py: 1.25,
        bgcolor: 'var(--colors-sun-soft)',
        color: 'ink',
      })}
    >
      {notice}
    </p>
  );
}
