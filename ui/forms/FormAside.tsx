import { Pinyin } from '@/ui/kit/Pinyin';
import Link from 'next/link';
import { channel, point, routeByChannel } from '@/core/channels';
import type { Customs } from '@/core/customs';
import { PROP_WORDS } from '@/core/body/propWords';
import {
  asksOf,
  measureForm,
  organsOfForm,
  phasesOfForm,
  pointsOf,
  propOf,
  type Form,
  type VariantId,
} from '@/core/forms';
import { knownThemesOf } from '@/core/known';
import type { ThemePart } from '@/core/brief';
import { sourceTitle } from '@/core/sources';
import { capital } from '@/core/text/text';
import { OrganName } from '@/ui/kit/OrganName';
import { PhaseMark } from '@/ui/kit/PhaseMark';
import { asksText } from '@/ui/words/asks';
import { measuredLines } from '@/ui/words/measured';
import { FLOW_WORDS, themeName } from '@/ui/words/names';
import { AsksChart } from './AsksChart';

/** Phases, organs, channels and points it is for. */
function Serves({ form, variant, customs }: Pick<Props, 'form' | 'variant' | 'customs'>) {
  const points = pointsOf(form, variant);
  const flows = form.route ? routeByChannel(form.route) : [];
  const phases = phasesOfForm(form, customs);
  const organs = organsOfForm(form, customs);
  return (
    <>
      <section>
        <h3 className="caption">Serves</h3>
        {phases.map((phase) => (
          <p key={phase}>
            <PhaseMark phase={phase} withName />
          </p>
        ))}
        {organs.map((id) => (
          <p key={id}>
            <OrganName id={id} full />
          </p>
        ))}
        {phases.length + organs.length === 0 && <p>every theme</p>}
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
      {points.length > 0 && (
        <section>
          <h3 className="caption">Points</h3>
          {points.map((code) => {
            const row = point(code);
            return (
              <p key={code}>
                <Link href={`/atlas?point=${code}&form=${form.id}`}>
                  {row.sense} · <Pinyin>{row.pinyin}</Pinyin>
                </Link>{' '}
                <span lang="zh-Hant" className="font-hanzi quiet">
                  {row.hanzi}
                </span>{' '}
                <span className="quiet">{row.code}</span>
              </p>
            );
          })}
        </section>
      )}
    </>
  );
}

/** What it asks of the body, said and measured. */
function Asks({ form, variant }: { form: Form; variant: VariantId }) {
  const asks = asksText(asksOf(form, variant));
  const measured = measureForm(form, variant);
  const lines = measuredLines(measured);
  return (
    <section>
      <h3 className="caption">Asks</h3>
      {asks.length === 0 ? <p>very little</p> : asks.map((line) => <p key={line}>{line}</p>)}
      <h4 className="caption mt-1.5">
        Measured on the figure at 6 breaths a minute; up to the mark it is easy
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
  );
}

interface Props {
  readonly form: Form;
  readonly variant: VariantId;
  readonly customs: Customs;
  readonly practices: readonly { readonly id: string; readonly name: string }[];
}

/** What the form is known for: named first, or as well. */
function KnownFor({ form, customs }: { form: Form; customs: Customs }) {
  const { named, accepted } = knownThemesOf(form, customs);
  if (named.length + accepted.length === 0) return null;
  const names = (parts: readonly ThemePart[]): string => parts.map((part) => themeName(part)).join(', ');
  return (
    <section>
      <h3 className="caption">Known for</h3>
      {named.length > 0 && <p>{names(named)}</p>}
      {accepted.length > 0 && <p className="quiet">also {names(accepted)}</p>}
    </section>
  );
}

/** What the form serves, asks and belongs to, in the margin. */
export function FormAside({ form, variant, customs, practices }: Props) {
  const prop = propOf(form, variant);
  return (
    <aside aria-label="In the margin" className="small space-y-4 lg:border-l lg:border-hairline lg:pl-6">
      <KnownFor form={form} customs={customs} />
      <Serves form={form} variant={variant} customs={customs} />
      <section>
        <h3 className="caption">Stance and feet</h3>
        <p>
          {form.stance.start === form.stance.end
            ? form.stance.start
            : `${form.stance.start}, ends ${form.stance.end}`}
          . {form.footwork}
        </p>
        {prop && (
          <p>
            {capital(PROP_WORDS[prop].label)}: needs {PROP_WORDS[prop].needs}.
          </p>
        )}
      </section>
      <Asks form={form} variant={variant} />
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
  );
}
