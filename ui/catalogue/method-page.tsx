import type { ReactNode } from 'react';
import { shownIn, unitName } from '@/core/basics/units';
import { methodAtHand } from '@/core/catalogue/at-hand';
import type { Dose, Method, MethodStep } from '@/core/catalogue/method';
import { productInText } from '@/core/catalogue/products';
import { TAGS } from '@/core/catalogue/tags';
import { MACHINE_KINDS, PRODUCT_SCHOOLS, WORK_KINDS } from '@/core/catalogue/work-kinds';
import { intervalIn } from '@/core/estimate/fact-effects';
import { unitOf } from '@/core/furnish/quantities';
import { roundOf } from '@/core/home/weekly-round';
import type { Current } from '@/core/problem/campaign';
import { atHandOf } from '@/core/work/work';
import { fixtureKindName, isOwn } from '@/present/catalogue/catalogue-model';
import { QUANTITY_WORDS, SCHOOL_WORDS, whenWords } from '@/present/catalogue/catalogue-words';
import { amount, count, duration } from '@/present/words/words';
import { css } from '@/ui/theme/made/css';
import type { ChangeActions } from '../parts/change-actions';
import { PageHead } from '../parts/page-head';
import { TextLink } from '../parts/text-link';
import { Unfold } from '../parts/unfold';
import { MethodNumbersLater } from './method-numbers-later';
import { MethodSwitches } from './method-switches';

type MethodPageProps = {
  readonly state: Current;
  readonly method: Method;
  readonly actions: ChangeActions;
};

/** How one thing is done, how long, with what, how often; and the numbers behind it, to be made one's own. */
export function MethodPage({ state, method, actions }: MethodPageProps) {
  const { catalogue } = state.household;
  return (
    <>
      <TextLink href="/catalogue">How things are done</TextLink>
      <Head state={state} method={method} />
      <div className={css({ display: 'flex', flexDirection: 'column', gap: 3, maxWidth: 780 })}>
        <div>
          <p className={css({ textStyle: 'body', m: 0, fontSize: '1.1rem' })}>{method.how}</p>
          <p className={css({ textStyle: 'body', m: 0, mt: 0.5 })}>
            <strong>Done when:</strong> {method.doneWhen}
          </p>
        </div>
        <Caution method={method} />
        <Section title="Steps">
          <StepsHere state={state} method={method} />
        </Section>
        <Section title="With what">
          {method.tools.length > 0 && (
            <p className={css({ textStyle: 'body', m: 0 })}>Tools: {method.tools.join(', ')}.</p>
          )}
          <Products method={method} />
        </Section>
        <Limits method={method} />
        <MethodSwitches
          id={method.id}
          off={catalogue.off.includes(method.id)}
          changed={catalogue.changed[method.id] !== undefined}
          own={isOwn(method)}
          edits={state.edits}
          actions={actions}
        />
        <MethodNumbersLater method={method} actions={actions} />
      </div>
    </>
  );
}

function Head({ state, method }: Omit<MethodPageProps, 'actions'>) {
  const months = intervalIn(method, state.household.home.facts);
  const round = roundOf(method.id);
  const here = state.listed.filter((task) => task.method.id === method.id).length;
  return (
    <PageHead title={method.title}>
      {fixtureKindName(method.fixture)}. {WORK_KINDS[method.kind]}. Every {count(months, 'month', 'months')}
      {months !== method.intervalMonths && ` in this house, ${method.intervalMonths} elsewhere`}
      {round && `, and every ${count(round.days, 'day', 'days')} where the weekly round does it`}
      {method.occasional && ', and only where it is needed'}. {count(here, 'place', 'places')} in this house.
    </PageHead>
  );
}

function Caution({ method: { caution, professional } }: { method: Method }) {
  if (!caution && !professional) return null;
  return (
    <div className={css({ borderInlineStart: '4px solid var(--colors-sun)', pl: 2 })}>
      {caution && <p className={css({ textStyle: 'body', m: 0 })}>{caution}</p>}
      {professional && <p className={css({ textStyle: 'body', m: 0 })}>{professional}</p>}
      <p className={css({ textStyle: 'body', m: 0, fontSize: '0.9rem', color: 'quiet' })}>
        Usual cautions. The label and the maker come first; local rules and licensed trades decide.
      </p>
    </div>
  );
}

/** As it is done in this house; how it would be done with other things at hand is one press away. */
function StepsHere({ state: { household }, method }: Pick<MethodPageProps, 'state' | 'method'>) {
  const here = methodAtHand(method, atHandOf(household)).steps;
  const elsewhere = method.steps.filter((step) => !here.includes(step));
  const { units } = household;
  return (
    <>
      {here.length > 0 ? (
        <Steps steps={here} units={units} />
      ) : (
        <p className={css({ textStyle: 'body', m: 0 })}>With what you have, this is part of another job.</p>
      )}
      {elsewhere.length > 0 && (
        <Unfold slim title="Done otherwise, by what is at hand">
          <Steps steps={elsewhere} units={units} withWhen />
        </Unfold>
      )}
    </>
  );
}

type StepsProps = {
  readonly steps: readonly MethodStep[];
  readonly units: Current['household']['units'];
  readonly withWhen?: boolean;
};

function Steps({ steps, units, withWhen = false }: StepsProps) {
  return (
    <ol className={css({ m: 0, pl: 2.5 })}>
      {steps.map((step) => (
        <li key={step.key} className={css({ mb: 1 })}>
          {step.title}
          <div className={css({ fontSize: '0.92rem', color: 'quiet' })}>
            {[withWhen && whenWords(step.when), stepWords(step, units)].filter(Boolean).join('. ')}
          </div>
        </li>
      ))}
    </ol>
  );
}

function Section({ title, children }: { title: string; children: ReactNode }) {
  return (
    <section aria-label={title}>
      <h2 className={css({ textStyle: 'h3', m: 0, mb: 0.75 })}>{title}</h2>
      {children}
    </section>
  );
}

function stepWords(step: MethodStep, units: Current['household']['units']): string {
  const machine = step.machine ? `, ${MACHINE_KINDS[step.machine].toLowerCase()}` : '';
  if (step.mode === 'wait')
    return `A wait of ${duration(step.minutes)} (${step.low} to ${step.high} min)${machine}${step.closesRoom ? '; nobody in the room' : ''}`;
  const parts = [
    step.setUpMinutes > 0 && `${amount(step.setUpMinutes)} min to set up`,
    step.rate && `${rateWords(step.rate, units)} an hour`,
    step.belongings &&
      `${amount(step.belongings.secondsEach)} s for each thing, ${amount(step.belongings.thingsPerUnit)} things ${perUnit(step.belongings.quantity)} when it is full`,
    step.crew > 1 && `${step.crew} people`,
    step.tags.length > 0 && step.tags.map((tag) => TAGS[tag]).join(', '),
  ].filter(Boolean);
  return `${parts.join('; ')}${machine}`;
}

type Quantity = keyof typeof QUANTITY_WORDS;

function rateWords(
  { quantity, perHour }: { quantity: Quantity; perHour: number },
  units: 'metric' | 'us',
): string {
  const unit = unitOf(quantity);
  const words = units === 'metric' || unit === '' ? QUANTITY_WORDS[quantity] : unitName(units, unit);
  return `${amount(shownIn(units, unit, perHour))} ${words}`;
}

function perUnit(quantity: Quantity): string {
  return quantity === 'each' ? 'each' : `for one of ${QUANTITY_WORDS[quantity]}`;
}

function Products({ method }: { method: Method }) {
  const schools = PRODUCT_SCHOOLS.filter((school) => (method.products[school] ?? []).length > 0);
  if (schools.length === 0)
    return <p className={css({ textStyle: 'body', m: 0 })}>No product: dry, or water alone.</p>;
  return (
    <dl className={css({ m: 0, mt: 0.5 })}>
      {schools.map((school) => (
        <div key={school} className={css({ display: 'flex', gap: 1.5 })}>
          <dt className={css({ minWidth: 130, color: 'quiet' })}>{SCHOOL_WORDS[school]}</dt>
          <dd className={css({ m: 0 })}>
            {(method.own?.[school] ?? method.products[school] ?? []).map(doseWords).join('; ')}
          </dd>
        </div>
      ))}
    </dl>
  );
}

function doseWords({ product, amount: dose, unit, inMl }: Dose): string {
  return `${productInText(product)}, ${dose} ${unit}${inMl ? ` in ${amount(inMl / 1000)} l` : ''}`;
}

function Limits({ method }: { method: Method }) {
  const lines = [
    method.surfaces && `Only for ${method.surfaces.join(', ')}.`,
    method.notOn.length > 0 && `Never on ${method.notOn.join(', ')}.`,
    method.needs.includes('dry') && 'On a dry day.',
    method.needs.includes('daylight') && 'By daylight.',
    method.leastAge > 0 && `From about ${method.leastAge} years of age.`,
  ].filter(Boolean);
  return lines.length > 0 ? <p className={css({ textStyle: 'body', m: 0 })}>{lines.join(' ')}</p> : null;
}
