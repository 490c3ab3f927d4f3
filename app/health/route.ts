/** Says that the server answers; whether it is ready is another question, at /health/ready. Nobody else is asked for it. */
export function GET(): Response {
  return Response.json({ alive: true });
}

export const dynamic = 'force-dynamic';
