import type { Method, MethodStep } from '@/core/catalogue/method';
import { OWN_PREFIX } from '@/core/catalogue/own-prefix';
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
    tools: [],
    products: {},
    leastAge: 0,
    intervalMonths: form.intervalMonths,
    priority: form.priority,
    routine: false,
    occasional: false,
    hardness: USUAL_HARDNESS,
    how: form.how,
    doneWhen: form.doneWhen,
  };
}

function stepsOf(form: FormValues<'ownMethod'>): MethodStep[] {
  const work = handsOn('work', form.doing, form.setUpMinutes, 60 / form.minutesEach);
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
  };
  return afterMinutes === 0 ? [work, wait] : [work, wait, handsOn('after', after, afterMinutes)];
}

function handsOn(key: string, title: string, setUpMinutes: number, perHour?: number): MethodStep {
  return {
    key,
    mode: 'hands',
    title,
    setUpMinutes,
    ...(perHour !== undefined && { rate: { quantity: 'each', perHour } }),
    soiled: true,
    tags: [],
    crew: 1,
  };
}
