import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { Current } from '@/core/problem/campaign';
import { suggestedCalls } from '@/core/safety/calls';
import { type Finding, safetyFindings } from '@/core/safety/findings';
import { jobName } from '@/core/work/single-places';
import { HOURS_VIEWS } from '@/present/hours/hours-views';
import { count } from '@/present/words/words';
import type { ChangeActions } from '../parts/change-actions';
import { PageHead } from '../parts/page-head';
import { Unfold } from '../parts/unfold';
import { ViewSwitch } from '../parts/view-switch';
import { Calls } from './calls';

/** What the safety of this clean rests on: what was designed out, what to beware of, and what is for a licensed trade. */
export function SafetyPage({ state, actions }: { state: Current; actions: ChangeActions }) {
  const { household, tasks } = state;
  const findings = safetyFindings(tasks, household);
  const forbidden = findings.filter((found) => found.forbidden);
  const cautions = findings.filter((found) => !found.forbidden);
  const titles = new Map(tasks.map((task) => [task.id, `${jobName(task)}, ${task.room.name}`]));
  return (
    <>
      <ViewSwitch label="Hours" views={HOURS_VIEWS} here="/safety" />
      <PageHead title="What to beware of">
        Usual cautions, worked out from products, surfaces, people and the house. The label and the maker come
        first; local rules and licensed trades decide.
      </PageHead>
      <Findings
        title="Kept out of the plan"
        lead={
          forbidden.length === 0
            ? 'Nothing in this clean is forbidden together.'
            : 'What must not happen is planned so that it does not. This can’t be switched off.'
        }
        findings={forbidden}
        titles={titles}
      />
      <Calls
        calls={household.calls}
        suggested={suggestedCalls(household.home, household.calls)}
        edits={state.edits}
        actions={actions}
      />
      <Findings
        title="With care"
        lead="Each is said once more at the step where it matters."
        findings={cautions}
        titles={titles}
      />
    </>
  );
}

type FindingsProps = {
  readonly title: string;
  readonly lead: string;
  readonly findings: readonly Finding[];
  readonly titles: ReadonlyMap<string, string>;
};

function Findings({ title, lead, findings, titles }: FindingsProps) {
  return (
    <Box component="section" aria-label={title} sx={{ mb: 5, maxWidth: 860 }}>
      <Typography variant="h2">{title}</Typography>
      <Typography sx={{ color: 'text.secondary', mb: 1 }}>{lead}</Typography>
      {findings.map((found) => (
        <Box
          key={found.id}
          sx={{
            borderInlineStart: '4px solid',
            borderColor: found.forbidden ? 'var(--mui-palette-thaw-water)' : 'var(--mui-palette-thaw-sun)',
            pl: 2,
            mb: 1.5,
          }}
        >
          <Box sx={{ fontWeight: 620 }}>
            {found.what}
            <Box component="span" sx={{ fontWeight: 400, color: 'text.secondary' }}>
              {' '}
              · {found.where}
            </Box>
          </Box>
          <Box>{found.why}</Box>
          {found.instead && <Box sx={{ fontWeight: found.forbidden ? 560 : 400 }}>{found.instead}</Box>}
          <Unfold slim title={count(found.tasks.length, 'job', 'jobs')}>
            {found.tasks.map((id) => titles.get(id) ?? id).join('; ')}.
          </Unfold>
        </Box>
      ))}
    </Box>
  );
}
