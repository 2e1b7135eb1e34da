import { anyOf } from '@/core/text/text';
import type { Customs } from '@/core/customs';
import {
  cycleOf,
  differencesOf,
  entryOf,
  exitOf,
  phasesOfForm,
  pointsReached,
  type Form,
  type OwnWords,
  type Stroke,
  type VariantId,
} from '@/core/forms';
import { cautionsOf } from '@/core/people';
import { FOR_EVERYONE } from '@/ui/words/cautionSentences';
import { soundOf } from '@/core/sounds';
import { MovingFigure } from '@/ui/figure/MovingFigure';
import { playedForm } from '@/ui/figure/played';
import { PHASE_VAR } from '@/ui/kit/PhaseMark';
import { BREATH_WORDS } from '@/ui/words/asks';
import { grouped } from '@/ui/words/cautions';
import { Differences } from './Differences';
import { EasilyTaken } from './EasilyTaken';
import { FormAside } from './FormAside';
import { FormHead } from './FormHead';
import { OnTheBreath, Teaching } from './FormTeaching';
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
            <strong className="font-medium">{caution.weight}</strong> with {anyOf(caution.labels)}:{' '}
            {caution.say}
          </li>
        ))}
      </ul>
      <p className="quiet">{FOR_EVERYONE}</p>
    </section>
  );
}

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

interface Props {
  readonly form: Form;
  /** The way it is shown in. */
  readonly variant: VariantId;
  readonly customs: Customs;
  readonly practices: readonly { readonly id: string; readonly name: string }[];
  readonly shipped: Form | undefined;
  /** What it is easily taken for, and what is its own beside them. */
  readonly alike: Parameters<typeof EasilyTaken>[0]['alike'];
  /** Own words laid over it, with the version they were read at. */
  readonly own: { readonly words: OwnWords | undefined; readonly version: number };
}

/** Everything known of one form. */
export function FormPage({ form, variant, customs, practices, shipped, alike, own }: Props) {
  const sound = form.soundOrgan ? soundOf(form.soundOrgan, customs.soundSchool) : undefined;
  const phase = phasesOfForm(form, customs)[0];
  const { words, version } = own;
  return (
    <article className="grid gap-x-10 gap-y-6 lg:grid-cols-[minmax(0,1fr)_20rem]">
      <div className="space-y-5">
        <FormHead form={form} variant={variant} customs={customs} />
        <MovingFigure
          key={variant}
          strokes={playedForm(form, variant, customs)}
          startView={form.view ?? 'front'}
          sash={phase ? PHASE_VAR[phase] : 'var(--faded)'}
          height={420}
          name={form.name}
          reach={{
            channels: form.channels.map((reach) => reach.channel),
            points: pointsReached(form, variant)
              .filter((row) => row.way !== 'route')
              .map((row) => row.code),
          }}
        />
        <OnTheBreath form={form} variant={variant} customs={customs} sound={sound} />
        {words?.note && (
          <section>
            <h2>Your notes</h2>
            <p className="whitespace-pre-line">{words.note}</p>
          </section>
        )}
        <Teaching form={form} />
        <Care form={form} variant={variant} />
        <EasilyTaken form={form} alike={alike} />
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
            version={version}
          />
        )}
      </div>
      <FormAside form={form} variant={variant} customs={customs} practices={practices} />
    </article>
  );
}
