import type { ReactNode } from 'react';
import { otherSide } from '@/core/body/sides';
import { correspondence } from '@/core/phases';
import { themePhase } from '@/core/brief';
import { nameOf, tellingPosture, type Form } from '@/core/forms';
import type { ConditionId } from '@/core/people';
import { FOR_EVERYONE } from '@/ui/words/cautionSentences';
import { compile, formOf, layersOf, type Item, type Practice, type TimelineEvent } from '@/core/practice';
import { AFTERWARDS, scriptOf, type ScriptLine } from '@/core/script';
import { Figure } from '@/ui/figure/Figure';
import { VIEWS } from '@/ui/figure/view';
import { PHASE_VAR, PhaseMark } from '@/ui/kit/PhaseMark';
import { clockText } from '@/ui/kit/time';
import { INTENT_NAMES, ROLE_NAMES, themeName } from '@/ui/words/names';
import { careAlong, careOf } from '@/ui/words/cautions';
import { doseText } from '@/ui/words/doses';
import { itemExtras } from '@/ui/words/items';
import { describePosture } from '@/ui/words/postures';

const BREATH = { in: 'in', out: 'out', hold: 'pause', free: 'free' } as const;

/** The cues of a form once through: entry, one round (of the first side where there are two), exit. */
const cueEvents = (events: readonly TimelineEvent[]): readonly TimelineEvent[] => {
  const lessons = events.filter(
    ({ part, strokeIndex, isStay }) => part === 'cycle' && strokeIndex === 0 && !isStay,
  );
  // A lesson goes through its repetitions several times: the first is the round that is written out.
  const again = lessons.filter((event) => event.repetition === 1 && event.pass === 0)[1]?.index ?? Infinity;
  return events.filter(
    ({ part, repetition, pass, index, isStay }) =>
      part !== undefined &&
      !isStay &&
      (part !== 'cycle' || (repetition === 1 && pass === 0 && index < again)),
  );
};

function sidesText(form: Form, item: Item): string {
  if (form.sides === 'symmetric') return '';
  const inTurn = (item.sideOrder ?? (form.sides === 'alternating' ? 'in-turn' : '')) === 'in-turn';
  if (form.sides === 'both-ways') {
    const [one, other] = form.ways ?? [item.firstSide, otherSide(item.firstSide)];
    return inTurn ? `${one} and ${other} in turn` : `${one}, then ${other}`;
  }
  const other = otherSide(item.firstSide);
  return inTurn ? `${item.firstSide} and ${other} in turn` : `all ${item.firstSide}, then all ${other}`;
}

/** What of the story stands before the cues of a form, and what after them. */
const BEFORE: ReadonlySet<ScriptLine['kind']> = new Set(['opening', 'midway', 'image']);
const AFTER: ReadonlySet<ScriptLine['kind']> = new Set(['closing', 'leaving']);

const Said = ({ lines }: { lines: readonly ScriptLine[] }) =>
  lines.length > 0 && (
    <span className="block font-serif text-[1.05rem] italic">{lines.map(({ text }) => text).join(' ')}</span>
  );

/** The practice on paper, drawn from the same timeline that leads it. */
export function CueSheet({
  practice,
  conditions,
  scroll,
}: {
  practice: Practice;
  /** The practice at a glance, at the head. */
  scroll: ReactNode;
  /** Of the people it is for; undefined where nothing is known of them. */
  conditions: readonly ConditionId[] | undefined;
}) {
  const timeline = compile(practice);
  const care = careAlong(practice.items.map((item) => careOf(formOf(practice, item), item, conditions)));
  const pressure = conditions === undefined || conditions.includes('high-blood-pressure');
  const { brief } = practice;
  const phase = themePhase(brief.theme);
  const { story } = practice;
  const said = story ? scriptOf(practice, timeline, story) : [];
  return (
    <article className="mx-auto max-w-[56rem] bg-leaf px-6 py-6 print:max-w-none print:bg-transparent print:p-0">
      <header className="border-b border-ink pb-2">
        <h1 className="font-serif italic">{practice.name}</h1>
        <p>
          <PhaseMark phase={phase} withName /> · {INTENT_NAMES[brief.intent]}{' '}
          {themeName(brief.theme, (id) => practice.forms[id]?.name ?? id)} · {brief.posture} ·{' '}
          {brief.breathsPerMin} breaths a minute ·{' '}
          <span className="figures">{clockText(timeline.totalMs)} min</span>
        </p>
        {story && <p className="font-serif text-[1.12rem] italic">{story.intention}</p>}
        <p className="quiet small">
          {correspondence(phase, 'motion')}; is said to ease {correspondence(phase, 'disturbing-emotion')}.
        </p>
        {scroll}
      </header>
      <table className="mt-2 w-full text-[0.94rem]">
        <caption className="sr-only">Cues in order</caption>
        <thead>
          <tr className="caption text-left align-bottom">
            <th scope="col" className="w-14 pr-2 font-medium">
              at, min
            </th>
            <th scope="col" className="w-[30%] pr-3 font-medium">
              form
            </th>
            <th scope="col" className="font-medium">
              cues on the breath
            </th>
          </tr>
        </thead>
        {timeline.sections.map((section) => (
          <tbody key={section.startMs} className="border-t border-ink">
            <tr className="break-after-avoid">
              <th scope="rowgroup" colSpan={3} className="caption pt-1 text-left font-medium">
                {ROLE_NAMES[section.role]} ·{' '}
                <span className="figures">{clockText(section.lengthMs)} min</span>
              </th>
            </tr>
            {section.itemIndexes.map((index) => {
              const item = practice.items[index];
              const span = timeline.items[index];
              if (!item || !span) return null;
              const form = formOf(practice, item);
              const events = timeline.events.slice(span.firstEvent, span.firstEvent + span.eventCount);
              const minded = care[index];
              return (
                <tr key={item.id} className="break-inside-avoid border-b border-hairline align-top">
                  <td className="figures py-1 pr-2">{clockText(span.startMs)}</td>
                  <td className="py-1 pr-3">
                    <span className="float-right ml-2">
                      <Figure
                        posture={tellingPosture(form, item.variant)}
                        view={VIEWS[form.view ?? 'front']}
                        height={66}
                        line={4.6}
                        sash={PHASE_VAR[phase]}
                        label={describePosture(tellingPosture(form, item.variant))}
                      />
                    </span>
                    <span className="font-serif text-[1.08rem] font-medium">
                      {nameOf(form, item.variant)}
                    </span>{' '}
                    {form.hanzi && (
                      <span lang="zh-Hant" className="hanzi">
                        {form.hanzi}
                      </span>
                    )}
                    <br />
                    <span className="quiet">
                      {item.passage === undefined && (
                        <>
                          <span className="figures">{doseText(form, item)}</span> {sidesText(form, item)}{' '}
                        </>
                      )}
                      <span className="figures">{clockText(span.lengthMs)} min</span>
                      {item.exhaleByMouth || form.exhale === 'mouth' ? '; exhale by the mouth' : ''}
                    </span>
                  </td>
                  <td className="py-1">
                    <Said lines={said.filter((line) => line.itemIndex === index && BEFORE.has(line.kind))} />
                    {cueEvents(events).map((event) => (
                      <span key={event.index} className="mr-3 inline-block">
                        <span className="quiet italic">{BREATH[event.breath]}</span>{' '}
                        {event.sound && (
                          <strong className="font-serif text-[1.25em]">
                            {event.sound.written}
                            {event.sound.hanzi && <span lang="zh-Hant"> {event.sound.hanzi}</span>}{' '}
                          </strong>
                        )}
                        {event.cue}
                      </span>
                    ))}
                    {itemExtras(item, form, layersOf(practice, item, form)).map((line) => (
                      <span key={line} className="block italic">
                        {line}
                      </span>
                    ))}
                    <Said lines={said.filter((line) => line.itemIndex === index && AFTER.has(line.kind))} />
                    <span className="small quiet block">
                      Pictured: {describePosture(tellingPosture(form, item.variant))}.
                    </span>
                    {minded && minded.fresh.length + minded.again.length > 0 && (
                      <span className="small quiet block">
                        Care:{' '}
                        {minded.fresh.map(({ number, text }) => (
                          <span key={number}>
                            <span className="figures">({number})</span> {text}{' '}
                          </span>
                        ))}
                        {minded.again.length > 0 && (
                          <span className="figures">
                            {minded.again.map((number) => `(${number})`).join(' ')} as above.
                          </span>
                        )}
                      </span>
                    )}
                  </td>
                </tr>
              );
            })}
          </tbody>
        ))}
      </table>
      <footer className="small mt-3 border-t border-ink pt-2">
        {pressure && 'With high blood pressure let the exhale be long and easy, and never hold the breath. '}
        {FOR_EVERYONE} {AFTERWARDS} This sheet does not replace licensed care.
      </footer>
    </article>
  );
}
