import Link from 'next/link';
import { channel, routeByChannel, type RouteStop } from '@/core/channels';
import { FLOW_WORDS } from '@/ui/words/names';
import type { AtlasForm } from './looking';

interface FormHeadProps {
  readonly form: AtlasForm;
  readonly stroke: number;
  readonly onStroke: (stroke: number) => void;
}

/** What a form reaches, and the stroke the figure stands in. */
export function FormHead({ form, stroke, onStroke }: FormHeadProps) {
  const flows = routeByChannel(form.route as readonly RouteStop[]);
  const current = form.strokes[stroke];
  const last = form.strokes.length - 1;
  return (
    <header className="space-y-1">
      <h2>{form.name}</h2>
      {current && (
        <p>
          <span className="quiet figures">
            {stroke + 1} of {form.strokes.length}:
          </span>{' '}
          {current.cue}
        </p>
      )}
      <p className="flex flex-wrap gap-2">
        <button type="button" className="press" onClick={() => onStroke(stroke === 0 ? last : stroke - 1)}>
          Stroke back
        </button>
        <button type="button" className="press" onClick={() => onStroke(stroke === last ? 0 : stroke + 1)}>
          Stroke on
        </button>
        <Link className="press-plain" href={`/forms/${form.id}`}>
          Its page
        </Link>
      </p>
      <p>
        {form.channels.map(({ channel: id, how }, index) => {
          const runs = flows.find((flow) => flow.channel === id)?.runs;
          return (
            <span key={`${id}-${how}`}>
              {index > 0 && '; '}
              {channel(id).name}{' '}
              <span className="quiet">
                {how}
                {runs && `, ${FLOW_WORDS[runs]}`}
              </span>
            </span>
          );
        })}
        {form.channels.length === 0 && 'No one channel.'}
      </p>
    </header>
  );
}
