import { answered } from '@/app/api/answered';
import { download } from '@/app/api/guard';
import { workTable } from '@/present/spread/work-table';
import { keptHousehold } from '@/server/household/kept';

/** The planned work as a table. */
export const GET = answered(async (): Promise<Response> => {
  return download('GET /api/work', 'early-thaw-work.csv', 'text/csv', async (scope) => {
    const { household, tasks, plans } = await keptHousehold(scope);
    return workTable(plans?.latest.plan ?? { entries: [] }, {
      people: new Map(household.people.map((member) => [member.id, member.name])),
      tasks: new Map(tasks.map((task) => [task.id, task])),
    });
  });
});
