import { lazy, Suspense } from 'react';
import { channel, type PointCode } from '@/core/channels';
import { sourceTitle } from '@/core/sources';
import type { Looking } from './address';
import { counted, MOST_FOUND, type AtlasForm, type Looked } from './looking';
import { ChannelHead } from './ChannelHead';
import { PointList } from './PointList';

/** What is not looked at first comes after. */
const FormHead = lazy(async () => ({ default: (await import('./FormHead')).FormHead }));

interface Props {
  readonly looking: Looking;
  readonly form: AtlasForm | undefined;
  readonly shown: Looked;
  readonly chosen: PointCode | undefined;
  readonly lookBy: (looking: Looking) => void;
  readonly onPoint: (code: PointCode) => void;
}

/** What is looked at, in words, and its points. */
export function AtlasShown({ looking, form, shown, chosen, lookBy, onPoint }: Props) {
  return (
    <section className="space-y-2" aria-live="polite">
      {looking.by === 'channel' && (
        <ChannelHead id={looking.channel} onChannel={(id) => lookBy({ by: 'channel', channel: id })} />
      )}
      {looking.by === 'theme' && (
        <>
          <h2>
            To {looking.intent} the {channel(looking.channel).name.replace(' channel', '')}
          </h2>
          <p className="quiet">
            By rule: the mother nourishes, the child drains ({sourceTitle('nan-jing-69')}); the other classes
            from {sourceTitle('point-tables').toLowerCase()}.
          </p>
        </>
      )}
      {looking.by === 'search' && (
        <p className="quiet">
          {shown.points.length === 0
            ? 'No point answers to all of these words. Try a code, a name with or without tones, or a class such as “source” or “mother”.'
            : `${counted(shown.points.length)}${shown.points.length > MOST_FOUND ? `; the first ${MOST_FOUND} are on the figure` : ''}`}
        </p>
      )}
      {form && looking.by === 'form' && (
        <Suspense>
          <FormHead
            form={form}
            stroke={Math.min(looking.stroke, form.strokes.length - 1)}
            onStroke={(stroke) => lookBy({ by: 'form', form: form.id, stroke })}
          />
        </Suspense>
      )}
      <PointList label="Points shown" points={shown.points} chosen={chosen} onPoint={onPoint} />
    </section>
  );
}
