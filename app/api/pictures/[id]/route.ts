import { answered } from '@/app/api/answered';
import { loadJpeg } from '@/server/repositories/pictures';
import { currentScope } from '@/server/session';

type Props = { readonly params: Promise<{ readonly id: string }> };

/** A picture of one's own household; it never changes. */
export const GET = answered(async (_request: Request, { params }: Props): Promise<Response> => {
  const scope = await currentScope();
  const jpeg = scope && (await loadJpeg(scope, (await params).id));
  if (!jpeg) return new Response(null, { status: 404 });
  return new Response(new Uint8Array(jpeg), {
    headers: {
      'content-type': 'image/jpeg',
      'cache-control': 'private, max-age=86400, immutable',
      'x-content-type-options': 'nosniff',
    },
  });
});
