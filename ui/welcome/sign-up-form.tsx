'use client';
import { useCallback, useRef, useState } from 'react';
import type { UseFormReturn } from 'react-hook-form';
import { isTimezone } from '@/core/basics/wall-clock';
import { LEAST_PASSPHRASE } from '@/present/forms/limits';
import type { ActionResult } from '@/present/forms/result';
import type { FormValues } from '@/present/forms/schemas';
import { css } from '@/ui/theme/made/css';
import { Field } from '../forms/field';
import { useActionForm } from '../forms/use-action-form';
import { Button } from '../parts/button';
import { Options } from '../parts/native-select';
import { Sentence } from '../parts/sentence';
import { KeepCodes } from './keep-codes';
import { useFirstSignIn } from './use-first-sign-in';

type SignUpFormProps = {
  readonly action: (input: unknown) => Promise<ActionResult<string[]>>;
  readonly signIn: (input: unknown) => Promise<ActionResult>;
};

export function SignUpForm({ action, signIn }: SignUpFormProps) {
  const [codes, setCodes] = useState<readonly string[]>();
  const goOn = useFirstSignIn(signIn, '/aim');
  const { form, submit, sentence } = useActionForm(
    'signUp',
    { householdName: '', email: '', passphrase: '', timezone: '' },
    action,
    ({ email, passphrase }, made) => {
      goOn.remember({ email, passphrase });
      if (made.length > 0) setCodes(made);
      else void goOn.enter();
    },
  );
  const zone = useZoneOfDevice(form);
  if (codes) return <KeepCodes codes={codes} onKept={goOn.enter} fault={goOn.fault} />;
  return (
    <form
      className={css({ display: 'flex', flexDirection: 'column', gap: 2 })}
      noValidate
      onSubmit={submit}
      onFocus={zone.ask}
      onPointerEnter={zone.ask}
      aria-label="Sign up"
    >
      <Sentence>{sentence}</Sentence>
      <Field form={form} name="householdName" label="Name of the household" autoComplete="organization" />
      <Field form={form} name="email" label="Email" type="email" autoComplete="email" />
      <Field
        form={form}
        name="passphrase"
        label="Passphrase"
        type="password"
        autoComplete="new-password"
        hint={`At least ${LEAST_PASSPHRASE} characters; three or four words do well.`}
      />
      {(!zone.isKnown || form.formState.errors.timezone) && <ChooseZone form={form} />}
      <Button type="submit" variant="contained" size="large" loading={form.formState.isSubmitting}>
        Begin
      </Button>
    </form>
  );
}

type Form = UseFormReturn<FormValues<'signUp'>>;

/**
 * What the device says can only be asked on it; where that is no zone that anybody knows, a person chooses. It is asked when a
 * hand comes to the form: on a slow phone the answer takes a tenth of a second.
 */
function useZoneOfDevice(form: Form): { readonly isKnown: boolean; readonly ask: () => void } {
  const [isKnown, setKnown] = useState(true);
  const wasAsked = useRef(false);
  const ask = useCallback(() => {
    if (wasAsked.current) return;
    wasAsked.current = true;
    const zone = Intl.DateTimeFormat().resolvedOptions().timeZone;
    if (isTimezone(zone)) form.setValue('timezone', zone);
    else setKnown(false);
  }, [form]);
  return { isKnown, ask };
}

function ChooseZone({ form }: { form: Form }) {
  return (
    <Field
      form={form}
      name="timezone"
      label="Time zone of the home"
      hint="This device does not say which one it is in."
      select
    >
      <option value="">Choose …</option>
      <Options options={zones()} />
    </Field>
  );
}

function zones(): (readonly [string, string])[] {
  return [...Intl.supportedValuesOf('timeZone'), 'UTC'].map((zone) => [zone, zone.replaceAll('_', ' ')]);
}
