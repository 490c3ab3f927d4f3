import type { Dose, Method, MethodStep } from '@/core/catalogue/method';
import { OWN_PREFIX } from '@/core/catalogue/own-prefix';
import { unitFor } from '@/core/catalogue/product-facts';
import type { Tag } from '@/core/catalogue/tags';
import type { FormValues } from '../forms/schemas';

/** How much one would rather not, until somebody says. */
const USUAL_HARDNESS = 2;

/** A method from what the form asks for. */
export function ownMethod(id: string, form: FormValues<'ownMethod'>): Method {
  return {
    id: `${OWN_PREFIX}${id}`,
    fixture: form.fixture,
    title: form.title,
    kind: form.kind,
    layer: form.layer,
    notOn: [],
    steps: stepsOf(form),
    sameDay: false,
    needs: [],
    tools: toolsOf(form),
    products: productsOf(form),
    leastAge: form.leastAge,
    intervalMonths: form.intervalMonths,
    priority: form.priority,
    routine: false,
    occasional: false,
    hardness: USUAL_HARDNESS,
    how: form.how,
    doneWhen: form.doneWhen,
  };
}

/** What was written with commas between. */
function toolsOf({ tools }: FormValues<'ownMethod'>): string[] {
  return tools
    .split(',')
    .map((tool) => tool.trim())
    .filter((tool) => tool !== '');
}

/** The same product whatever else the house is cleaned with; what clashes is still found. */
function productsOf({ product, dose: amount, water }: FormValues<'ownMethod'>): Method['products'] {
  if (product === '') return {};
  const dose: Dose = { product, amount, unit: unitFor(product), ...(water > 0 && { inMl: water }) };
  return { water: [dose], pantry: [dose], shop: [dose] };
}

function stepsOf(form: FormValues<'ownMethod'>): MethodStep[] {
  const work = handsOn('work', form.doing, form.setUpMinutes, form.tags, 60 / form.minutesEach);
  if (form.waitMinutes === 0) return [work];
  const { waitMinutes: minutes, after, afterMinutes } = form;
  const wait: MethodStep = {
    key: 'wait',
    mode: 'wait',
    title: 'It works by itself',
    minutes,
    low: minutes,
    high: minutes,
    closesRoom: false,
    ...(form.machine !== '' && { machine: form.machine }),
  };
  return afterMinutes === 0 ? [work, wait] : [work, wait, handsOn('after', after, afterMinutes, form.tags)];
}

function handsOn(
  key: string,
  title: string,
  setUpMinutes: number,
  tags: readonly Tag[],
  perHour?: number,
): MethodStep {
  return {
    key,
    mode: 'hands',
    title,
    setUpMinutes,
    ...(perHour !== undefined && { rate: { quantity: 'each', perHour } }),
    soiled: true,
    tags: [...tags],
    crew: 1,
  };
}
