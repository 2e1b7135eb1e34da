'use client';

import { Square, Volume2 } from 'lucide-react';
import { organ } from '@/core/phases';
import {
  SOUND_ORGANS,
  soundDraftSchema,
  soundSchema,
  syllable,
  SYLLABLES,
  type Sound,
  type SyllableId,
} from '@/core/sounds';
import { sourceIds, sourceTitle } from '@/core/sources';
import { Amount, Select } from '@/ui/forms/editor/fields';
import { useReady } from '@/ui/kit/useReady';
import { EditorFrame, Fields, Line, orNone } from '@/ui/layers/EditorFrame';
import { useLayerEditing, type LayerEditing, type LayerKindHere } from '@/ui/layers/useLayerEditing';
import { PHASE_VAR } from '@/ui/kit/PhaseMark';
import { Mouth } from './Mouth';
import { useSounding } from './useSounding';

const SOUND_KIND: LayerKindHere<Sound> = {
  kind: 'sound',
  room: '/forms/sounds',
  schema: soundSchema,
  draftSchema: soundDraftSchema,
  nameOf: ({ written }) => written,
  fields: {
    written: 'as it is written',
    plain: 'as a newcomer reads it off',
    movement: 'the movement it goes with',
    leaves: 'what leaves with it',
    image: 'an image',
    mind: 'to mind',
    sec: 'seconds of an exhale',
    dose: 'how often',
  },
};

const MOUTHS: readonly SyllableId[] = SYLLABLES.map(({ id }) => id);
const NO_ORGAN = 'none';
const SECOND_NONE = 'none';
const EXAMPLE = { sec: 5, pitchHz: 110 } as const;

/** The mouths of a sound as it is being written, and an example to hear. */
function Shown({ sound }: { readonly sound: Sound }) {
  const { heard, problem, play, stop } = useSounding();
  return (
    <>
      <h2>
        {sound.written || '…'}{' '}
        {sound.hanzi && (
          <span lang="zh-Hant" className="hanzi">
            {sound.hanzi}
          </span>
        )}
      </h2>
      {sound.syllables.map((id) => (
        <div key={id}>
          <Mouth
            mouth={syllable(id).mouth}
            tint={sound.organ && PHASE_VAR[organ(sound.organ).phase]}
            height={118}
            label={`The mouth of ${syllable(id).written}: ${syllable(id).mouthWords}`}
          />
          <p className="quiet">{syllable(id).mouthWords}</p>
        </div>
      ))}
      <button
        type="button"
        className="press mt-1"
        onClick={() => (heard === sound.id ? stop() : play({ sound, voice: 'aloud', ...EXAMPLE }))}
      >
        {heard === sound.id ? <Square size={14} aria-hidden /> : <Volume2 size={15} aria-hidden />}
        {heard === sound.id ? 'Stop' : 'Hear an example made by the machine'}
      </button>
      {problem && (
        <p role="alert" className="must mt-1">
          {problem}
        </p>
      )}
    </>
  );
}

/** What it is for, and how often. */
function Use({ at: { draft, set } }: { readonly at: LayerEditing<Sound> }) {
  const { sec, dose } = draft;
  return (
    <Fields legend="What goes with it">
      <Line
        label="the movement it goes with"
        isWide
        value={draft.movement}
        onValue={(movement) => set({ movement })}
      />
      <Line
        label="what is said to leave with it"
        isWide
        value={draft.leaves}
        onValue={(leaves) => set({ leaves })}
      />
      <Line label="an image" isWide value={draft.image} onValue={(image) => set({ image })} />
      <Line
        label="colour"
        value={draft.colour ?? ''}
        most={60}
        onValue={(text) => set({ colour: orNone(text) })}
      />
      <Line
        label="what it is for, where it is no organ’s"
        value={draft.use ?? ''}
        onValue={(text) => set({ use: orNone(text) })}
      />
      <Line label="to mind" isWide value={draft.mind} onValue={(mind) => set({ mind })} />
      <Amount
        label="at least"
        unit="s an exhale"
        value={sec.least}
        least={1}
        most={9}
        onValue={(least) => set({ sec: { ...sec, least } })}
      />
      <Amount
        label="at most"
        unit="s an exhale"
        value={sec.most}
        least={1}
        most={9}
        onValue={(most) => set({ sec: { ...sec, most } })}
      />
      <Amount
        label="as a taste"
        unit="times"
        value={dose.taste}
        least={1}
        most={36}
        onValue={(taste) => set({ dose: { ...dose, taste } })}
      />
      <Amount
        label="plainly"
        unit="times"
        value={dose.plain}
        least={1}
        most={36}
        onValue={(plain) => set({ dose: { ...dose, plain } })}
      />
      <Amount
        label="where there is need"
        unit="times"
        value={dose.more}
        least={1}
        most={36}
        onValue={(more) => set({ dose: { ...dose, more } })}
      />
    </Fields>
  );
}

interface Props {
  readonly start: Sound;
  readonly version: number | undefined;
  readonly place: string;
}

function Writing({ start, version, place }: Props) {
  const at = useLayerEditing(SOUND_KIND, place, start, version);
  const { draft, set } = at;
  const [first = 'sigh', second] = draft.syllables;
  return (
    <EditorFrame
      at={at}
      title={version === undefined ? 'Write a sound' : 'Change a sound'}
      room={SOUND_KIND.room}
      shown={<Shown sound={draft} />}
    >
      <Fields legend="What it is">
        <Line
          label="as it is written"
          value={draft.written}
          most={40}
          onValue={(written) => set({ written })}
        />
        <Line
          label="as a newcomer reads it off"
          value={draft.plain}
          most={80}
          onValue={(plain) => set({ plain })}
        />
        <Line
          label="hanzi"
          value={draft.hanzi ?? ''}
          most={8}
          onValue={(text) => set({ hanzi: orNone(text) })}
        />
        <Select
          label="organ"
          value={draft.organ ?? NO_ORGAN}
          values={[NO_ORGAN, ...SOUND_ORGANS]}
          name={(id) => (id === NO_ORGAN ? 'no organ’s own' : organ(id).name)}
          onValue={(id) => set({ organ: id === NO_ORGAN ? undefined : id })}
        />
        <Select
          label="the mouth"
          value={first}
          values={MOUTHS}
          name={(id) => `${syllable(id).written}: ${syllable(id).plain}`}
          onValue={(id) => set({ syllables: second ? [id, second] : [id] })}
        />
        <Select
          label="then the mouth"
          value={second ?? SECOND_NONE}
          values={[SECOND_NONE, ...MOUTHS]}
          name={(id) => (id === SECOND_NONE ? 'stays as it is' : syllable(id).written)}
          onValue={(id) => set({ syllables: id === SECOND_NONE ? [first] : [first, id] })}
        />
        <Line
          label="school or teacher"
          value={draft.school ?? ''}
          most={80}
          onValue={(text) => set({ school: orNone(text) })}
        />
        <Select
          label="source"
          value={draft.source}
          values={sourceIds}
          name={sourceTitle}
          onValue={(source) => set({ source })}
        />
      </Fields>
      <Use at={at} />
    </EditorFrame>
  );
}

/** A sound of one's own, written: how it is made, whose it is, what goes with it, and where it comes from. */
export function SoundEditor(props: Props) {
  const ready = useReady();
  // A draft this browser kept can only be read there.
  return ready ? <Writing {...props} /> : <p role="status">Opening …</p>;
}
