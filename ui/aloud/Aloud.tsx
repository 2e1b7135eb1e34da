import { themePhase } from '@/core/brief';
import { compile, type Practice, type Story } from '@/core/practice';
import { scriptOf, wordsByMinute, wordsIn, type ScriptLine } from '@/core/script';
import { PHASE_VAR } from '@/ui/kit/PhaseMark';
import { clockText, plural } from '@/ui/kit/time';
import { ROLE_NAMES } from '@/ui/words/names';

/** What the story says is set as a voice of its own. */
const STORY: ReadonlySet<ScriptLine['kind']> = new Set([
  'opening',
  'midway',
  'image',
  'closing',
  'leaving',
  'care',
]);
/** A quiet worth a mark of its own, ms. */
const QUIET_MS = 3000;
const BAR_TALL = 64;
/** Words a minute that fill the whole height: as quickly as one speaks. */
const MOST_WORDS = 150;

/** How much is said in each minute, as a row of bars; the quick ones stand tall. */
function WordBars({ words, ink }: { words: readonly number[]; ink: string }) {
  return (
    <figure className="my-4">
      <div
        className="flex items-end gap-[2px] border-b border-ink"
        style={{ height: BAR_TALL }}
        role="img"
        aria-label={`Words in each minute: ${words.join(', ')}`}
      >
        {words.map((count, minute) => (
          <span
            key={minute}
            title={`minute ${minute + 1}: ${plural(count, 'word')}`}
            className="min-w-[3px] flex-1"
            style={{
              height: Math.max(1, (BAR_TALL * Math.min(count, MOST_WORDS)) / MOST_WORDS),
              background: ink,
            }}
          />
        ))}
      </div>
      <figcaption className="quiet small">
        words in each minute; the whole height is {MOST_WORDS}, as quickly as one speaks
      </figcaption>
    </figure>
  );
}

function Line({ line }: { line: ScriptLine }) {
  if (line.kind === 'quiet')
    return line.lengthMs >= QUIET_MS ? (
      <span className="quiet figures small">(quiet, {Math.round(line.lengthMs / 1000)} s) </span>
    ) : null;
  if (line.kind === 'name') return <strong className="font-medium">{line.text} </strong>;
  if (STORY.has(line.kind)) return <em className="text-[1.06em]">{line.text} </em>;
  return <span>{line.text} </span>;
}

/** The whole of what is said, as a class hears it: to be read aloud once before it is led. */
export function Aloud({ practice, story }: { practice: Practice; story: Story }) {
  const timeline = compile(practice);
  const lines = scriptOf(practice, timeline, story);
  const words = lines.reduce((sum, { text }) => sum + wordsIn(text), 0);
  return (
    <article className="mx-auto max-w-[46rem] bg-leaf px-6 py-6 print:max-w-none print:bg-transparent print:p-0">
      <header>
        <h1 className="font-serif italic">{practice.name}</h1>
        <p className="quiet">
          <span className="figures">{words}</span> words in{' '}
          <span className="figures">{clockText(timeline.totalMs)} min</span>,{' '}
          <span className="figures">{Math.round(words / Math.max(1, timeline.totalMs / 60_000))}</span> a
          minute
        </p>
        <WordBars
          words={wordsByMinute(lines, timeline.totalMs)}
          ink={PHASE_VAR[themePhase(practice.brief.theme)]}
        />
      </header>
      {timeline.sections.map((section) => (
        <section key={section.startMs} aria-label={ROLE_NAMES[section.role]}>
          <h2 className="caption mt-4 font-medium">
            {ROLE_NAMES[section.role]} · <span className="figures">{clockText(section.startMs)}</span>
          </h2>
          {section.itemIndexes.map((index) => (
            <p key={index} className="mt-1.5 font-serif text-[1.16rem] leading-relaxed break-inside-avoid">
              {lines
                .filter((line) => line.itemIndex === index)
                .map((line, at) => (
                  <Line key={at} line={line} />
                ))}
            </p>
          ))}
        </section>
      ))}
    </article>
  );
}
