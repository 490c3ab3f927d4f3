import type { Current } from '@/core/problem/campaign';
import { HOURS_VIEWS } from '@/present/hours/hours-views';
import { scopeScreen } from '@/present/scope/scope-screen';
import { css } from '@/ui/theme/made/css';
import type { ChangeActions } from '../parts/change-actions';
import { LinkButton } from '../parts/link-button';
import { PageHead } from '../parts/page-head';
import { ViewSwitch } from '../parts/view-switch';
import { ScopeList } from './scope-list';

/** Everything that could be done, what of it is in, and whether the hours suffice. */
export function ScopePage({ state, actions }: { state: Current; actions: ChangeActions }) {
  if (state.listed.length === 0)
    return (
      <>
        <PageHead title="What is in">The list comes from what stands in the rooms. Walk one first.</PageHead>
        <LinkButton href="/walk" variant="contained" size="large">
          Go to the walk
        </LinkButton>
      </>
    );
  return (
    <div className={css({ display: 'flex', flexDirection: 'column' })}>
      <ViewSwitch label="Hours" views={HOURS_VIEWS} here="/scope" />
      <ScopeList screen={scopeScreen(state)} edits={state.edits} actions={actions} />
    </div>
  );
}
