'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { OwnWords } from '@/core/forms';
import { spokenCue, writtenCue, type CueSides } from '@/core/forms/words/cueText';
import { useSay } from '@/ui/kit/Said';
import { useReady } from '@/ui/kit/useReady';
import { readAnswer } from '@/ui/kit/answer';

/** A cue as it is shipped and the place own words for it are laid over. */
export interface ShippedCue {
  readonly place: string;
  readonly part: string;
  readonly cue: string;
}

interface Props {
  readonly formId: string;
  readonly shippedName: string;
  readonly shippedImages: readonly string[];
  readonly cues: readonly ShippedCue[];
  /** The sides of the form and the sound of the school: cues are read and written for the left. */
  readonly sides: CueSides;
  readonly sound: string | undefined;
  readonly words: OwnWords | undefined;
  /** The version the words were read at. */
  readonly version: number;
}

/** Own name, cues, images and notes over a shipped form; the form beneath stays as it is. */
export function WordsEditor({
  formId,
  shippedName,
  shippedImages,
  cues,
  sides,
  sound,
  words,
  version,
}: Props) {
  const read = (cue: string): string => spokenCue(cue, sides, sound);
  const written = (said: string): string => writtenCue(said, sides, sound);
  const [base, setBase] = useState(version);
  const [name, setName] = useState(words?.name ?? '');
  const [said, setSaid] = useState<Readonly<Record<string, string>>>(words?.cues ?? {});
  const [images, setImages] = useState((words?.images ?? []).join('\n'));
  const [note, setNote] = useState(words?.note ?? '');
  const [problem, setProblem] = useState<string | undefined>(undefined);
  const ready = useReady();
  const router = useRouter();
  const say = useSay();
  const save = async (document: OwnWords, told: string): Promise<void> => {
    setProblem(undefined);
    const answer = await readAnswer<{ version: number }>(() =>
      fetch(`/api/forms/${formId}/words`, {
        method: 'PUT',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify({ words: document, baseVersion: base }),
      }),
    );
    if (!answer.ok) {
      setProblem(answer.message);
      return;
    }
    setBase(answer.value.version);
    say(told);
    router.refresh();
  };
  const document = (): OwnWords => {
    const lines = images
      .split('\n')
      .map((line) => line.trim())
      .filter((line) => line !== '');
    return {
      formId,
      ...(name.trim() === '' ? {} : { name: name.trim() }),
      cues: Object.fromEntries(
        Object.entries(said)
          .map(([place, cue]) => [place, cue.trim()] as const)
          .filter(([, cue]) => cue !== ''),
      ),
      ...(lines.length === 0 ? {} : { images: lines }),
      ...(note.trim() === '' ? {} : { note }),
    };
  };
  return (
    <details className="border-y border-hairline py-2">
      <summary className="cursor-pointer font-serif text-[1.1rem]">
        {words ? 'In your own words (laid over this form)' : 'Say it in your own words'}
      </summary>
      <fieldset disabled={!ready} className="mt-2 space-y-3">
        <p className="quiet small">
          Fill in only what you say differently. The form beneath stays as it is; practices already written
          keep their words until you take the change there.
          {sides.sides !== 'symmetric' && ' Written as said for the left; the other side follows by itself.'}
        </p>
        <label className="block">
          Name
          <input
            className="field"
            value={name}
            placeholder={shippedName}
            maxLength={120}
            onChange={(event) => setName(event.target.value)}
          />
        </label>
        {cues.map(({ place, part, cue }) => (
          <label key={place} className="block">
            <span className="quiet small">{part}</span>
            <input
              className="field"
              value={read(said[place] ?? '')}
              placeholder={read(cue)}
              maxLength={240}
              onChange={(event) => setSaid({ ...said, [place]: written(event.target.value) })}
            />
          </label>
        ))}
        <label className="block">
          Images, one a line
          <textarea
            className="field"
            rows={2}
            value={images}
            placeholder={shippedImages.join('\n')}
            onChange={(event) => setImages(event.target.value)}
          />
        </label>
        <label className="block">
          Notes, for you alone
          <textarea
            className="field"
            rows={3}
            maxLength={2000}
            value={note}
            onChange={(event) => setNote(event.target.value)}
          />
        </label>
        {problem && (
          <p role="alert" className="must">
            {problem}
          </p>
        )}
        <p className="flex flex-wrap gap-3">
          <button
            type="button"
            className="press press-main"
            onClick={() => void save(document(), 'Your words are kept.')}
          >
            Keep these words
          </button>
          {words && (
            <button
              type="button"
              className="press"
              onClick={() => {
                setName('');
                setSaid({});
                setImages('');
                setNote('');
                void save({ formId, cues: {} }, 'The form speaks in its own words again.');
              }}
            >
              Back to the usual words
            </button>
          )}
        </p>
      </fieldset>
    </details>
  );
}
