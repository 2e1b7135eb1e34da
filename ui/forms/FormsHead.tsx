import Link from 'next/link';
import { FilePick } from '@/ui/kit/FilePick';
import { Neighbours } from './Neighbours';

interface Props {
  readonly hasOwn: boolean;
  readonly bring: (file: File) => Promise<void>;
}

/** The head of the room: a form written, brought in, taken along. */
export function FormsHead({ hasOwn, bring }: Props) {
  return (
    <div className="flex flex-wrap items-baseline justify-between gap-x-8 gap-y-1">
      <Neighbours here="/forms" />
      <p className="small flex flex-wrap gap-x-4">
        <Link className="press-plain" href="/forms/known">
          What a teacher names first
        </Link>
        <Link className="press-plain" href="/handout/forms/all">
          As a table
        </Link>
        <Link className="press-plain" href="/forms/own/new">
          Write a form
        </Link>
        <FilePick
          label="Bring in a file"
          className="press-plain"
          picks="A file of forms"
          accept="application/json,.json"
          onPick={(chosen) => void bring(chosen)}
        />
        {hasOwn && (
          <a className="press-plain" href="/api/forms/export" download>
            Take my forms along
          </a>
        )}
      </p>
    </div>
  );
}
