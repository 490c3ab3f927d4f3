import { answered } from '@/app/api/answered';
import { download } from '@/app/api/guard';
import { planDocuments } from '@/server/planning/make-plan';

/** The plan in force and the problem that it solves, as the open formats have them. */
export const GET = answered(
  async (_request: Request, { params }: { params: Promise<{ document: string }> }): Promise<Response> => {
    const { document } = await params;
    if (document !== 'plan.json' && document !== 'problem.json') return new Response(null, { status: 404 });
    return download(
      'GET /api/plan/[document]',
      `early-thaw-${document}`,
      'application/json',
      async (scope) => {
        const documents = await planDocuments(scope);
        return documents?.[document === 'plan.json' ? 'plan' : 'problem'] ?? 'null\n';
      },
    );
  },
);
