'use client';
import { FORMS } from '@/core/catalogue/own-product';
import { clashWithin, type OwnProduct, partsIn } from '@/core/catalogue/own-products';
import { isFromTap, PRODUCT_NAMES, PRODUCTS } from '@/core/catalogue/products';
import { SURFACES } from '@/core/home/surfaces';
import { BLANK_PRODUCT, LABEL_WORDS, ownProduct, valuesOf } from '@/present/supplies/own-product';
import { css } from '@/ui/theme/made/css';
import { ChooseSeveral } from '../forms/choose-several';
import { Field } from '../forms/field';
import { SelectField } from '../forms/select-field';
import { useActionForm } from '../forms/use-action-form';
import type { ChangeActions } from '../parts/change-actions';
import { SmallForm } from './small-form';

type OwnProductFormProps = {
  readonly id: string;
  /** Absent: one that is new. */
  readonly product: OwnProduct | undefined;
  readonly jobs: readonly (readonly [id: string, words: string])[];
  readonly actions: Pick<ChangeActions, 'change'>;
  readonly onClose: () => void;
};

const SHIPPED = PRODUCT_NAMES.map((name) => [name, PRODUCTS[name]] as const);
const CLEANING = SHIPPED.filter(([name]) => !isFromTap(name));
const SURFACE_OPTIONS = SURFACES.map((surface) => [surface, surface] as const);
const FORM_WORDS = { liquid: 'liquid, in ml', powder: 'powder, in g' } as const;
const FORM_OPTIONS = FORMS.map((form) => [form, FORM_WORDS[form]] as const);

/** What one calls it, what is in it, and how it is used. */
export function OwnProductForm({ id, product, jobs, actions, onClose }: OwnProductFormProps) {
  const { form, submit, sentence } = useActionForm(
    'ownProduct',
    product ? valuesOf(product) : BLANK_PRODUCT,
    (values, command) =>
      actions.change({ id: command, input: { do: 'put-own-product', product: ownProduct(id, values) } }),
    onClose,
  );
  return (
    <SmallForm
      label="A product of your own"
      sentence={sentence}
      isSending={form.formState.isSubmitting}
      onSubmit={submit}
      onClose={onClose}
    >
      <div className={css({ display: 'flex', flexDirection: { base: 'column', sm: 'row' }, gap: 1.5 })}>
        <Field form={form} name="name" label="What you call it" fullWidth autoFocus />
        <SelectField form={form} name="form" label="It is a" options={FORM_OPTIONS} />
      </div>
      <ChooseSeveral form={form} name="madeOf" label="What is in it" options={SHIPPED} />
      <ChooseSeveral
        form={form}
        name="label"
        label="What its label says that it has"
        hint="For a bottle whose contents you don’t know otherwise."
        options={LABEL_WORDS}
      />
      {!form.formState.errors.madeOf && (
        <Within parts={partsIn({ madeOf: form.watch('madeOf'), label: form.watch('label') })} />
      )}
      <ChooseSeveral form={form} name="insteadOf" label="Use it instead of" options={CLEANING} />
      <div className={css({ display: 'flex', flexDirection: 'row', gap: 1.5 })}>
        <Field form={form} name="amount" label="Of it, ml or g" number />
        <Field form={form} name="water" label="In water, ml" number hint="0: as it is" />
      </div>
      <ChooseSeveral
        form={form}
        name="methods"
        label="Only for these jobs"
        hint="None chosen: for all that take what it stands in for."
        options={jobs}
      />
      <ChooseSeveral form={form} name="notOn" label="Never on" options={SURFACE_OPTIONS} />
    </SmallForm>
  );
}

/** Said as soon as two things are chosen that must not come together. */
function Within({ parts }: { parts: ReturnType<typeof partsIn> }) {
  const clash = clashWithin(parts);
  return (
    <div role="status">
      {clash && (
        <p
          className={css({
            textStyle: 'body',
            m: 0,
            borderInlineStart: '4px solid var(--colors-sun)',
            pl: 2,
          })}
        >
          {clash.why} {clash.instead}
        </p>
      )}
    </div>
  );
}
