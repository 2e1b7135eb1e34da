import Link from 'next/link';
import { channel, point, routeByChannel } from '@/core/channels';
import { fillCue } from '@/core/practice';
import { paceKind } from '@/core/breath';
import { measureForm, organsOfForm, phasesOfForm, pointsReached, type Form } from '@/core/forms';
import type { Customs } from '@/core/customs';
import { cautionsOf, FOR_EVERYONE } from '@/core/people';
import { soundOf } from '@/core/sounds';
import { sourceTitle } from '@/core/sources';
import { MovingFigure } from '@/ui/figure/MovingFigure';
import { playedForm } from '@/ui/figure/played';
import { OrganName } from '@/ui/kit/OrganName';
import { PHASE_VAR, PhaseMark } from '@/ui/kit/PhaseMark';
import { measuredLines } from '@/ui/words/measured';
import { FLOW_WORDS, ROLE_NAMES } from '@/ui/words/names';

const SIDES = {
  symmetric: 'both sides together',
  alternating: 'left and right in turn',
  'one-then-other': 'all on one side, then the other',
  'both-ways': 'both ways',
} as const;
const BREATH = { in: 'in', out: 'out', hold: 'pause', free: 'free' } as const;

/** What a form asks, said only where it asks anything. */
function asksText(form: Form): readonly string[] {
  const { asks } = form;
  const said: string[] = [];
  if (asks.kneeBend !== 'none') said.push(`knees: ${asks.kneeBend} bend`);
  if (asks.oneLegSec > 0) said.push(`on one leg for up to ${asks.oneLegSec} s`);
  if (asks.armsAboveShoulders) said.push('arms above the shoulders');
  if (asks.fold !== 'none') said.push(`fold: ${asks.fold}`);
  if (asks.headBelowHeart) said.push('head below the heart');
  if (asks.backBend !== 'none') said.push(`back bend: ${asks.backBend}`);
  if (asks.twist !== 'none') said.push(`twist: ${asks.twist}`);
  if (asks.sideBend !== 'none') said.push(`side bend: ${asks.sideBend}`);
  if (asks.neck !== 'none') said.push(`neck: ${asks.neck}`);
  if (asks.breathHold) said.push('a short pause of the breath');
  if (asks.staticHold) said.push('a held stance');
  if (asks.impact !== 'none') said.push(`impact at the heels: ${asks.impact}`);
  if (asks.percussion.length > 0) said.push(`knocking: ${asks.percussion.join(', ')}`);
  if (asks.stepping) said.push('a step');
  if (asks.inwardImagery) said.push('inward imagery');
  return said;
}

function Care({ form }: { form: Form }) {
  const cautions = cautionsOf(form, 'full');
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
          <li key={`${caution.condition}-${caution.say}`}>
            <strong className="font-medium">{caution.weight}</strong> with {caution.conditionLabel}:{' '}
            {caution.say}
          </li>
        ))}
      </ul>
      <p className="quiet">{FOR_EVERYONE}</p>
    </section>
  );
}

/** Everything known of one form. */
export function FormPage({ form, customs }: { form: Form; customs: Customs }) {
  const sound = form.soundOrgan ? soundOf(form.soundOrgan, customs.soundSchool) : undefined;
  const say = (cue: string) =>
    fillCue(cue, { side: customs.firstSide, way: form.ways?.[0] ?? customs.firstSide }, sound);
  const played = playedForm(form, 'full', customs);
  const phase = phasesOfForm(form, customs)[0];
  const strokes = [...form.entry, ...form.cycle, ...form.exit];
  const asks = asksText(form);
  const measured = measuredLines(measureForm(form, 'full'));
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
          </p>
        </header>
        <MovingFigure
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
                <span className="quiet italic">{BREATH[stroke.breath]}</span>
                {say(stroke.cue)}
              </li>
            ))}
          </ol>
          <p className="quiet mt-1">
            {SIDES[form.sides]}; {form.repetitions.least}–{form.repetitions.most} repetitions, usually{' '}
            {form.repetitions.usual};{' '}
            {form.cycle.every((stroke) => stroke.breath === 'free')
              ? 'breath free'
              : `a breath of ${paceKind(form.pace).leastSec}–${paceKind(form.pace).mostSec} s (${paceKind(form.pace).label})`}
            ; {form.exhale === 'mouth' ? 'in by the nose, out by the mouth' : 'by the nose'}.
          </p>
        </section>
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
              {form.parts.map((part) => (
                <li key={part}>{part}</li>
              ))}
            </ol>
          </section>
        )}
        <Care form={form} />
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
          {measured.length > 0 && (
            <>
              <h4 className="caption mt-1.5">
                Measured on the figure, entry to exit, once each side at 6 breaths a minute
              </h4>
              {measured.map((line) => (
                <p key={line} className="figures">
                  {line}
                </p>
              ))}
            </>
          )}
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
        <p className="quiet">Source: {sourceTitle(form.source)}</p>
      </aside>
    </article>
  );
}
