import type { Exporter } from '@/core/formats/exporters';
import { refuse } from './answers';

/** A file name of plain letters from a name, which may hold anything. */
export const fileName = (name: string, otherwise: string): string =>
  name
    .normalize('NFKD')
    .replace(/[^A-Za-z0-9]+/g, '-')
    .replace(/^-+|-+$/g, '')
    .slice(0, 60)
    .toLowerCase() || otherwise;

/** Something taken along as the request asks (`?as=`, the first of the table where it says nothing). */
export function exported<Content>(
  exporters: Readonly<Record<string, Exporter<Content>>>,
  request: Request,
  content: Content,
  name: string,
): Response {
  const as = new URL(request.url).searchParams.get('as') ?? Object.keys(exporters)[0] ?? '';
  const exporter = Object.hasOwn(exporters, as) ? exporters[as] : undefined;
  if (!exporter)
    return refuse(404, {
      message: `It cannot be taken along as “${as.slice(0, 40)}”: ${Object.keys(exporters).join(', ')}.`,
    });
  return new Response(exporter.write(content), {
    headers: {
      'content-type': exporter.mediaType,
      'content-disposition': `attachment; filename="${fileName(name, 'practice')}.${exporter.suffix}"`,
    },
  });
}
