import Link from 'next/link';
import { channel, point, routeByChannel } from '@/core/channels';
import { fillCue } from '@/core/forms/cueText';
import { paceKind } from '@/core/breath';
import {
  asksOf,
  cycleOf,
  entryOf,
  exitOf,
  strokesOf,
  differencesOf,
  hasVariant,
  isOwnId,
  measureForm,
  organsOfForm,
  phasesOfForm,
  placesInSets,
  pointsReached,
  VARIANTS,
  type Form,
  type OwnWords,
  type Stroke,
  type VariantId,
} from '@/core/forms';
import type { Customs } from '@/core/customs';
import { cautionsOf, FOR_EVERYONE } from '@/core/people';
import { soundOf } from '@/core/sounds';
import { sourceTitle } from '@/core/sources';
import { MovingFigure } from '@/ui/figure/MovingFigure';
import { playedForm } from '@/ui/figure/played';
import { OrganName } from '@/ui/kit/OrganName';
import { PHASE_VAR, PhaseMark } from '@/ui/kit/PhaseMark';
import { asksText, BREATH_WORDS, SIDE_WORDS } from '@/ui/words/asks';
import { measuredLines } from '@/ui/words/measured';
import { FLOW_WORDS, ROLE_NAMES } from '@/ui/words/names';
import { grouped } from '@/ui/words/cautions';
import { AsksChart } from './AsksChart';
import { Differences } from './Differences';
import { WordsEditor, type ShippedCue } from './WordsEditor';

function Care({ form, variant }: { form: Form; variant: VariantId }) {
  const cautions = grouped(cautionsOf(form, variant));
  return (
    <section>
      <h2>Care</h2>
      {form.cautions.map((caution) => (
        <p key={caution} className="watch my-1">
          {caution}
        </p>
      ))}
      <ul className="my-1">
        {cautions.map((caution) => (
          <li key={caution.say}>
            <strong className="font-medium">{caution.weight}</strong> with {caution.labels.join(' or ')}:{' '}
            {caution.say}
          </li>
        ))}
      </ul>
      <p className="quiet">{FOR_EVERYONE}</p>
    </section>
  );
}

interface Props {
  readonly form: Form;
  /** The way it is shown in. */
  readonly variant: VariantId;
  readonly customs: Customs;
  readonly practices: readonly { readonly id: string; readonly name: string }[];
  readonly shipped: Form | undefined;
  /** Own words laid over it, with the version they were read at. */
  readonly own: { readonly words: OwnWords | undefined; readonly version: number };
}

const WAY_NAMES = { full: 'in full', smaller: 'smaller', seated: 'seated' } as const;

/** The cues of a shipped form, part by part, that own words can be laid over. */
function cuesOf(form: Form): readonly ShippedCue[] {
  const of = (part: string, said: string, strokes: readonly Stroke[]): readonly ShippedCue[] =>
    strokes.map(({ breath, cue }, index) => ({
      place: `${part}.${index}`,
      part: `${said}, ${BREATH_WORDS[breath]}`,
      cue,
    }));
  return [
    ...of('entry', 'entry', form.entry),
    ...of('cycle', 'stroke', form.cycle),
    ...of('exit', 'exit', form.exit),
    ...(['smaller', 'seated'] as const).flatMap((variant) =>
      form[variant]
        ? [
            ...of(`${variant}.entry`, `${variant}, entry`, entryOf(form, variant)),
            ...of(variant, variant, cycleOf(form, variant)),
            ...of(`${variant}.exit`, `${variant}, exit`, exitOf(form, variant)),
          ]
        : [],
    ),
  ];
}

/** Everything known of one form. */
export function FormPage({ form, variant, customs, practices, shipped, own: laid }: Props) {
  const sound = form.soundOrgan ? soundOf(form.soundOrgan, customs.soundSchool) : undefined;
  const say = (cue: string) =>
    fillCue(cue, { side: customs.firstSide, way: form.ways?.[0] ?? customs.firstSide }, sound);
  const played = playedForm(form, variant, customs);
  const phase = phasesOfForm(form, customs)[0];
  const { words, version: wordsVersion } = laid;
  const strokes = strokesOf(form, variant);
  const asks = asksText(asksOf(form, variant));
  const measured = measureForm(form, variant);
  const lines = measuredLines(measured);
  const places = placesInSets(form.id, customs).filter((place) => place.chosen);
  const own = isOwnId(form.id);
  const ways = VARIANTS.filter((one) => hasVariant(form, one));
  const flows = form.route ? routeByChannel(form.route) : [];
  return (
    <article className="grid gap-x-10 gap-y-6 lg:grid-cols-[minmax(0,1fr)_20rem]">
      <div className="space-y-5">
        <header>
          <h1>
            {form.name}{' '}
            {form.hanzi && (
              <span lang="zh" className="hanzi">
                {form.hanzi}
              </span>
            )}
          </h1>
          <p className="quiet">
            {form.pinyin && <>{form.pinyin} · </>}
            {form.family} · {form.roles.map((role) => ROLE_NAMES[role]).join(', ')} ·{' '}
            {form.actions.join(', ')} · {form.polarity}
            {places.map((place) => (
              <span key={place.set}>
                {' '}
                · {place.number} of {place.of} in {place.name}
              </span>
            ))}
          </p>
          <p className="small mt-1 flex flex-wrap gap-x-4 gap-y-1">
            {ways.length > 1 && (
              <span role="group" aria-label="Shown" className="flex flex-wrap gap-x-3">
                {ways.map((one) => (
                  <Link
                    key={one}
                    href={one === 'full' ? `/forms/${form.id}` : `/forms/${form.id}?way=${one}`}
                    className="press-plain"
                    aria-current={one === variant ? 'true' : undefined}
                    scroll={false}
                  >
                    {WAY_NAMES[one]}
                  </Link>
                ))}
              </span>
            )}
            <Link className="press-plain" href={`/forms?hold=${form.id}`}>
              Hold beside another
            </Link>
            {own ? (
              <Link className="press-plain" href={`/forms/own/${form.id}`}>
                Change this form
              </Link>
            ) : null}
            <Link className="press-plain" href={`/forms/own/new?from=${form.id}&way=${variant}`}>
              Make one of my own from it
            </Link>
            <a className="press-plain" href={`/api/forms/${form.id}/export`} download>
              As a file
            </a>
          </p>
        </header>
        <MovingFigure
          key={variant}
          strokes={played}
          startView={form.view ?? 'front'}
          sash={phase ? PHASE_VAR[phase] : 'var(--faded)'}
          height={420}
          name={form.name}
          reach={{
            channels: form.channels.map((reach) => reach.channel),
            points: pointsReached(form)
              .filter((row) => row.way !== 'route')
              .map((row) => row.code),
          }}
        />
        <section>
          <h2>On the breath</h2>
          <ol className="reading mt-1">
            {strokes.map((stroke, index) => (
              <li key={`${index}-${stroke.cue}`} className="grid grid-cols-[4rem_1fr]">
                <span className="quiet italic">{BREATH_WORDS[stroke.breath]}</span>
                {say(stroke.cue)}
              </li>
            ))}
          </ol>
          <p className="quiet mt-1">
            {SIDE_WORDS[form.sides]}; {form.repetitions.least}–{form.repetitions.most} repetitions, usually{' '}
            {form.repetitions.usual};{' '}
            {form.cycle.every((stroke) => stroke.breath === 'free')
              ? 'breath free'
              : `a breath of ${paceKind(form.pace).leastSec}–${paceKind(form.pace).mostSec} s (${paceKind(form.pace).label})`}
            ; {form.exhale === 'mouth' ? 'in by the nose, out by the mouth' : 'by the nose'}.
          </p>
        </section>
        {words?.note && (
          <section>
            <h2>Your notes</h2>
            <p className="whitespace-pre-line">{words.note}</p>
          </section>
        )}
        {form.images.length > 0 && (
          <section>
            <h2>Images</h2>
            {form.images.map((image) => (
              <p key={image} className="reading italic">
                {image}
              </p>
            ))}
          </section>
        )}
        {form.mistakes.length > 0 && (
          <section>
            <h2>What goes wrong, and how to put it right</h2>
            <ul>
              {form.mistakes.map((row) => (
                <li key={row.mistake}>
                  {row.mistake}: <span className="quiet">{row.mend}</span>
                </li>
              ))}
            </ul>
          </section>
        )}
        {form.parts.length > 0 && (
          <section>
            <h2>Taught in parts</h2>
            <ol className="list-decimal pl-6">
              {form.parts.map((one) => (
                <li key={typeof one === 'string' ? one : one.part}>
                  {typeof one === 'string' ? (
                    one
                  ) : (
                    <>
                      {one.part} <span className="quiet">watch: {one.watch}</span>
                    </>
                  )}
                </li>
              ))}
            </ol>
          </section>
        )}
        <Care form={form} variant={variant} />
        <Differences rows={differencesOf(form)} />
        {shipped && (
          <WordsEditor
            formId={form.id}
            shippedName={shipped.name}
            shippedImages={shipped.images}
            cues={cuesOf(shipped)}
            sides={shipped.ways ? { sides: shipped.sides, ways: shipped.ways } : { sides: shipped.sides }}
            sound={sound}
            words={words}
            version={wordsVersion}
          />
        )}
      </div>
      <aside aria-label="In the margin" className="small space-y-4 lg:border-l lg:border-hairline lg:pl-6">
        <section>
          <h3 className="caption">Serves</h3>
          {phasesOfForm(form, customs).map((phase) => (
            <p key={phase}>
              <PhaseMark phase={phase} withName />
            </p>
          ))}
          {organsOfForm(form, customs).map((id) => (
            <p key={id}>
              <OrganName id={id} full />
            </p>
          ))}
          {phasesOfForm(form, customs).length + organsOfForm(form, customs).length === 0 && (
            <p>every theme</p>
          )}
        </section>
        <section>
          <h3 className="caption">Channels</h3>
          {form.channels.map((reach) => {
            const runs = flows.find((row) => row.channel === reach.channel)?.runs;
            return (
              <p key={`${reach.channel}-${reach.how}`}>
                <Link href={`/atlas?channel=${reach.channel}&form=${form.id}`}>
                  {channel(reach.channel).name}
                </Link>{' '}
                <span className="quiet">
                  {reach.how}
                  {runs && `, ${FLOW_WORDS[runs]}`}
                </span>
              </p>
            );
          })}
          {flows.some((row) => row.runs !== 'with') && (
            <p className="watch mt-1">
              A way against a channel’s flow: some schools drain or lead so; see that it is meant.
            </p>
          )}
        </section>
        {form.points.length > 0 && (
          <section>
            <h3 className="caption">Points</h3>
            {form.points.map((code) => {
              const row = point(code);
              return (
                <p key={code}>
                  <Link href={`/atlas?point=${code}&form=${form.id}`}>
                    {row.sense} · {row.pinyin}
                  </Link>{' '}
                  <span lang="zh" className="font-hanzi quiet">
                    {row.hanzi}
                  </span>{' '}
                  <span className="quiet">{row.code}</span>
                </p>
              );
            })}
          </section>
        )}
        <section>
          <h3 className="caption">Stance and feet</h3>
          <p>
            {form.stance.start === form.stance.end
              ? form.stance.start
              : `${form.stance.start}, ends ${form.stance.end}`}
            . {form.footwork}
          </p>
        </section>
        <section>
          <h3 className="caption">Asks</h3>
          {asks.length === 0 ? <p>very little</p> : asks.map((line) => <p key={line}>{line}</p>)}
          <h4 className="caption mt-1.5">
            Measured on the figure at 6 breaths a minute; the mark stands at seven tenths
          </h4>
          <AsksChart asked={measured} />
          {lines
            .filter((line) => /N·m|weight|balance|heels/.test(line))
            .map((line) => (
              <p key={line} className="figures">
                {line}
              </p>
            ))}
        </section>
        {form.smaller && (
          <section>
            <h3 className="caption">Smaller</h3>
            <p>{form.smaller.change}</p>
          </section>
        )}
        {form.seated && (
          <section>
            <h3 className="caption">Seated</h3>
            <p>{form.seated.change}</p>
          </section>
        )}
        <section>
          <h3 className="caption">Practices that use it</h3>
          {practices.length === 0 ? (
            <p className="quiet">none on the shelf yet</p>
          ) : (
            practices.map((practice) => (
              <p key={practice.id}>
                <Link className="press-plain" href={`/compose/${practice.id}`}>
                  {practice.name}
                </Link>
              </p>
            ))
          )}
        </section>
        {form.exceptions && (
          <section>
            <h3 className="caption">Apart from custom</h3>
            {form.exceptions.breath && <p>Breath: {form.exceptions.breath}</p>}
            {form.exceptions.time && <p>Time: {form.exceptions.time}</p>}
          </section>
        )}
        <p className="quiet">Source: {sourceTitle(form.source)}</p>
      </aside>
    </article>
  );
}
