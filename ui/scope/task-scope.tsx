'use client';
import { memo, useState } from 'react';
import { canBeInParts } from '@/core/catalogue/in-parts';
import type { ProductSchool } from '@/core/catalogue/work-kinds';
import { type Mark, REASONS, type Reason } from '@/core/clean/marks';
import type { ProblemTask } from '@/core/plan/problem';
import type { CleanTask } from '@/core/work/tasks';
import { productWords } from '@/present/scope/product-words';
import { SCHOOL_WORDS } from '@/present/scope/school-words';
import { PRIORITY_WORDS, REASON_WORDS } from '@/present/scope/scope-words';
import { css } from '@/ui/theme/made/css';
import { Button } from '../parts/button';
import { Check } from '../parts/check';
import { NativeSelect } from '../parts/native-select';
import { TextField } from '../parts/text-field';
import { UnfoldLater } from '../parts/unfold-later';

/** The most minutes that a guess can be. */
const MOST_GUESS = 6000;

type TaskScopeProps = {
  readonly task: CleanTask;
  /** What was said of this very task already. */
  readonly mark: Mark | undefined;
  readonly onMark: (mark: Mark) => void;
};

/** What one decides about a task: in or out and why, how much it matters, whether it is dreaded, and one's own guess. */
export const TaskScope = memo(function TaskScope({ task, mark, onMark }: TaskScopeProps) {
  const { scope } = task;
  const known: Mark = mark ?? { on: 'task', target: task.id };
  const say = (part: Partial<Mark>) => onMark({ ...known, ...part });
  return (
    <div
      className={css({
        display: 'flex',
        flexDirection: 'row',
        gap: 1.5,
        flexWrap: 'wrap',
        alignItems: 'center',
        mt: 1,
      })}
    >
      {scope.in ? (
        <NativeSelect
          size="small"
          label="Leave it out because"
          value=""
          none="it stays in"
          options={REASONS.map((reason) => [reason, REASON_WORDS[reason]])}
          onChange={(reason) => say({ in: false, reason: reason as Reason })}
          className={css({ minWidth: 190 })}
        />
      ) : (
        <Button variant="outlined" onClick={() => say({ in: true, reason: undefined })}>
          Do it after all
        </Button>
      )}
      <NativeSelect
        size="small"
        label="Priority"
        value={scope.priority}
        options={Object.entries(PRIORITY_WORDS)}
        onChange={(priority) => say({ priority: priority as ProblemTask['priority'] })}
      />
      <Guess minutes={scope.guessMinutes} onGuess={(guessMinutes) => say({ guessMinutes })} />
      <Tick label="Matters most" on={scope.matters} onChange={(matters) => say({ matters })} />
      <Tick label="Dreaded" on={scope.dreaded} onChange={(dreaded) => say({ dreaded })} />
      {task.method.forOneOrTwo && <ByHowMany alone={known.alone} onSay={(alone) => say({ alone })} />}
      {canBeInParts(task.method) && (
        <Tick
          label="Half by half, since the room can’t be emptied"
          on={known.inParts ?? false}
          onChange={(on) => say({ inParts: on || undefined })}
        />
      )}
      <Products task={task} school={known.products} onSchool={(products) => say({ products })} />
    </div>
  );
});

type ByHowManyProps = {
  readonly alone: boolean | undefined;
  readonly onSay: (alone: boolean | undefined) => void;
};

/** Heavy things: by two, or by one in another way. */
function ByHowMany({ alone, onSay }: ByHowManyProps) {
  return (
    <NativeSelect
      size="small"
      label="Done by"
      value={alone === undefined ? '' : alone ? 'one' : 'two'}
      none="whoever is there"
      options={[
        ['one', 'one person'],
        ['two', 'two people'],
      ]}
      helperText={
        alone ? 'Heavy: emptied, on felt, a corner at a time. If it does not give, leave it.' : undefined
      }
      onChange={(chosen) => onSay(chosen === '' ? undefined : chosen === 'one')}
      className={css({ minWidth: 170 })}
    />
  );
}

type ProductsProps = {
  readonly task: CleanTask;
  readonly school: ProductSchool | undefined;
  readonly onSchool: (school: ProductSchool | undefined) => void;
};

/** What it is done with; opened, from which school that is taken for this task. */
function Products({ task, school, onSchool }: ProductsProps) {
  const words = productWords(task.products);
  if (!words) return null;
  return (
    <div className={css({ flexBasis: '100%' })}>
      <UnfoldLater slim title={words}>
        {() => (
          <NativeSelect
            size="small"
            label="Cleaned with"
            value={school ?? ''}
            none="as the room"
            options={Object.entries(SCHOOL_WORDS)}
            onChange={(chosen) => onSchool(chosen === '' ? undefined : (chosen as ProductSchool))}
            className={css({ maxWidth: 320, mt: 1 })}
          />
        )}
      </UnfoldLater>
    </div>
  );
}

function Tick({ label, on, onChange }: { label: string; on: boolean; onChange: (on: boolean) => void }) {
  return <Check label={label} checked={on} onChange={onChange} />;
}

type GuessProps = {
  readonly minutes: number | undefined;
  readonly onGuess: (minutes: number | undefined) => void;
};

/** One's own guess beside the estimate; empty takes it back. */
function Guess({ minutes, onGuess }: GuessProps) {
  const [typed, setTyped] = useState<string>();
  const text = typed ?? (minutes === undefined ? '' : String(minutes));
  const value = text.trim() === '' ? undefined : Number(text);
  const fault =
    value !== undefined && !(Number.isInteger(value) && value >= 1 && value <= MOST_GUESS)
      ? `Whole minutes, from 1 to ${MOST_GUESS}.`
      : undefined;
  const keep = () => {
    if (typed !== undefined && !fault && value !== minutes) onGuess(value);
    if (!fault) setTyped(undefined);
  };
  return (
    <TextField
      size="small"
      label="My own guess, min"
      value={text}
      onChange={(event) => setTyped(event.target.value)}
      onBlur={keep}
      onKeyDown={(event) => event.key === 'Enter' && keep()}
      error={fault !== undefined}
      helperText={fault}
      className={css({ width: fault ? 240 : 150 })}
      inputMode="numeric"
    />
  );
}
