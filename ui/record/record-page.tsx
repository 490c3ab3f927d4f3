'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { ALMANAC_VIEWS } from '@/present/almanac/almanac-views';
import type { LearntScreen } from '@/present/record/learnt-model';
import type { RecordScreen } from '@/present/record/record-model';
import { count } from '@/present/words/words';
import type { ChangeActions, EditWords } from '../parts/change-actions';
import { ChangeBar } from '../parts/change-bar';
import { LinkButton } from '../parts/link-button';
import { PageHead } from '../parts/page-head';
import { TextLink } from '../parts/text-link';
import { useChanges } from '../parts/use-changes';
import { ViewSwitch } from '../parts/view-switch';
import type { CommandAction } from '../state/command';
import { DoneLines } from './done-lines';

type RecordPageProps = {
  readonly screen: RecordScreen;
  readonly learnt: LearntScreen;
  readonly clean: { readonly name: string; readonly isClosed: boolean } | undefined;
  readonly more: string | undefined;
  readonly edits: EditWords;
  readonly actions: ChangeActions & { readonly say: CommandAction };
};

/** What was done and how long it took; what estimates have learnt from it; the cleans that are behind. */
export function RecordPage({ screen, learnt, clean, more, edits, actions }: RecordPageProps) {
  const changes = useChanges(actions);
  return (
    <>
      <ViewSwitch label="Almanac" views={ALMANAC_VIEWS} here="/record" />
      <PageHead title="The record">
        {screen.total === 0
          ? 'Everything that is ticked is kept here, whatever becomes of the clean: when, who, how long it took.'
          : `${count(screen.total, 'thing', 'things')} done so far.`}
      </PageHead>
      {clean && (
        <LinkButton href="/record/clean" variant="outlined" sx={{ mb: 3 }}>
          {clean.isClosed ? `How “${clean.name}” went` : `Look back at “${clean.name}”, or close it`}
        </LinkButton>
      )}
      <Cleans screen={screen} />
      <Lessons learnt={learnt} send={changes.send} />
      <Typography variant="h2" sx={{ mt: 4 }}>
        What was done
      </Typography>
      {screen.days.length === 0 && (
        <Typography sx={{ mt: 1 }}>
          Nothing yet. Tick something off on the day, or under{' '}
          <TextLink href="/almanac/today">A little today</TextLink>.
        </Typography>
      )}
      <DoneLines days={screen.days} say={actions.say} />
      {more && (
        <LinkButton href={more} sx={{ mt: 2 }}>
          Show what was done before
        </LinkButton>
      )}
      <Box sx={{ mt: 2 }}>
        <ChangeBar label="Take back" edits={edits} changes={changes} />
      </Box>
    </>
  );
}

function Cleans({ screen }: { screen: RecordScreen }) {
  if (screen.cleans.length === 0) return null;
  return (
    <Box component="section" sx={{ mb: 3 }}>
      <Typography variant="h2">Cleans</Typography>
      <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0, maxWidth: 760 }}>
        {screen.cleans.map((past) => (
          <Box
            component="li"
            key={past.id}
            sx={{ minHeight: 48, py: 0.75, borderBottom: '1px solid', borderColor: 'divider' }}
          >
            <TextLink href={`/record/clean?id=${encodeURIComponent(past.id)}`} sx={{ fontWeight: 600 }}>
              {past.name}
            </TextLink>
            <Box sx={{ color: 'text.secondary' }}>
              {past.when} · {past.figures}
            </Box>
          </Box>
        ))}
      </Box>
    </Box>
  );
}

type LessonsProps = {
  readonly learnt: LearntScreen;
  readonly send: ReturnType<typeof useChanges>['send'];
};

/** What was learnt, switched off or set back by a press. */
function Lessons({ learnt, send }: LessonsProps) {
  const { on, lessons, never, ranges } = learnt;
  return (
    <Box component="section" sx={{ mt: 1 }}>
      <Typography variant="h2">What estimates have learnt</Typography>
      {on && lessons.length === 0 && (
        <Typography sx={{ mt: 1, maxWidth: '62ch' }}>
          Nothing that stands out. Once some ten ticks of a kind have a time, and it is far from the estimate,
          the estimate follows.
        </Typography>
      )}
      {!on && <Typography sx={{ mt: 1 }}>Estimates go by the usual rates alone.</Typography>}
      <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0, maxWidth: 760 }}>
        {lessons.map(({ of, id, sentence, evidence }) => (
          <Box
            component="li"
            key={`${of}/${id}`}
            sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.5, alignItems: 'center', py: 0.75 }}
          >
            <Box sx={{ flex: '1 1 280px', minWidth: 0, overflowWrap: 'anywhere' }}>
              {sentence}{' '}
              <Box component="span" sx={{ color: 'text.secondary' }}>
                ({evidence})
              </Box>
            </Box>
            <Button
              aria-label={`Set back: ${sentence}`}
              onClick={() => send({ do: 'unlearn', of, id, never: true }, 'Set back to the usual.')}
            >
              Set back
            </Button>
          </Box>
        ))}
        {never.map(({ of, id, name }) => (
          <Box
            component="li"
            key={`never ${of}/${id}`}
            sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.5, alignItems: 'center', py: 0.75 }}
          >
            <Box sx={{ flex: '1 1 280px', color: 'text.secondary' }}>{name}: set back, not learnt again.</Box>
            <Button
              aria-label={`Learn again: ${name}`}
              onClick={() => send({ do: 'unlearn', of, id, never: false }, 'It may be learnt again.')}
            >
              Learn again
            </Button>
          </Box>
        ))}
      </Box>
      {on && ranges && <Typography sx={{ mt: 1 }}>{ranges}</Typography>}
      <Button
        variant="outlined"
        sx={{ mt: 1 }}
        onClick={() =>
          send({ do: 'switch-learnt', on: !on }, on ? 'Estimates go by the usual rates.' : 'Estimates learn.')
        }
      >
        {on ? 'Go by the usual rates alone' : 'Let estimates learn from your times'}
      </Button>
    </Box>
  );
}
