import { Pinyin } from '@/ui/kit/Pinyin';
import Link from 'next/link';
import type { ReactNode } from 'react';
import type { Customs } from '@/core/customs';
import { channel } from '@/core/channels';
import { asksOf, cycleOf, measureForm, organsOfForm, phasesOfForm, type Form } from '@/core/forms';
import { cautionsOf } from '@/core/people';
import { repetitionSec } from '@/core/time';
import { organ } from '@/core/phases';
import { soundOf } from '@/core/sounds';
import { fillCue } from '@/core/forms/words/cueText';
import { MovingFigure } from '@/ui/figure/MovingFigure';
import { playedForm } from '@/ui/figure/played';
import { PHASE_VAR, PhaseMark } from '@/ui/kit/PhaseMark';
import { asksText, BREATH_WORDS, SIDE_WORDS } from '@/ui/words/asks';
import { ROLE_NAMES } from '@/ui/words/names';
import { AsksChart } from './AsksChart';

interface Props {
  readonly pair: readonly [Form | undefined, Form | undefined];
  readonly customs: Customs;
}

const unique = (list: readonly string[]): readonly string[] => [...new Set(list)];
const joined = (list: readonly string[]): string => (list.length === 0 ? '—' : list.join(', '));

/** Two forms, line against line. */
export function Beside({ pair, customs }: Props) {
  const [a, b] = pair;
  if (!a || !b)
    return (
      <div>
        <h1>Two forms side by side</h1>
        <p className="reading my-4">
          One of the two forms is not in the repertoire. Hold two forms in the{' '}
          <Link href="/forms">Forms room</Link>.
        </p>
      </div>
    );
  const row = (caption: string, cell: (form: Form) => ReactNode) => (
    <section key={caption} className="border-t border-hairline pt-1.5" aria-label={caption}>
      <h2 className="caption">{caption}</h2>
      <div className="grid grid-cols-2 gap-x-5 sm:gap-x-10">
        {[a, b].map((form, index) => (
          <div key={`${form.id}-${index}`} className="min-w-0">
            {cell(form)}
          </div>
        ))}
      </div>
    </section>
  );
  return (
    <article className="space-y-3">
      <h1 className="sr-only">Two forms side by side</h1>
      <div className="grid grid-cols-2 gap-x-5 sm:gap-x-10">
        {[a, b].map((form, index) => {
          const phase = phasesOfForm(form, customs)[0];
          return (
            <div key={`${form.id}-${index}`} className="min-w-0">
              <p className="font-serif text-[1.44rem] leading-tight">
                <Link href={`/forms/${form.id}`}>{form.name}</Link>{' '}
                {form.hanzi && (
                  <span lang="zh-Hant" className="hanzi">
                    {form.hanzi}
                  </span>
                )}
              </p>
              <p className="quiet small">
                {form.pinyin && (
                  <>
                    <Pinyin>{form.pinyin}</Pinyin> ·{' '}
                  </>
                )}
                {form.family}
              </p>
              <MovingFigure
                strokes={playedForm(form, 'full', customs)}
                startView={form.view ?? 'front'}
                sash={phase ? PHASE_VAR[phase] : 'var(--faded)'}
                height={300}
                name={form.name}
                compact
              />
            </div>
          );
        })}
      </div>
      {row('Serves', (form) => (
        <p>
          {phasesOfForm(form, customs).map((phase) => (
            <PhaseMark key={phase} phase={phase} withName />
          ))}{' '}
          {joined(organsOfForm(form, customs).map((id) => organ(id).name))}
        </p>
      ))}
      {row('Does, and where it stands', (form) => (
        <p>
          {joined(form.actions)}; {joined(form.roles.map((role) => ROLE_NAMES[role].toLowerCase()))}
        </p>
      ))}
      {row('Channels', (form) => (
        <p>{joined(form.channels.map(({ channel: id, how }) => `${channel(id).id} ${how}`))}</p>
      ))}
      {row('On the breath', (form) => {
        const sound = form.soundOrgan ? soundOf(form.soundOrgan, customs.soundSchool) : undefined;
        return (
          <ol>
            {cycleOf(form, 'full').map((stroke, index) => (
              <li key={`${index}-${stroke.cue}`}>
                <span className="quiet italic">{BREATH_WORDS[stroke.breath]}</span>{' '}
                {fillCue(
                  stroke.cue,
                  { side: customs.firstSide, way: form.ways?.[0] ?? customs.firstSide },
                  sound,
                )}
              </li>
            ))}
          </ol>
        );
      })}
      {row('Sides, and how long', (form) => (
        <p>
          {SIDE_WORDS[form.sides]};{' '}
          <span className="figures">
            {repetitionSec(form, 'full', customs).toFixed(0)} s a repetition, {form.repetitions.least}–
            {form.repetitions.most}
          </span>
        </p>
      ))}
      {row('Asks', (form) => (
        <>
          <p>{joined(asksText(asksOf(form, 'full')))}</p>
          <AsksChart asked={measureForm(form, 'full')} />
        </>
      ))}
      {row('Care', (form) => (
        <>
          {form.cautions.map((caution) => (
            <p key={caution} className="watch">
              {caution}
            </p>
          ))}
          <p className="small">
            Change or leave out with:{' '}
            {joined(
              unique(
                cautionsOf(form, 'full')
                  .filter((caution) => caution.weight !== 'watch')
                  .map((caution) => caution.conditionLabel),
              ),
            )}
          </p>
        </>
      ))}
      {row('What goes wrong', (form) => (
        <ul>
          {form.mistakes.map((one) => (
            <li key={one.mistake}>
              {one.mistake}: <span className="quiet">{one.mend}</span>
            </li>
          ))}
        </ul>
      ))}
    </article>
  );
}
