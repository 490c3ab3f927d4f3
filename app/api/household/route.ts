import { answered } from '@/app/api/answered';
import { download, upload } from '@/app/api/guard';
import { describeFault } from '@/core/basics/fault';
import { MOST_HOUSEHOLD_BYTES } from '@/core/basics/limits';
import { takeInHousehold } from '@/server/commands/replace';
import { readFileAs } from '@/server/file-reader';
import { householdFile, loadReplaced } from '@/server/repositories/household';
import { note } from '@/server/session';

const MOST_FAULTS = 50;

/** The whole household as a file; `?pictures` takes the latest pictures along. */
export const GET = answered(async (request: Request): Promise<Response> => {
  const withPictures = new URL(request.url).searchParams.has('pictures');
  return download('GET /api/household', 'early-thaw-household.json', 'application/json', async (scope) => {
    await note('exported');
    return `${JSON.stringify(await householdFile(scope, { withPictures }))}\n`;
  });
});

/** A household file in the place of what is there; `?back` brings the one back that was there before. */
export const POST = answered(async (request: Request): Promise<Response> => {
  const back = new URL(request.url).searchParams.has('back');
  return upload(
    'POST /api/household',
    request,
    async (scope, body, id) => {
      const text = back ? await loadReplaced(scope) : body;
      if (text === undefined)
        return { taken: false, sentence: 'There is nothing to bring back.', faults: [] };
      const parsed = await readFileAs(scope.household, { as: 'household', text });
      if (!parsed.ok)
        return {
          taken: false,
          sentence: 'This file cannot be imported as it is, and nothing was changed.',
          faults: parsed.faults.slice(0, MOST_FAULTS).map(describeFault),
        };
      await takeInHousehold(scope, id, parsed.value);
      await note('imported');
      const sentence = back
        ? 'Everything is as it was before the file.'
        : `“${parsed.value.name}” is here now. What was here before can be brought back.`;
      return { taken: true, sentence, faults: [] };
    },
    MOST_HOUSEHOLD_BYTES,
  );
});
