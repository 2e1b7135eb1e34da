'use client';

import { defined } from '@/core/text/defined';
import { useState } from 'react';
import {
  BASES,
  HAND_SHAPES,
  PROP_IDS,
  PROP_WORDS,
  isOnSoles,
  LANDMARKS,
  otherSide,
  restingOn,
  sayPosture,
  type Hand,
  type Posture,
} from '@/core/body';
import { ELBOWS, WAYS } from '@/core/body/posture';

/** What one can rest on but the soles and a chair. */
const FLOOR_BASES = BASES.filter((base) => restingOn(base) !== undefined);

export interface PostureProps {
  readonly posture: Posture;
  readonly onPosture: (posture: Posture, what: string) => void;
}

/** A number that is led by a slider; the middle is where nothing is said. */
function Slider({
  label,
  unit,
  value,
  least,
  most,
  step = 1,
  onValue,
}: {
  readonly label: string;
  readonly unit: string;
  readonly value: number;
  readonly least: number;
  readonly most: number;
  readonly step?: number;
  readonly onValue: (value: number) => void;
}) {
  return (
    <label className="grid grid-cols-[6.5rem_minmax(0,1fr)_3.6rem] items-center gap-2">
      <span>{label}</span>
      <input
        type="range"
        className="w-full min-w-0 accent-ink"
        min={least}
        max={most}
        step={step}
        value={value}
        onChange={(event) => onValue(Number(event.target.value))}
      />
      <span className="figures text-right">
        {value} <span className="unit">{unit}</span>
      </span>
    </label>
  );
}

function Choose<Value extends string>({
  label,
  value,
  options,
  name = `Hand ${label}`,
  none = 'at ease',
  wordOf = (option) => option,
  onValue,
}: {
  readonly label: string;
  /** What it is called where it is only heard. */
  readonly name?: string;
  /** What stands where nothing is chosen. */
  readonly none?: string;
  readonly wordOf?: (option: Value) => string;
  readonly value: Value | undefined;
  readonly options: readonly Value[];
  readonly onValue: (value: Value | undefined) => void;
}) {
  return (
    <label className="block">
      <span className="quiet small">{label}</span>
      <select
        className="field"
        aria-label={name}
        value={value ?? ''}
        onChange={(event) => onValue(options.find((option) => option === event.target.value))}
      >
        <option value="">{none}</option>
        {options.map((option) => (
          <option key={option} value={option}>
            {wordOf(option)}
          </option>
        ))}
      </select>
    </label>
  );
}

/** A line to say a posture in words. */
function Saying({ posture, onPosture }: PostureProps) {
  const [words, setWords] = useState('');
  const [told, setTold] = useState<string | undefined>(undefined);
  const say = (): void => {
    const said = sayPosture(words, posture);
    if (said.understood.length > 0) onPosture(said.posture, 'words');
    setTold(
      said.notUnderstood.length === 0
        ? `Done: ${said.understood.join(', ')}.`
        : `Not understood: ${said.notUnderstood.join(', ')}.`,
    );
  };
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        say();
      }}
    >
      <label htmlFor="posture-words" className="quiet small">
        Say the posture
      </label>
      <span className="flex gap-2">
        <input
          id="posture-words"
          className="field"
          placeholder="hands to lower dāntián, palms up; knees soft; weight left"
          value={words}
          autoComplete="off"
          onChange={(event) => setWords(event.target.value)}
        />
        <button type="submit" className="press">
          Set
        </button>
      </span>
      {told && (
        <p className="small quiet" role="status">
          {told}
        </p>
      )}
    </form>
  );
}

/** Where each hand is, and how it is held. */
function Hands({ posture, onPosture }: PostureProps) {
  const hands = posture.hands ?? {};
  const apart = hands.left !== undefined || hands.right !== undefined;
  const [lone, setLone] = useState<'left' | 'right'>('left');
  const which = apart ? lone : 'both';
  const hand: Hand = (which === 'both' ? hands.both : (hands[which] ?? hands.both)) ?? { near: 'hanging' };
  const setHand = (over: Partial<Hand>): void => {
    const next = defined({ ...hand, ...over });
    if (over.near !== undefined) {
      // A new place is a new beginning: the old offsets belong to the old place.
      const fresh: Hand =
        over.near === 'reach'
          ? { near: 'reach', toward: [0.3, 0, 1], share: 0.9 }
          : defined({ near: over.near, palm: next.palm, shape: next.shape });
      onPosture(put(fresh), 'hand');
    } else onPosture(put(next), 'hand');
  };
  const put = (next: Hand): Posture => {
    if (which === 'both') return { ...posture, hands: { both: next } };
    const other = otherSide(which);
    return { ...posture, hands: defined({ [which]: next, [other]: hands[other] ?? hands.both }) };
  };
  return (
    <fieldset>
      <legend className="caption flex gap-3">
        <button
          type="button"
          className="press-plain"
          aria-pressed={!apart}
          onClick={() => onPosture({ ...posture, hands: { both: hand } }, 'hands')}
        >
          both hands
        </button>
        {(['left', 'right'] as const).map((side) => (
          <button
            key={side}
            type="button"
            className="press-plain"
            aria-pressed={apart && lone === side}
            onClick={() => {
              setLone(side);
              if (!apart)
                onPosture(
                  { ...posture, hands: { left: hands.both ?? hand, right: hands.both ?? hand } },
                  'hands',
                );
            }}
          >
            {side} hand
          </button>
        ))}
      </legend>
      <div className="grid grid-cols-2 gap-2 sm:grid-cols-5">
        <Choose
          label="place"
          value={hand.near}
          options={LANDMARKS}
          onValue={(near) => setHand({ near: near ?? 'hanging' })}
        />
        <Choose label="palm" value={hand.palm} options={WAYS} onValue={(palm) => setHand({ palm })} />
        <Choose
          label="fingers"
          value={hand.fingers}
          options={WAYS}
          onValue={(fingers) => setHand({ fingers })}
        />
        <Choose label="elbow" value={hand.elbow} options={ELBOWS} onValue={(elbow) => setHand({ elbow })} />
        <Choose
          label="shape"
          value={hand.shape}
          options={HAND_SHAPES}
          onValue={(shape) => setHand({ shape })}
        />
      </div>
    </fieldset>
  );
}

/** How the feet stand and the weight lies. */
function Standing({ posture, onPosture }: PostureProps) {
  const { feet = {} } = posture;
  const heels =
    typeof feet.heels === 'number' ? feet.heels : Math.max(feet.heels?.left ?? 0, feet.heels?.right ?? 0);
  return (
    <>
      <Slider
        label="knees bend"
        unit="°"
        value={posture.sink ?? 8}
        least={4}
        most={90}
        onValue={(sink) => onPosture({ ...posture, sink }, 'sink')}
      />
      <Slider
        label="weight left"
        unit="%"
        value={Math.round((posture.weight ?? 0.5) * 100)}
        least={0}
        most={100}
        onValue={(value) => onPosture({ ...posture, weight: value / 100 }, 'weight')}
      />
      <Slider
        label="feet apart"
        unit="sh."
        value={feet.apart ?? 1}
        least={0.3}
        most={2.4}
        step={0.05}
        onValue={(apartBy) => onPosture({ ...posture, feet: { ...feet, apart: apartBy } }, 'apart')}
      />
      <Slider
        label="left foot ahead"
        unit="feet"
        value={feet.ahead ? (feet.ahead.foot === 'left' ? feet.ahead.by : -feet.ahead.by) : 0}
        least={-2.4}
        most={2.4}
        step={0.1}
        onValue={(by) => {
          const { ahead: _ahead, ...rest } = feet;
          onPosture(
            {
              ...posture,
              feet:
                Math.abs(by) < 0.05
                  ? rest
                  : { ...rest, ahead: { foot: by > 0 ? 'left' : 'right', by: Math.abs(by) } },
            },
            'ahead',
          );
        }}
      />
      <Slider
        label="heels up"
        unit="°"
        value={heels}
        least={0}
        most={40}
        onValue={(value) => onPosture({ ...posture, feet: { ...feet, heels: value } }, 'heels')}
      />
    </>
  );
}

/** The posture in words and numbers: a line to say it, the hands' places, and sliders for the rest. */
export function PostureFields({ posture, onPosture }: PostureProps) {
  const chair = posture.base === 'chair';
  const { trunk = {}, head = {} } = posture;
  return (
    <div className="space-y-3">
      <Saying posture={posture} onPosture={onPosture} />
      <Hands posture={posture} onPosture={onPosture} />
      <div className="grid gap-x-8 gap-y-1 sm:grid-cols-2">
        {isOnSoles(posture.base ?? 'feet') && <Standing posture={posture} onPosture={onPosture} />}
        <Slider
          label="trunk turns"
          unit="°"
          value={trunk.turn ?? 0}
          least={-50}
          most={50}
          onValue={(turn) => onPosture({ ...posture, trunk: { ...trunk, turn } }, 'turn')}
        />
        <Slider
          label="leans"
          unit="°"
          value={trunk.lean ?? 0}
          least={-15}
          most={100}
          onValue={(lean) => onPosture({ ...posture, trunk: { ...trunk, lean } }, 'lean')}
        />
        <Slider
          label="bends aside"
          unit="°"
          value={trunk.bend ?? 0}
          least={-35}
          most={35}
          onValue={(bend) => onPosture({ ...posture, trunk: { ...trunk, bend } }, 'bend')}
        />
        <Slider
          label="back rounds"
          unit="°"
          value={trunk.round ?? 0}
          least={-25}
          most={70}
          onValue={(round) => onPosture({ ...posture, trunk: { ...trunk, round } }, 'round')}
        />
        <Slider
          label="head turns"
          unit="°"
          value={head.turn ?? 0}
          least={-65}
          most={65}
          onValue={(turn) => onPosture({ ...posture, head: { ...head, turn } }, 'head turn')}
        />
        <Slider
          label="nods"
          unit="°"
          value={head.nod ?? 0}
          least={-30}
          most={45}
          onValue={(nod) => onPosture({ ...posture, head: { ...head, nod } }, 'nod')}
        />
      </div>
      <p className="small">
        <button
          type="button"
          className="press-plain"
          aria-pressed={chair}
          onClick={() => {
            const { base: _base, ...rest } = posture;
            onPosture(
              chair
                ? rest
                : defined({
                    base: 'chair' as const,
                    trunk: posture.trunk,
                    head: posture.head,
                    hands: posture.hands,
                  }),
              'chair',
            );
          }}
        >
          on a chair
        </button>
      </p>
      <Choose
        label="on the floor"
        name="On the floor"
        none="not on the floor"
        wordOf={(base) => restingOn(base)?.label ?? base}
        value={posture.base !== undefined && restingOn(posture.base) ? posture.base : undefined}
        options={FLOOR_BASES}
        onValue={(base) => {
          const { base: _base, feet: _feet, sink: _sink, weight: _weight, ...rest } = posture;
          onPosture(base ? { ...rest, base } : rest, 'on the floor');
        }}
      />
      <Choose
        label="done with"
        name="Done with"
        none="nothing besides"
        wordOf={(prop) => PROP_WORDS[prop].label}
        value={posture.with}
        options={PROP_IDS}
        onValue={(prop) => {
          const { with: _with, ...rest } = posture;
          onPosture(prop ? { ...rest, with: prop } : rest, 'done with');
        }}
      />
    </div>
  );
}
