import Link from 'next/link';
import { useState, type ReactNode } from 'react';
import { tappedBreathMs, type Leading, type LeadingPress } from '@/core/desk/leading';
import { nameOf } from '@/core/forms';
import type { Likely } from '@/core/lead/likely';
import { ContrastSwitch } from '@/ui/kit/ContrastSwitch';
import { LightSwitch } from '@/ui/kit/LightSwitch';
import type { SideSeen } from '@/ui/words/lead';
import { HallShown } from './HallShown';
import { SOUNDS, type Sound } from './soundChoices';
import type { Hall } from './useHall';

interface Props {
  readonly hall: Hall;
  readonly leading: Leading;
  readonly press: (press: LeadingPress) => void;
  readonly likely: readonly Likely[];
  readonly onPutIn: (likely: Likely) => void;
  readonly sideSeen: SideSeen;
  readonly onSideSeen: (side: SideSeen) => void;
  readonly sounds: ReadonlySet<Sound>;
  readonly onSound: (sound: Sound) => void;
  /** Whether this browser has a voice the words can be said by. */
  readonly hasVoice: boolean;
  readonly isScript: boolean;
  readonly onScript: (on: boolean) => void;
  readonly isForYou: boolean;
  readonly onForYou: (on: boolean) => void;
  readonly isOneSwitch: boolean;
  readonly onOneSwitch: (on: boolean) => void;
}

function Group({ name, children }: { name: string; children: ReactNode }) {
  return (
    <div role="group" aria-label={name} className="grid grid-cols-[5.5rem_minmax(0,1fr)] items-baseline">
      <span className="quiet small">{name}</span>
      <span className="flex flex-wrap items-baseline gap-x-3 gap-y-1">{children}</span>
    </div>
  );
}

const SOUND_NAMES: Readonly<Record<Sound, string>> = {
  bells: 'Bells',
  breath: 'Breath tones',
  'last two': 'Last two',
  count: 'Count for me',
  beat: 'Plain beat',
  voice: 'Voice',
};

/** A breath, a quiet minute, or one of the forms that are likely today, to come next. */
function PutIn({
  likely,
  isOn,
  onPutIn,
}: {
  likely: readonly Likely[];
  isOn: boolean;
  onPutIn: Props['onPutIn'];
}) {
  const [chosen, setChosen] = useState('');
  const forms = likely.filter(({ kind }) => kind === 'form');
  const form = forms.find(({ item }) => item.formId === chosen) ?? forms[0];
  return (
    <Group name="put in next">
      {likely.map((one) =>
        one.kind === 'form' ? null : (
          <button
            key={one.kind}
            type="button"
            className="press-plain"
            disabled={!isOn}
            onClick={() => onPutIn(one)}
          >
            {one.kind === 'breath' ? `A breath: ${nameOf(one.form, one.item.variant)}` : 'A quiet minute'}
          </button>
        ),
      )}
      {form && (
        <span className="flex min-w-0 flex-wrap items-baseline gap-x-2">
          <select
            className="field w-auto max-w-full"
            aria-label="Form to put in"
            value={form.item.formId}
            onChange={(event) => setChosen(event.target.value)}
          >
            {forms.map(({ item, form: one }) => (
              <option key={item.formId} value={item.formId}>
                {nameOf(one, item.variant)}
              </option>
            ))}
          </select>
          <button
            type="button"
            className="press-plain whitespace-nowrap"
            disabled={!isOn}
            onClick={() => onPutIn(form)}
          >
            Put it in
          </button>
        </span>
      )}
    </Group>
  );
}

const toggleFullScreen = (): void => {
  // A browser that refuses shows the page as it is.
  const asked = document.fullscreenElement
    ? document.exitFullscreen()
    : document.documentElement.requestFullscreen();
  asked.catch(() => undefined);
};

/** What happens less often: the end, the pace, what is put in, what is heard and seen, and the ways out. */
export function LeadMore(props: Props) {
  const { leading, press, likely, onPutIn, sideSeen, onSideSeen, sounds, onSound, hasVoice } = props;
  const { started, running, undoable } = leading.base.state;
  const breathMs = tappedBreathMs(leading.taps);
  const plain = (pressed: LeadingPress, text: string, isOn = started) => (
    <button type="button" className="press-plain" disabled={!isOn} onClick={() => press(pressed)}>
      {text}
    </button>
  );
  return (
    <section
      className="slip absolute right-4 bottom-full left-4 space-y-1 px-4 py-3 sm:right-8 sm:left-auto sm:w-[max(22rem,min(40vw,56vh))]"
      aria-label="More"
    >
      <Group name="the plan">
        {plain('pause-end', 'Let the end wait', running)}
        {plain('move-on', 'On after this side', running)}
        {plain('teach', 'Teach it')}
        {plain('undo', 'Take it back', undoable > 0)}
      </Group>
      <Group name="the pace">
        {plain('slower', 'Slower')}
        {plain('quicker', 'Quicker')}
        {plain('tap', 'Tap each breath in')}
        <span className="small figures" role="status">
          {breathMs === undefined
            ? leading.taps.length > 0
              ? `${leading.taps.length} of 3`
              : ''
            : `${(60_000 / breathMs).toFixed(1)} breaths a minute from the next form`}
        </span>
      </Group>
      <PutIn likely={likely} isOn={started} onPutIn={onPutIn} />
      <Group name="heard">
        {SOUNDS.map((sound) => (
          <button
            key={sound}
            type="button"
            className="press-plain"
            aria-pressed={sounds.has(sound)}
            onClick={() => onSound(sound)}
          >
            {SOUND_NAMES[sound]} <span aria-hidden>{sounds.has(sound) ? 'on' : 'off'}</span>
          </button>
        ))}
        {!hasVoice && sounds.has('voice') && (
          <span role="status">This browser has no English voice installed.</span>
        )}
      </Group>
      <Group name="seen">
        <button
          type="button"
          className="press-plain"
          aria-pressed={sideSeen === 'facing'}
          onClick={() => onSideSeen(sideSeen === 'own' ? 'facing' : 'own')}
        >
          As they see you
        </button>
        <button
          type="button"
          className="press-plain"
          aria-pressed={props.isScript}
          onClick={() => props.onScript(!props.isScript)}
        >
          Script
        </button>
        <button
          type="button"
          className="press-plain"
          aria-pressed={props.isForYou}
          onClick={() => props.onForYou(!props.isForYou)}
        >
          For you alone
        </button>
        <LightSwitch />
        <ContrastSwitch />
        <button type="button" className="press-plain" onClick={toggleFullScreen}>
          Full screen
        </button>
        <button
          type="button"
          className="press-plain"
          aria-pressed={props.isOneSwitch}
          onClick={() => props.onOneSwitch(!props.isOneSwitch)}
        >
          By one switch
        </button>
      </Group>
      <Group name="elsewhere">
        <a
          className="press-plain"
          href={`/lead/${leading.session.practiceId}/hall`}
          target="navuren-hall"
          rel="noopener"
        >
          Screen for the hall
        </a>
        <Link
          className="press-plain"
          href={`/compose/${leading.session.practiceId}`}
          onClick={() => press('leave')}
        >
          Leave
        </Link>
      </Group>
      <HallShown hall={props.hall} />
    </section>
  );
}
