'use client';
import { useState } from 'react';
import { Controller, type UseFormReturn } from 'react-hook-form';
import { TAGS } from '@/core/catalogue/tags';
import { WORK_KINDS, type WorkKind } from '@/core/catalogue/work-kinds';
import { PACES } from '@/core/home/scales';
import { AT_HOME_NAMES } from '@/core/people/at-home';
import type { Member, WeeklyHours } from '@/core/people/member';
import type { MemberForm as Values } from '@/present/forms/schemas';
import { css } from '@/ui/theme/made/css';
import { Field } from '../forms/field';
import { HoursFields } from '../forms/hours-fields';
import { TickList } from '../forms/tick-list';
import { useActionForm } from '../forms/use-action-form';
import { Button } from '../parts/button';
import { Sentence } from '../parts/sentence';
import { TextField } from '../parts/text-field';
import { Unfold } from '../parts/unfold';
import type { CommandAction } from '../state/command';
import { useCommand } from '../state/use-command';
import { LongStretch } from './long-stretch';
import { PaintWeek } from './paint-week';

type MemberFormProps = {
  readonly member: Omit<Member, 'exceptions' | 'busy'>;
  readonly save: CommandAction;
  readonly drop?: CommandAction;
  readonly onSaved?: () => void;
};

/** A person's name, weekly hours, caps and what they must not do. */
export function MemberForm({ member, save, drop, onSaved }: MemberFormProps) {
  const [saved, setSaved] = useState('');
  const { id, name, hours, dailyCap, breakAfter, breakLength, cannot, dislikes, pace, age, atHome } = member;
  const values: Values = {
    id,
    name,
    hours,
    dailyCap,
    breakAfter,
    breakLength,
    cannot,
    dislikes,
    pace,
    age,
    atHome,
  };
  const keep = (input: Values, id: string) => save({ id, input });
  const { form, submit, sentence } = useActionForm('member', values, keep, () => {
    setSaved('Kept.');
    onSaved?.();
  });
  const command = useCommand();
  return (
    <form
      noValidate
      onSubmit={submit}
      aria-label={name === '' ? 'New person' : name}
      className={css({ display: 'flex', flexDirection: 'column', gap: 2.5, maxWidth: 640 })}
    >
      <Sentence>{sentence ?? command.fault}</Sentence>
      <WhoItIs form={form} />
      <Hours form={form} />
      <AtHome form={form} />
      <HowMuch form={form} />
      <TickList form={form} name="cannot" legend="Never gives this person" options={Object.entries(TAGS)} />
      <RatherNot form={form} />
      <div className={css({ display: 'flex', flexDirection: 'row', gap: 2, alignItems: 'center' })}>
        <Button type="submit" variant="contained" loading={form.formState.isSubmitting}>
          Keep
        </Button>
        <span role="status">{saved}</span>
        {drop && (
          <Button color="inherit" onClick={() => command.send(drop, { id })} className={css({ ml: 'auto' })}>
            {name} does not help
          </Button>
        )}
      </div>
    </form>
  );
}

type MemberSection = { readonly form: UseFormReturn<Values> };

function WhoItIs({ form }: MemberSection) {
  return (
    <div className={css({ display: 'flex', flexDirection: { base: 'column', sm: 'row' }, gap: 1.5 })}>
      <Field form={form} name="name" label="Name" />
      <Field
        form={form}
        name="age"
        label="Age"
        number
        hint="Empty: grown up. What is for older people goes to somebody else."
      />
    </div>
  );
}

/** Painted on a week, or said to the minute. */
function Hours({ form }: MemberSection) {
  const hours = form.watch('hours');
  const put = (next: WeeklyHours[]) =>
    form.setValue('hours', next, { shouldDirty: true, shouldValidate: true });
  return (
    <>
      <PaintWeek hours={hours} onChange={put} />
      <LongStretch hours={hours} onChange={put} />
      <Unfold title="To the minute" slim open={form.formState.errors.hours !== undefined}>
        <HoursFields form={form} legend="Hours in a usual week" usual={{ from: '18:30', to: '20:30' }} />
      </Unfold>
    </>
  );
}

/** An oven that cleans itself is not left alone. */
function AtHome({ form }: MemberSection) {
  return (
    <Field
      form={form}
      name="atHome"
      label="At home besides"
      select
      hint="What runs by itself and must not be left alone, such as an oven that cleans itself, may run then too."
    >
      <option value="">only while working</option>
      {AT_HOME_NAMES.map((name) => (
        <option key={name} value={name}>
          {name}
        </option>
      ))}
    </Field>
  );
}

function HowMuch({ form }: MemberSection) {
  return (
    <div className={css({ display: 'flex', flexDirection: { base: 'column', sm: 'row' }, gap: 1.5 })}>
      <Field form={form} name="dailyCap" label="Most a day, min" number />
      <Field form={form} name="breakAfter" label="Break after, min" number />
      <Field form={form} name="breakLength" label="Length of break, min" number />
      <Field form={form} name="pace" label="Pace" select>
        {Object.entries(PACES).map(([value, factor]) => (
          <option key={value} value={value}>
            {factor === 1 ? value : `${value}, × ${factor}`}
          </option>
        ))}
      </Field>
    </div>
  );
}

const WORK_KIND_NAMES = Object.keys(WORK_KINDS) as WorkKind[];
const RATHER_NOT = ['Does not mind', 'Rather not', 'Dislikes it', 'Hates it'] as const;

/** What goes to somebody else where it can. */
function RatherNot({ form }: MemberSection) {
  return (
    <Controller
      control={form.control}
      name="dislikes"
      render={({ field }) => (
        <Unfold slim title={ratherNotWords(field.value)}>
          <div className={css({ display: 'grid', gridTemplateColumns: { sm: '1fr 1fr' }, gap: 1.5, pt: 1 })}>
            {WORK_KIND_NAMES.map((kind) => (
              <TextField
                key={kind}
                label={WORK_KINDS[kind]}
                size="small"
                select
                value={field.value[kind] ?? 0}
                onChange={(event) => {
                  const { [kind]: _before, ...others } = field.value;
                  const level = Number(event.target.value);
                  field.onChange(level === 0 ? others : { ...others, [kind]: level });
                }}
              >
                {RATHER_NOT.map((words, level) => (
                  <option key={words} value={level}>
                    {words}
                  </option>
                ))}
              </TextField>
            ))}
          </div>
        </Unfold>
      )}
    />
  );
}

function ratherNotWords(dislikes: Values['dislikes']): string {
  const kinds = WORK_KIND_NAMES.filter((kind) => dislikes[kind]).map((kind) => WORK_KINDS[kind]);
  return kinds.length === 0
    ? 'Would rather not do: nothing said'
    : `Would rather not do: ${kinds.join(', ')}`;
}
