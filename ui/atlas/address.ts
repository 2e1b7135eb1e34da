import { some } from '@/core/lists/lists';
import { z } from 'zod';
import {
  CHANNEL_IDS,
  CHANNELS_OF_ORGANS,
  isPointCode,
  point,
  type ChannelId,
  type PointCode,
  type PointIntent,
  type RegularChannelId,
} from '@/core/channels';

/** By what the Atlas is looked at. */
export type Looking =
  | { readonly by: 'channel'; readonly channel: ChannelId }
  | { readonly by: 'theme'; readonly channel: RegularChannelId; readonly intent: PointIntent }
  | { readonly by: 'form'; readonly form: string; readonly stroke: number }
  | { readonly by: 'search'; readonly text: string };

export interface AtlasState {
  readonly looking: Looking;
  readonly point: PointCode | undefined;
}

export const POINT_INTENTS = ['nourish', 'clear', 'calm'] as const satisfies readonly PointIntent[];

const pointCode = z
  .string()
  .transform((text) => text.toUpperCase())
  .refine(isPointCode)
  .optional()
  .catch(undefined);

/** What an address may say; anything else in it is left aside, so that an old link still opens the room. */
const addressSchema = z.object({
  channel: z.enum(CHANNEL_IDS).optional().catch(undefined),
  point: pointCode,
  theme: z.enum(some(CHANNELS_OF_ORGANS)).optional().catch(undefined),
  intent: z.enum(POINT_INTENTS).catch('nourish'),
  form: z.string().max(60).optional().catch(undefined),
  stroke: z.coerce.number().int().min(0).max(99).catch(0),
  seek: z.string().max(80).optional().catch(undefined),
});

type Query = Readonly<Record<string, string | readonly string[] | undefined>>;

/** Reads the address of the room; `otherwise` is the channel shown where it names nothing. */
export function readAddress(query: Query, otherwise: ChannelId, forms: readonly string[]): AtlasState {
  const asked = addressSchema.parse(query);
  const chosen = asked.point as PointCode | undefined;
  if (asked.seek !== undefined && asked.seek !== '')
    return { looking: { by: 'search', text: asked.seek }, point: chosen };
  if (asked.form !== undefined && forms.includes(asked.form))
    return { looking: { by: 'form', form: asked.form, stroke: asked.stroke }, point: chosen };
  if (asked.theme)
    return { looking: { by: 'theme', channel: asked.theme, intent: asked.intent }, point: chosen };
  const own = chosen === undefined ? undefined : point(chosen).channel;
  return { looking: { by: 'channel', channel: asked.channel ?? own ?? otherwise }, point: chosen };
}

/** The address that opens the room as it is now. */
export function writeAddress({ looking, point: chosen }: AtlasState): string {
  const query = new URLSearchParams();
  if (looking.by === 'channel') query.set('channel', looking.channel);
  else if (looking.by === 'theme') {
    query.set('theme', looking.channel);
    query.set('intent', looking.intent);
  } else if (looking.by === 'form') {
    query.set('form', looking.form);
    if (looking.stroke > 0) query.set('stroke', String(looking.stroke));
  } else if (looking.text !== '') query.set('seek', looking.text);
  if (chosen !== undefined) query.set('point', chosen);
  return `/atlas?${query}`;
}
