'use client';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { UseFormReturn } from 'react-hook-form';
import { PRIORITIES } from '@/core/basics/choices';
import { FIXTURE_KINDS, searchFixtureKinds } from '@/core/catalogue/fixture-kinds';
import { isFromTap, PRODUCT_NAMES, PRODUCTS } from '@/core/catalogue/products';
import { TAGS } from '@/core/catalogue/tags';
import { MACHINE_KINDS, WORK_KINDS } from '@/core/catalogue/work-kinds';
import { ownMethod } from '@/present/catalogue/own-method';
import type { FormValues } from '@/present/forms/schemas';
import { PRIORITY_WORDS } from '@/present/scope/scope-words';
import { css } from '@/ui/theme/made/css';
import { Field } from '../forms/field';
import { SelectField } from '../forms/select-field';
import { TickList } from '../forms/tick-list';
import { useActionForm } from '../forms/use-action-form';
import { Button } from '../parts/button';
import type { ChangeActions } from '../parts/change-actions';
import { PageHead } from '../parts/page-head';
import { Sentence } from '../parts/sentence';
import { TextLink } from '../parts/text-link';
import { newId } from '../state/new-id';

/** Where in the order from the ceiling to the floor it comes. */
const LAYER_WORDS = [
  [0, 'first, at the ceiling'],
  [2, 'high up'],
  [4, 'at hand height'],
  [6, 'low down'],
  [7, 'just before the floor'],
  [9, 'last, the floor itself'],
] as const;

const KINDS = searchFixtureKinds('').map((kind) => [kind, FIXTURE_KINDS[kind].name] as const);

const BLANK: FormValues<'ownMethod'> = {
  title: '',
  fixture: 'something-else',
  kind: 'furniture',
  layer: 4,
  doing: '',
  setUpMinutes: 2,
  minutesEach: 10,
  waitMinutes: 0,
  after: '',
  afterMinutes: 0,
  intervalMonths: 12,
  priority: 'should',
  tools: '',
  product: '',
  dose: 0,
  water: 0,
  machine: '',
  tags: [],
  leastAge: 0,
  how: '',
  doneWhen: '',
};

type OwnMethodPageProps = {
  /** The household's own, with their names. */
  readonly products: readonly (readonly [product: string, words: string])[];
  readonly actions: Pick<ChangeActions, 'change'>;
};

/** A method of one's own: what it is for, its hands-on work, a wait in the middle where there is one. */
export function OwnMethodPage({ products, actions }: OwnMethodPageProps) {
  const router = useRouter();
  const [id] = useState(newId);
  const { form, submit, sentence } = useActionForm(
    'ownMethod',
    BLANK,
    (values, command) =>
      actions.change({ id: command, input: { do: 'put-method', method: ownMethod(id, values) } }),
    (values) => router.push(`/catalogue/${ownMethod(id, values).id}`),
  );
  return (
    <>
      <TextLink href="/catalogue">How things are done</TextLink>
      <PageHead title="A method of your own">
        It is estimated, ordered and planned like every other, wherever such a thing stands in the house.
      </PageHead>
      <form
        noValidate
        onSubmit={submit}
        aria-label="A method of your own"
        className={css({ display: 'flex', flexDirection: 'column', gap: 2, maxWidth: 640 })}
      >
        <Sentence>{sentence}</Sentence>
        <WhatFor form={form} />
        <TheWork form={form} />
        <WhatItTakes form={form} products={products} />
        <HowOften form={form} />
        <Field form={form} name="how" label="How to do it, in a line" multiline />
        <Field form={form} name="doneWhen" label="How one knows that it is done" />
        <div className={css({ display: 'flex', flexDirection: 'row' })}>
          <Button type="submit" variant="contained" loading={form.formState.isSubmitting}>
            Keep this method
          </Button>
        </div>
      </form>
    </>
  );
}

type Section = { readonly form: UseFormReturn<FormValues<'ownMethod'>> };

function WhatFor({ form }: Section) {
  return (
    <>
      <Field form={form} name="title" label="What is done" placeholder="Wax the piano" />
      <div className={css({ display: 'flex', flexDirection: { base: 'column', sm: 'row' }, gap: 1.5 })}>
        <SelectField form={form} name="fixture" label="For every" options={KINDS} />
        <SelectField form={form} name="kind" label="Kind of work" options={Object.entries(WORK_KINDS)} />
        <SelectField form={form} name="layer" label="In the order" number options={LAYER_WORDS} />
      </div>
    </>
  );
}

/** Hands-on work, a wait, and what comes after it. */
function TheWork({ form }: Section) {
  return (
    <>
      <Field form={form} name="doing" label="The work itself" placeholder="Thin, with the grain" />
      <div className={css({ display: 'flex', flexDirection: 'row', gap: 1.5 })}>
        <Field form={form} name="setUpMinutes" label="Set-up, min" number />
        <Field form={form} name="minutesEach" label="Minutes for each" number />
        <Field form={form} name="waitMinutes" label="Then a wait, min" number hint="0 for none" />
      </div>
      <div className={css({ display: 'flex', flexDirection: 'row', gap: 1.5 })}>
        <Field form={form} name="after" label="After the wait" placeholder="Buff" fullWidth />
        <Field form={form} name="afterMinutes" label="Minutes" number />
      </div>
    </>
  );
}

const PRODUCT_OPTIONS = [
  ['', 'none'],
  ...PRODUCT_NAMES.filter((name) => !isFromTap(name)).map((name) => [name, PRODUCTS[name]] as const),
] as const;
const MACHINE_OPTIONS = [['', 'none'], ...Object.entries(MACHINE_KINDS)] as const;

/** Tools, a product with its dose, a machine, and what it asks of whoever does it. */
function WhatItTakes({ form, products }: Section & Pick<OwnMethodPageProps, 'products'>) {
  return (
    <>
      <Field form={form} name="tools" label="Tools, with commas between" placeholder="soft cloth, brush" />
      <div className={css({ display: 'flex', flexDirection: { base: 'column', sm: 'row' }, gap: 1.5 })}>
        <SelectField form={form} name="product" label="Product" options={[...PRODUCT_OPTIONS, ...products]} />
        <Field form={form} name="dose" label="Of it, ml or g" number hint="for one" />
        <Field form={form} name="water" label="In water, ml" number hint="0: as it is" />
      </div>
      <div className={css({ display: 'flex', flexDirection: { base: 'column', sm: 'row' }, gap: 1.5 })}>
        <SelectField form={form} name="machine" label="The wait is done by" options={MACHINE_OPTIONS} />
        <Field form={form} name="leastAge" label="From the age of" number hint="0: anybody" />
      </div>
      <TickList form={form} name="tags" legend="It means" options={Object.entries(TAGS)} />
    </>
  );
}

function HowOften({ form }: Section) {
  return (
    <div className={css({ display: 'flex', flexDirection: 'row', gap: 1.5 })}>
      <Field form={form} name="intervalMonths" label="Every … months" number />
      <SelectField
        form={form}
        name="priority"
        label="Priority"
        options={PRIORITIES.map((priority) => [priority, PRIORITY_WORDS[priority]] as const)}
      />
    </div>
  );
}
