import type { Current } from '@/core/problem/campaign';
import { suggestedCalls } from '@/core/safety/calls';
import { type Finding, safetyFindings } from '@/core/safety/findings';
import { jobName } from '@/core/work/place-of-job';
import { HOURS_VIEWS } from '@/present/hours/hours-views';
import { count } from '@/present/words/words';
import { css } from '@/ui/theme/made/css';
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
    <section aria-label={title} className={css({ mb: 5, maxWidth: 860 })}>
      <h2 className={css({ textStyle: 'h2', m: 0 })}>{title}</h2>
      <p className={css({ textStyle: 'body', m: 0, color: 'quiet', mb: 1 })}>{lead}</p>
      {findings.map((found) => (
        <div
          key={found.id}
          className={css({
            borderInlineStart: '4px solid',
            borderInlineStartColor: found.forbidden ? 'var(--colors-water)' : 'var(--colors-sun)',
            pl: 2,
            mb: 1.5,
          })}
        >
          <div className={css({ fontWeight: 620 })}>
            {found.what}
            <span className={css({ fontWeight: 400, color: 'quiet' })}> · {found.where}</span>
          </div>
          <div>{found.why}</div>
          {found.instead && (
            <div className={css({ fontWeight: found.forbidden ? 560 : 400 })}>{found.instead}</div>
          )}
          <Unfold slim title={count(found.tasks.length, 'job', 'jobs')}>
            {found.tasks.map((id) => titles.get(id) ?? id).join('; ')}.
          </Unfold>
        </div>
      ))}
    </section>
  );
}
