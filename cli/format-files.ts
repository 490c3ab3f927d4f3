import { z } from 'zod';
import { CATALOGUE } from '../core/catalogue/catalogue';
import { householdFileSchema } from '../core/household/household';
import { planSchema } from '../core/plan/plan';
import { problemSchema } from '../core/plan/problem';
import { expand } from '../core/problem/expand';
import { juniperRowUnderWay } from '../demo/juniper-row';

/** The day on which the example household stands. */
const EXAMPLE_TODAY = '2027-03-01';

/** What lies in docs/formats beside the texts: path and content, made from the schemas and the demo household. */
export function formatFiles(): [path: string, content: string][] {
  const household = { ...juniperRowUnderWay(EXAMPLE_TODAY).household, now: `${EXAMPLE_TODAY}T17:00` };
  return [
    ['problem.schema.json', json(schemaOf(problemSchema, 'A problem of the planner'))],
    ['plan.schema.json', json(schemaOf(planSchema, 'A plan'))],
    ['household.schema.json', json(schemaOf(householdFileSchema, 'A household'))],
    ['examples/juniper-row.json', json(household)],
    ['examples/juniper-row.problem.json', json(expand(household, CATALOGUE))],
  ];
}

function schemaOf(schema: z.ZodType, title: string): object {
  return { title, ...z.toJSONSchema(schema, { io: 'input' }) };
}

function json(value: unknown): string {
  return `${JSON.stringify(value, null, 2)}\n`;
}
