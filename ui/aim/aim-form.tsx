'use client';
import { type ReactNode, useState } from 'react';
import type { UseFormReturn } from 'react-hook-form';
import type { CleanForm } from '@/present/forms/schemas';
import { SCHOOL_WORDS } from '@/present/scope/school-words';
import { MATTER_WORDS } from '@/present/what-if/what-if-words';
import { css } from '@/ui/theme/made/css';
import { Field } from '../forms/field';
import { SelectField } from '../forms/select-field';
import { useActionForm } from '../forms/use-action-form';
import { WhenOfForm } from '../forms/when-of-form';
import { Button } from '../parts/button';
import { Options } from '../parts/native-select';
import { Sentence } from '../parts/sentence';
import { TextField } from '../parts/text-field';
import { Unfold } from '../parts/unfold';
import type { CommandAction } from '../state/command';

const GROUPING_WORDS: Record<CleanForm['grouping'], string> = {
  room: 'One room after the other',
  kind: 'One job through the whole house',
  layer: 'High work first, floors last',
  none: 'Whatever fits',
};

const SPREAD_WORDS: Record<CleanForm['spread'], string> = {
  even: 'Evenly, up to the finish line',
  early: 'As early as can be',
};

const BELONGINGS_WORDS: Record<CleanForm['belongings'], string> = {
  first: 'Sort the whole house first',
  stop: 'Decide at each stop',
  sweep: 'One sweep a room, against the clock',
  leave: 'Leave them as they are',
};

const ESTIMATE_WORDS: Record<CleanForm['estimates'], string> = {
  rates: 'Rates and the walk',
  guess: 'My own guess, where there is one',
};

const FIRST_JOB_WORDS: Record<CleanForm['firstJob'], string> = {
  dreaded: 'The rooms most dreaded',
  easy: 'An easy one, to get going',
  'way-in': 'The way in, so that no dirt follows',
  any: 'Whatever fits',
};

type BlockKind = CleanForm['block']['kind'];

const BLOCK_WORDS: Record<BlockKind, string> = {
  fixed: 'Up to the longest session, with breaks',
  sprints: 'Sprints with a rest after each',
  'until-done': 'Until it is done',
};

const BLOCKS: Record<BlockKind, CleanForm['block']> = {
  fixed: { kind: 'fixed' },
  sprints: { kind: 'sprints', minutes: 25, rest: 5 },
  'until-done': { kind: 'until-done' },
};

type AimSection = { readonly form: UseFormReturn<CleanForm> };

type AimFormProps = {
  readonly clean: CleanForm;
  readonly action: CommandAction;
  readonly onSaved?: () => void;
  /** Nothing is known yet: how to go about it is set as usual, and can wait. */
  readonly isFirst?: boolean;
};

/** Why, by when, for whom, and how to go about it. */
export function AimForm({ clean, action, onSaved, isFirst = false }: AimFormProps) {
  const [saved, setSaved] = useState(false);
  const save = (input: CleanForm, id: string) => action({ id, input });
  const { form, submit, sentence } = useActionForm('clean', clean, save, () => {
    setSaved(true);
    onSaved?.();
  });
  return (
    <form
      noValidate
      onSubmit={submit}
      onChange={() => setSaved(false)}
      aria-label="The aim"
      className={css({ display: 'flex', flexDirection: 'column', gap: 2, maxWidth: 640 })}
    >
      <Sentence>{sentence}</Sentence>
      <WhyAndWhen form={form} />
      {!isFirst && <HowToGo form={form} />}
      <Field form={form} name="reward" label="The reward to look forward to" />
      {isFirst && (
        <Unfold title="How to go about it: set as usual, to be changed at any time">
          <div className={css({ display: 'flex', flexDirection: 'column', gap: 2 })}>
            <HowToGo form={form} />
          </div>
        </Unfold>
      )}
      <div className={css({ display: 'flex', flexDirection: 'row', gap: 2, alignItems: 'center' })}>
        <Button type="submit" variant="contained" loading={form.formState.isSubmitting}>
          Keep this aim
        </Button>
        <span role="status">{saved ? 'Kept.' : ''}</span>
      </div>
    </form>
  );
}

function SideBySide({ children }: { children: ReactNode }) {
  return (
    <div className={css({ display: 'flex', flexDirection: { base: 'column', sm: 'row' }, gap: 2 })}>
      {children}
    </div>
  );
}

function WhyAndWhen({ form }: AimSection) {
  return (
    <>
      <Field form={form} name="name" label="Name of this clean" />
      <Field form={form} name="reason" label="Why, and for whom" multiline minRows={2} />
      <SideBySide>
        <WhenOfForm form={form} of="date" name="start" label="First day" size="medium" fullWidth />
        <WhenOfForm form={form} of="date" name="finish" label="Finish line" size="medium" fullWidth />
      </SideBySide>
    </>
  );
}

function HowToGo({ form }: AimSection) {
  return (
    <>
      <WayThrough form={form} />
      <WithWhat form={form} />
      <Stretches form={form} />
    </>
  );
}

function WayThrough({ form }: AimSection) {
  return (
    <>
      <SideBySide>
        <SelectField
          form={form}
          name="grouping"
          label="Which way through the house"
          options={Object.entries(GROUPING_WORDS)}
        />
        <SelectField
          form={form}
          name="spread"
          label="How the work is spread"
          options={Object.entries(SPREAD_WORDS)}
        />
      </SideBySide>
      <SelectField
        form={form}
        name="matters"
        label="What matters most"
        options={Object.entries(MATTER_WORDS)}
      />
    </>
  );
}

function WithWhat({ form }: AimSection) {
  return (
    <>
      <SelectField
        form={form}
        name="belongings"
        label="What happens with belongings"
        options={Object.entries(BELONGINGS_WORDS)}
      />
      {form.watch('belongings') === 'sweep' && (
        <SideBySide>
          <Field form={form} name="sweep.minutes" label="Minutes a room" number />
          <Field
            form={form}
            name="sweep.bags"
            label="Bags a room"
            number
            hint="Done when either is used up."
          />
        </SideBySide>
      )}
      <SideBySide>
        <SelectField
          form={form}
          name="estimates"
          label="Hours are taken from"
          options={Object.entries(ESTIMATE_WORDS)}
        />
        <SelectField
          form={form}
          name="products"
          label="What it is cleaned with"
          options={Object.entries(SCHOOL_WORDS)}
        />
      </SideBySide>
    </>
  );
}

function Stretches({ form }: AimSection) {
  const { kind } = form.watch('block');
  return (
    <>
      <SideBySide>
        <SelectField
          form={form}
          name="firstJob"
          label="What comes first"
          options={Object.entries(FIRST_JOB_WORDS)}
        />
        <TextField
          label="A stretch of work"
          select
          fullWidth
          value={kind}
          onChange={(event) => form.setValue('block', BLOCKS[event.target.value as BlockKind])}
        >
          <Options options={Object.entries(BLOCK_WORDS)} />
        </TextField>
      </SideBySide>
      {kind === 'sprints' && (
        <SideBySide>
          <Field form={form} name="block.minutes" label="Length of a sprint, min" number />
          <Field form={form} name="block.rest" label="Rest after it, min" number />
        </SideBySide>
      )}
    </>
  );
}
