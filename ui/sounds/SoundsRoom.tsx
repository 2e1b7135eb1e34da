'use client';

import { Square, Volume2 } from 'lucide-react';
import { useDeferredValue, useMemo, useState, type ReactNode } from 'react';
import { correspondence, organ, phaseName, virtueOf, type VirtueSchoolId } from '@/core/phases';
import { askSounds } from '@/core/sounds/asking';
import { SOUND_SCHOOLS, SOUNDS, syllable, VOICES, type Sound, type Voice } from '@/core/sounds';
import { sourceTitle } from '@/core/sources';
import { BinnedForms } from '@/ui/forms/FormsFoot';
import { Neighbours } from '@/ui/forms/Neighbours';
import { AskField } from '@/ui/layers/AskField';
import { Beside, held, type Column } from '@/ui/layers/Beside';
import { LayerActions, useLayerBin, type Binned } from '@/ui/layers/OwnActions';
import { PHASE_VAR } from '@/ui/kit/PhaseMark';
import { VOICE_NAMES } from '@/ui/words/patterns';
import { Mouth } from './Mouth';
import { useSounding } from './useSounding';

interface Props {
  readonly question: string;
  /** The school whose sounds come first. */
  readonly school: string;
  readonly virtueSchool: VirtueSchoolId;
  readonly ownVirtues: Parameters<typeof virtueOf>[2];
  /** One's own, which come first. */
  readonly own: readonly Sound[];
  readonly binned: readonly Binned[];
}

const ROOM = '/forms/sounds';

/** The usual pitch of an example, and the lowest and highest offered, Hz. */
const PITCH = { usual: 110, least: 80, most: 260 } as const;

/** The name of a school; what one wrote oneself is its own name. */
const schoolName = (id: string | undefined): string =>
  SOUND_SCHOOLS.find((row) => row.id === id)?.label.replace(/ \(.*$/, '') ?? id ?? 'any school';

const ROWS = [
  'read',
  'organ',
  'the mouth',
  'the air',
  'movement',
  'leaves',
  'an exhale',
  'how often',
  'of',
] as const;

/** A sound as it stands beside others. */
function columnOf(sound: Sound): Column {
  const phase = sound.organ && organ(sound.organ).phase;
  const mouths = sound.syllables.map(syllable);
  return {
    id: sound.id,
    name: `${sound.written} ${sound.hanzi ?? ''}`,
    picture: mouths.map(({ id, mouth, mouthWords, written }) => (
      <Mouth
        key={id}
        mouth={mouth}
        tint={phase && PHASE_VAR[phase]}
        height={96}
        label={`The mouth of ${written}: ${mouthWords}`}
      />
    )),
    cells: [
      sound.plain,
      sound.organ ? organ(sound.organ).name : 'no organ’s own',
      mouths.map(({ mouthWords }) => mouthWords).join(' Then: '),
      mouths.map(({ air }) => air).join(' Then: '),
      sound.movement,
      sound.leaves,
      `${sound.sec.least}–${sound.sec.most} s`,
      `${sound.dose.taste}×, ${sound.dose.plain}×, up to ${sound.dose.more}×`,
      schoolName(sound.school),
    ],
  };
}

/** One sound in full: its mouth, how the air leaves, what goes and what comes, and an example to hear. */
function SoundCard({
  sound,
  virtue,
  isHeard,
  isSilent,
  onHear,
  actions,
}: {
  sound: Sound;
  virtue: string | undefined;
  isHeard: boolean;
  isSilent: boolean;
  onHear: () => void;
  actions: ReactNode;
}) {
  const phase = sound.organ && organ(sound.organ).phase;
  return (
    <article id={sound.id} className="border-t border-ink pt-2 pb-5">
      <h2 className="flex flex-wrap items-baseline gap-x-2">
        {sound.written}
        {sound.hanzi && (
          <span lang="zh-Hant" className="hanzi">
            {sound.hanzi}
          </span>
        )}
        <span className="quiet font-sans text-[1rem] font-normal">{sound.plain}</span>
      </h2>
      <p>
        {sound.organ ? organ(sound.organ).name : 'no organ’s own'}
        {phase && <span className="quiet"> · {phaseName(phase).name}</span>}
        <span className="quiet"> · {schoolName(sound.school)}</span>
      </p>
      {sound.syllables.map((id) => (
        <div key={id}>
          <Mouth
            mouth={syllable(id).mouth}
            tint={phase && PHASE_VAR[phase]}
            height={118}
            label={`The mouth of ${syllable(id).written}: ${syllable(id).mouthWords}`}
          />
          <p>{syllable(id).mouthWords}</p>
          <p className="quiet">{syllable(id).air}</p>
        </div>
      ))}
      <p className="mt-1">{sound.movement}</p>
      <p className="mt-1">
        Is said to leave: {phase ? `${correspondence(phase, 'disturbing-emotion')}; ` : ''}
        {sound.leaves}.{virtue && ` In its place: ${virtue}.`}
      </p>
      {sound.use && <p className="mt-1">{sound.use}</p>}
      <p className="quiet mt-1">
        {sound.image}
        {sound.colour ? ` Colour: ${sound.colour}.` : ''} {sound.mind}
      </p>
      <p className="quiet small figures mt-1">
        {sound.sec.least}–{sound.sec.most} s an exhale, at ease; {sound.dose.taste}× as a taste,{' '}
        {sound.dose.plain}× plainly, up to {sound.dose.more}×; always in by the nose ·{' '}
        {sourceTitle(sound.source)}
      </p>
      <button type="button" className="press mt-1" disabled={isSilent} onClick={onHear}>
        {isHeard ? <Square size={14} aria-hidden /> : <Volume2 size={15} aria-hidden />}
        {isSilent ? 'Silent: only breath and mouth' : isHeard ? 'Stop' : 'Hear an example'}
      </button>
      {actions}
    </article>
  );
}

/** The sounds of every school, asked in words, seen as mouths, heard as examples made by calculation. */
export function SoundsRoom({ question: asked, school, virtueSchool, ownVirtues, own, binned }: Props) {
  const [question, setQuestion] = useState(asked);
  const [holding, setHolding] = useState<readonly string[]>([]);
  const { throwOut, bringBack } = useLayerBin('sound');
  const [voiceChosen, setVoice] = useState<Voice>();
  const [pitchHz, setPitch] = useState<number>(PITCH.usual);
  const [sec, setSec] = useState(6);
  const said = useDeferredValue(question);
  const all = useMemo(() => [...own, ...SOUNDS], [own]);
  const found = useMemo(() => {
    const answer = askSounds(all, said);
    // One’s own first, then the user’s school; the order within a school is its own.
    const rank = (sound: Sound): number => (own.includes(sound) ? 0 : sound.school === school ? 1 : 2);
    return { ...answer, sounds: answer.sounds.toSorted((a, b) => rank(a) - rank(b)) };
  }, [all, own, said, school]);
  const voice = voiceChosen ?? found.voice ?? 'aloud';
  const { heard, problem, play, stop } = useSounding();
  const columns = holding.flatMap((id) => {
    const sound = all.find((one) => one.id === id);
    return sound ? [columnOf(sound)] : [];
  });
  return (
    <div>
      <Neighbours here={ROOM} />
      <AskField
        id="seek-sound"
        label="Ask for a sound"
        placeholder="the sound of the Spleen, silent"
        value={question}
        onValue={setQuestion}
        write={{ href: `${ROOM}/own/new`, label: 'Write a sound' }}
      />
      <div className="mt-2 flex flex-wrap items-end gap-x-6 gap-y-2">
        <label className="block">
          <span className="caption block">voiced</span>
          <select
            className="field w-auto"
            value={voice}
            onChange={(event) => setVoice(VOICES.find((one) => one === event.target.value))}
          >
            {VOICES.map((one) => (
              <option key={one} value={one}>
                {VOICE_NAMES[one]}
              </option>
            ))}
          </select>
        </label>
        <label className="block">
          <span className="caption block">pitch</span>
          <span className="flex items-center gap-2">
            <input
              type="range"
              className="accent-ink"
              min={PITCH.least}
              max={PITCH.most}
              value={pitchHz}
              onChange={(event) => setPitch(Number(event.target.value))}
            />
            <span className="figures">{pitchHz} Hz</span>
          </span>
        </label>
        <label className="block">
          <span className="caption block">for</span>
          <span className="flex items-baseline gap-1">
            <input
              type="number"
              className="field w-18"
              min={2}
              max={9}
              value={sec}
              onChange={(event) => setSec(Math.min(9, Math.max(2, Number(event.target.value) || 2)))}
            />
            <span className="unit">s</span>
          </span>
        </label>
        <p className="quiet small max-w-md">
          Examples are made by the machine from the mouth’s numbers; a teacher’s voice is better. Aloud first,
          to learn it; then whispered; then silent.
        </p>
      </div>
      {problem && (
        <p role="alert" className="must mt-2">
          {problem}
        </p>
      )}
      {columns.length > 0 && (
        <Beside
          title="Sounds beside one another"
          rows={ROWS}
          columns={columns}
          onLetGo={() => setHolding([])}
        />
      )}
      {found.sounds.length === 0 && <p className="mt-3">No sound answers that.</p>}
      <div className="mt-3 grid gap-x-10 sm:grid-cols-2 lg:grid-cols-3">
        {found.sounds.map((sound) => (
          <SoundCard
            key={sound.id}
            sound={sound}
            virtue={sound.organ && virtueOf(organ(sound.organ).phase, virtueSchool, ownVirtues)}
            isHeard={heard === sound.id}
            isSilent={voice === 'silent'}
            onHear={() => {
              if (heard === sound.id) stop();
              else if (voice !== 'silent') play({ sound, voice, sec, pitchHz });
            }}
            actions={
              <LayerActions
                room={ROOM}
                id={sound.id}
                name={sound.written}
                isOwn={own.some(({ id }) => id === sound.id)}
                isHeld={holding.includes(sound.id)}
                onHold={() => setHolding((now) => held(now, sound.id))}
                onThrowOut={() => throwOut(sound.id, sound.written)}
              />
            }
          />
        ))}
      </div>
      <BinnedForms binned={binned} bringBack={bringBack} />
    </div>
  );
}
