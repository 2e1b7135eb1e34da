import { cityMapping } from 'city-timezones';
import { plainText } from '@/core/forms/asking/plain';

/** A town one may practise in, with what the almanac needs of it. */
export interface Town {
  readonly name: string;
  /** Province and country, to tell towns of one name apart. */
  readonly where: string;
  readonly latitudeDeg: number;
  readonly longitudeDeg: number;
  readonly zone: string;
}

/** Made ready at the first question: the table is two megabytes and most sessions never ask. */
let ready: readonly { readonly town: Town; readonly text: string; readonly people: number }[] | undefined;

const zones = new Set(Intl.supportedValuesOf('timeZone'));
/** Whether this machine's calendar knows a zone, under whichever of its names. */
function isKnownZone(zone: string): boolean {
  if (zones.has(zone)) return true;
  try {
    new Intl.DateTimeFormat('en-GB', { timeZone: zone });
    return true;
  } catch {
    return false;
  }
}

function towns(): NonNullable<typeof ready> {
  ready ??= cityMapping
    .filter(({ timezone }) => typeof timezone === 'string' && isKnownZone(timezone))
    .map(({ city, city_ascii, province, country, lat, lng, timezone, pop }) => ({
      town: {
        name: city,
        where: [province, country].filter((part) => part && part !== city).join(', '),
        latitudeDeg: Math.round(lat * 100) / 100,
        longitudeDeg: Math.round(lng * 100) / 100,
        zone: timezone,
      },
      // Every word of it begins after a space, so that only beginnings of words are found.
      text: plainText(` ${city} ${city_ascii} ${province} ${country}`).replace(/[-’']/g, ' '),
      people: pop,
    }));
  return ready;
}

/**
 * Towns whose name begins with what was typed, then those that have all its words anywhere, the larger first. Places and
 * zones from the table of the `city-timezones` package, to a hundredth of a degree (about a kilometre).
 */
export function findTowns(asked: string, most = 8): readonly Town[] {
  const words = plainText(asked)
    .split(/[\s,]+/)
    .filter((word) => word !== '');
  const [first] = words;
  if (first === undefined) return [];
  return towns()
    .flatMap(({ town, text, people }) => {
      if (!words.every((word) => text.includes(` ${word}`))) return [];
      const rank = plainText(town.name) === words.join(' ') ? 0 : text.startsWith(` ${first}`) ? 1 : 2;
      return [{ town, rank, people }];
    })
    .sort((a, b) => a.rank - b.rank || b.people - a.people)
    .slice(0, most)
    .map(({ town }) => town);
}

/** The largest town of a time zone: a place for those who name none. */
export function largestTownOf(zone: string): Town | undefined {
  return towns()
    .filter(({ town }) => town.zone === zone)
    .sort((a, b) => b.people - a.people)[0]?.town;
}
