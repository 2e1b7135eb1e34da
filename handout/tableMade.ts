import { writeCsv, writeTableJson, type Table } from '@/core/formats/table';
import type { HandoutAsked } from '@/core/handout/asked';

/** A table as it is asked for. */
export const tableMade = (table: Table, { table: as }: HandoutAsked): string =>
  as === 'json' ? writeTableJson(table) : writeCsv(table);
