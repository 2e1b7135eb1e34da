import { Pinyin } from '@/ui/kit/Pinyin';
import Link from 'next/link';
import { nextTurningPoint, wallTime, type AlmanacReading } from '@/core/almanac';
import { themePhase, type Suggestion } from '@/core/brief';
import type { Customs } from '@/core/customs';
import { animalOf, correspondence, organ, phaseName, virtueOf } from '@/core/phases';
import { askPatterns, PATTERNS } from '@/core/patterns';
import { SEASON_SOUND_ORGAN, soundOf } from '@/core/sounds';
import { Explain } from '@/ui/kit/Explain';
import { OrganName } from '@/ui/kit/OrganName';
import { PhaseMark } from '@/ui/kit/PhaseMark';
import { dateText, hourText, plural } from '@/ui/kit/time';
import { HourRing } from '@/ui/rings/HourRing';
import { YearRing, type ClassMark } from '@/ui/rings/YearRing';
import { INTENT_NAMES, SEASON_NAMES, stretchName, themeName } from '@/ui/words/names';
import { suggestionText } from '@/ui/words/suggestions';
import { NextWeeks, type WeeksView } from './NextWeeks';

export interface AlmanacView {
  readonly reading: AlmanacReading;
  readonly customs: Customs;
  readonly year: {
    readonly bands: Parameters<typeof YearRing>[0]['bands'];
    readonly todayDeg: number;
    readonly turnDeg: number;
    readonly classes: readonly ClassMark[];
  };
  readonly suggestions: readonly {
    readonly suggestion: Suggestion;
    readonly href: string;
    readonly groupName: string | undefined;
  }[];
  readonly weeks: WeeksView;
  readonly comingClasses: readonly { readonly name: string; readonly atMs: number }[];
}

const TURNING_NAMES: Readonly<Record<number, string>> = {
  0: 'March equinox',
  90: 'June solstice',
  180: 'September equinox',
  270: 'December solstice',
};

/** "18 minutes ahead of the clock". */
function againstClock(minutes: number): string {
  const whole = Math.round(minutes);
  if (whole === 0) return 'the same as the clock';
  return `${plural(Math.abs(whole), 'minute')} ${whole > 0 ? 'ahead of' : 'behind'} the clock`;
}

function Dials({ view }: { view: AlmanacView }) {
  const { reading } = view;
  return (
    <div className="relative">
      <YearRing
        {...view.year}
        currentTerm={reading.term.term.id}
        label={`The year: ${stretchName(reading.season, view.customs.earthSchool)}, ${phaseName(reading.season.phase).name}; today stands in the solar term ${reading.term.term.pinyin}`}
      />
      <div className="mx-auto mt-4 max-w-80 sm:absolute sm:inset-[17.5%] sm:mt-0 sm:max-w-none">
        <HourRing
          solarHour={reading.hours.solar.hourOfDay}
          clockHour={reading.hours.clock.hourOfDay}
          currentIndex={reading.hour.index}
          label={`The day: ${organ(reading.hour.organ).name} hour; true solar time ${hourText(reading.hours.solar.hourOfDay)}, clock ${hourText(reading.hours.clock.hourOfDay)}`}
        />
      </div>
    </div>
  );
}

/** The season and its phase, and how long they last. */
function SeasonHead({ view }: { view: AlmanacView }) {
  const { reading } = view;
  const { season } = reading;
  return (
    <div>
      <p className="font-serif text-[1.73rem] leading-tight">
        <PhaseMark phase={season.phase} withName />
        <span className="quiet"> · </span>
        {stretchName(season, view.customs.earthSchool)}
      </p>
      <p className="reading">
        {plural(reading.daysToSeasonChange, 'day')} until {SEASON_NAMES[season.nextSeason]}
        {season.phaseEndsAtMs < season.seasonEndsAtMs && (
          <>
            ; {plural(reading.daysToPhaseChange, 'day')} until <PhaseMark phase={season.nextPhase} withName />{' '}
            takes over
          </>
        )}
        .
      </p>
    </div>
  );
}

function SeasonWords({ view }: { view: AlmanacView }) {
  const { reading, customs } = view;
  const zone = customs.place.zone;
  return (
    <section aria-labelledby="now" className="reading space-y-2 border-t border-ink pt-3">
      <h2 id="now">The year and the hour</h2>
      <p>
        <strong className="font-medium">
          <Pinyin>{reading.term.term.pinyin}</Pinyin>
        </strong>{' '}
        <span lang="zh-Hant" className="hanzi">
          {reading.term.term.hanzi}
        </span>{' '}
        <span className="quiet">{reading.term.term.name}</span>, since about{' '}
        {dateText(reading.term.atMs, zone, 'dayTime')};{' '}
        <Link className="press-plain" href={`/forms/term-${reading.term.term.id.replaceAll('-', '')}`}>
          its seated exercise
        </Link>
        .
        <br />
        Next{' '}
        <strong className="font-medium">
          <Pinyin>{reading.nextTerm.term.pinyin}</Pinyin>
        </strong>{' '}
        <span lang="zh-Hant" className="hanzi">
          {reading.nextTerm.term.hanzi}
        </span>{' '}
        <span className="quiet">{reading.nextTerm.term.name}</span>, about{' '}
        {dateText(reading.nextTerm.atMs, zone, 'dayTime')}.
      </p>
      <p>
        <strong className="font-medium">
          <OrganName id={reading.hour.organ} />
        </strong>{' '}
        <Explain term="hour">
          One of the twelve double hours of the day; each belongs to an organ, from the Lung at 3 to 5 to the
          Liver at 1 to 3.{' '}
          {customs.hours === 'solar'
            ? 'Yours are counted by the sundial.'
            : 'Yours are counted by the clock.'}
        </Explain>
        , until{' '}
        {dateText(
          Math.round((reading.atMs + reading.hour.minutesLeft * 60_000) / 60_000) * 60_000,
          zone,
          'time',
        )}
        .{' '}
        <Explain term="True solar time">
          The sundial’s time at {customs.place.name}: clock time, less the zone’s offset, plus four minutes
          for each degree east, plus the equation of time ({reading.hours.equationOfTimeMin.toFixed(1)} min
          today).
        </Explain>{' '}
        is {hourText(reading.hours.solar.hourOfDay)}, {againstClock(reading.hours.solarMinusClockMin)}
        {reading.hours.solar.index !== reading.hours.clock.index && (
          <>; by the clock it is the {organ(reading.hours.clock.organ).name} hour</>
        )}
        .
      </p>
      <p>
        The{' '}
        <Explain term={`${reading.yearHalf} half`}>
          Yang grows from the winter to the summer solstice and from midnight to noon; yin takes the other
          half.
        </Explain>{' '}
        of the year, the {reading.dayHalf} half of the day. <NextTurning reading={reading} zone={zone} />
      </p>
    </section>
  );
}

function NextTurning({ reading, zone }: { reading: AlmanacReading; zone: string }) {
  const next = nextTurningPoint(reading.atMs);
  return (
    <span className="quiet">
      {TURNING_NAMES[next.longitudeDeg]} about {dateText(next.atMs, zone, 'dayTime')}.
    </span>
  );
}

function Suggestions({ view }: { view: AlmanacView }) {
  return (
    <section aria-labelledby="suggested" className="border-t border-ink pt-3">
      <h2 id="suggested">What it suggests</h2>
      <ol className="mt-1 divide-y divide-hairline">
        {view.suggestions.map(({ suggestion, href, groupName }, index) => (
          <li key={href} className="flex flex-wrap items-baseline justify-between gap-x-4 gap-y-1 py-2.5">
            <div className="min-w-0 flex-1 basis-72">
              <p className="font-serif text-[1.2rem]">
                <PhaseMark phase={themePhase(suggestion.theme)} /> {INTENT_NAMES[suggestion.intent]}{' '}
                {themeName(suggestion.theme)}
                <span className="quiet">
                  , {suggestion.minutes} min{groupName ? `, for ${groupName}` : ''}
                </span>
              </p>
              <p className="quiet">
                {suggestion.reasons
                  .map((reason) => suggestionText(reason, view.customs.place.zone, view.customs.earthSchool))
                  .join(' ')}
              </p>
            </div>
            <Link href={href} className={index === 0 ? 'press press-main' : 'press'}>
              Compose this<span className="sr-only"> for {themeName(suggestion.theme)}</span>
            </Link>
          </li>
        ))}
      </ol>
    </section>
  );
}

function Margin({ view }: { view: AlmanacView }) {
  const { reading, customs } = view;
  const phase = reading.season.phase;
  const sound = SEASON_SOUND_ORGAN[phase];
  const [breath] = askPatterns(PATTERNS, phaseName(phase).name);
  const layers = [
    [
      'sound',
      soundOf(sound, customs.soundSchool) ?? '—',
      `/forms/sounds?q=${encodeURIComponent(organ(sound).name)}`,
    ],
    ['breath', breath?.name ?? '—', `/forms/breaths?q=${encodeURIComponent(phaseName(phase).name)}`],
  ] as const;
  const rows = [
    ['animal', animalOf(phase, customs.animalSchool)],
    ['grows into', virtueOf(phase, customs.virtueSchool, customs.ownVirtues)],
    ['is said to ease', correspondence(phase, 'disturbing-emotion')],
    ['motion', correspondence(phase, 'motion')],
    ['tissue', correspondence(phase, 'tissue')],
    ['sense', correspondence(phase, 'sense')],
    ['direction', correspondence(phase, 'direction')],
  ] as const;
  const pillars = [
    ['year', reading.pillars.year],
    ['month', reading.pillars.month],
    ['day', reading.pillars.day],
    ['hour', reading.pillars.hour],
  ] as const;
  return (
    <aside
      aria-label="In the margin"
      className="small space-y-5 max-lg:order-3 lg:border-l lg:border-hairline lg:pl-5"
    >
      <section>
        <h3 className="caption">
          Belongs to <PhaseMark phase={phase} withName />
        </h3>
        <dl className="mt-1 grid grid-cols-[auto_minmax(0,1fr)] gap-x-3">
          {layers.map(([name, value, href]) => (
            <div key={name} className="contents">
              <dt className="quiet">{name}</dt>
              <dd>
                <Link className="press-plain" href={href}>
                  {value}
                </Link>
              </dd>
            </div>
          ))}
          {rows.map(([name, value]) => (
            <div key={name} className="contents">
              <dt className="quiet">{name}</dt>
              <dd>{value}</dd>
            </div>
          ))}
        </dl>
      </section>
      <section>
        <h3 className="caption">
          <Explain term="Stems and branches">
            The cycle of sixty that names years, months, days and double hours. The year turns at Lì Chūn, the
            month at every second solar term, the day{' '}
            {customs.dayTurns === 'midnight'
              ? 'at midnight; the hour from 23 to 24 already bears the stem of the next day’s first hour.'
              : 'with the zǐ hour, at 23:00.'}
          </Explain>
        </h3>
        <dl className="mt-1 grid grid-cols-[auto_auto_minmax(0,1fr)] gap-x-3">
          {pillars.map(([name, pillar]) => (
            <div key={name} className="contents">
              <dt className="quiet">{name}</dt>
              <dd lang="zh-Hant" className="font-hanzi">
                {pillar.hanzi}
              </dd>
              <dd lang="zh-Latn-pinyin">{pillar.pinyin}</dd>
            </div>
          ))}
        </dl>
      </section>
      <section>
        <h3 className="caption">Coming classes</h3>
        {view.comingClasses.length === 0 ? (
          <p className="mt-1">
            None in the next week.{' '}
            <Link className="press-plain" href="/customs#groups">
              Name your groups
            </Link>{' '}
            and they stand here.
          </p>
        ) : (
          <ul className="mt-1">
            {view.comingClasses.map((coming) => (
              <li key={`${coming.name}-${coming.atMs}`}>
                <span className="figures">{dateText(coming.atMs, customs.place.zone, 'dayTime')}</span>{' '}
                <span className="quiet">{coming.name}</span>
              </li>
            ))}
          </ul>
        )}
      </section>
    </aside>
  );
}

/** Today, or any moment: what the year and the day say, and what follows from it. */
export function AlmanacRoom({ view }: { view: AlmanacView }) {
  const wall = wallTime(view.reading.atMs, view.customs.place.zone);
  return (
    <>
      <div className="grid gap-x-9 gap-y-6 lg:grid-cols-[minmax(0,29rem)_minmax(0,1fr)_12rem]">
        <div className="max-lg:order-2">
          <Dials view={view} />
          <p className="small text-right">
            <Link className="press-plain" href="/handout/year/now">
              As a picture
            </Link>
          </p>
          <p className="small quiet mt-3 text-center">
            <span aria-hidden>● </span>sundial {hourText(view.reading.hours.solar.hourOfDay)}{' '}
            <span aria-hidden> ○ </span>clock {hourText(wall.hour + wall.minute / 60)}
            <span aria-hidden> · </span>short strokes: classes of the next six weeks
          </p>
        </div>
        <div className="space-y-5">
          <SeasonHead view={view} />
          <Suggestions view={view} />
          <SeasonWords view={view} />
        </div>
        <Margin view={view} />
      </div>
      <NextWeeks view={view.weeks} />
    </>
  );
}
