import { formJsonSchema } from '@/core/formats';

export const dynamic = 'force-static';

/** The published JSON Schema of a file of forms. */
export const GET = () =>
  new Response(`${JSON.stringify(formJsonSchema(), null, 2)}\n`, {
    headers: { 'content-type': 'application/schema+json; charset=utf-8' },
  });
