'use client';
import { useRef, useState } from 'react';
import { ALMANAC_VIEWS } from '@/present/almanac/almanac-views';
import type { DueJob, YearScreen } from '@/present/almanac/year-model';
import { css } from '@/ui/theme/made/css';
import type { ChangeActions, EditWords } from '../parts/change-actions';
import { ChangeBar } from '../parts/change-bar';
import { PageHead } from '../parts/page-head';
import { TextLink } from '../parts/text-link';
import { useChanges } from '../parts/use-changes';
import { ViewSwitch } from '../parts/view-switch';
import { DueList } from './due-list';
import { NoRooms } from './no-rooms';
import { cellKey, YearLegend, YearTable } from './year-table';

type YearPageProps = {
  readonly screen: YearScreen;
  readonly head: { readonly title: string; readonly line: string };
  readonly hasClean: boolean;
  readonly hasRooms: boolean;
  readonly edits: EditWords;
  readonly actions: ChangeActions;
};

const PANEL = 'year-panel';

/** The year at a glance: when each thing was done and is due, and from it into the clean. */
export function YearPage({ screen, head, hasClean, hasRooms, edits, actions }: YearPageProps) {
  const changes = useChanges(actions);
  const [open, setOpen] = useState<string>();
  const panel = useRef<HTMLHeadingElement>(null);
  if (!hasRooms) return <NoRooms />;
  const cell = screen.rows
    .flatMap((row) => row.cells.map((one) => ({ key: cellKey(row.id, one.month), one })))
    .find(({ key }) => key === open)?.one;
  return (
    <>
      <ViewSwitch label="Almanac" views={ALMANAC_VIEWS} here="/almanac" />
      <PageHead title={head.title} paper={`/paper/year/${screen.year}?by=${screen.by}`}>
        {head.line}
      </PageHead>
      <div className={css({ display: 'flex', flexWrap: 'wrap', gap: 2.5, alignItems: 'center', mb: 1 })}>
        <Turns screen={screen} />
        <YearLegend />
      </div>
      <div
        className={css({ overflowX: 'auto', maxWidth: '100%', position: 'relative' })}
        tabIndex={0}
        role="region"
        aria-label="The year"
      >
        <YearTable
          screen={screen}
          open={open}
          panelId={PANEL}
          onOpen={(key) => {
            setOpen(open === key ? undefined : key);
            if (open !== key) requestAnimationFrame(() => panel.current?.focus());
          }}
        />
      </div>
      <div id={PANEL} className={css({ mt: 3 })}>
        {cell && (
          <>
            <h2 ref={panel} tabIndex={-1} className={css({ textStyle: 'h2', m: 0, mb: 1 })}>
              {cell.label}
            </h2>
            <DueList
              jobs={cell.jobs.map((id) => screen.jobs[id]).filter((job): job is DueJob => job !== undefined)}
              hasClean={hasClean}
              onChange={(change, words) => changes.send(change, words)}
            />
          </>
        )}
      </div>
      <div className={css({ mt: 2 })}>
        <ChangeBar label="Take back" edits={edits} changes={changes} />
      </div>
    </>
  );
}

/** Another year, or the same by rooms. */
function Turns({ screen: { year, by } }: { screen: YearScreen }) {
  const at = (other: { readonly year?: number; readonly by?: string }) =>
    `/almanac?year=${other.year ?? year}&by=${other.by ?? by}`;
  return (
    <nav aria-label="Which year" className={css({ display: 'flex', flexWrap: 'wrap', gap: 2 })}>
      <TextLink href={at({ year: Number(year) - 1 })} className={css(LINK)}>
        {Number(year) - 1}
      </TextLink>
      <div className={css({ ...LINK, fontWeight: 650 })}>{year}</div>
      <TextLink href={at({ year: Number(year) + 1 })} className={css(LINK)}>
        {Number(year) + 1}
      </TextLink>
      <TextLink href={at({ by: by === 'kind' ? 'room' : 'kind' })} className={css(LINK)}>
        {by === 'kind' ? 'By room' : 'By kind of work'}
      </TextLink>
    </nav>
  );
}

const LINK = { display: 'inline-flex', alignItems: 'center', minHeight: 44 } as const;
