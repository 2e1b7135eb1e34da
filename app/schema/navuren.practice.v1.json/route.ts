import { practiceJsonSchema } from '@/core/formats';

export const dynamic = 'force-static';

/** The published JSON Schema of a practice file. */
export const GET = () =>
  new Response(`${JSON.stringify(practiceJsonSchema(), null, 2)}\n`, {
    headers: { 'content-type': 'application/schema+json; charset=utf-8' },
  });
