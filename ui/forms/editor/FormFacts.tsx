'use client';

import type { ReactNode } from 'react';
import { BREATH_MANNERS, BREATH_ROUTES, PACE_KINDS } from '@/core/breath';
import { CHANNEL_IDS, POINT_CODES, ROUTE_REGION_IDS, type PointCode, type RouteStop } from '@/core/channels';
import type { Form } from '@/core/forms';
import { BODY_REGIONS, CHANNEL_WAYS, FAMILIES, ROUNDED_JOINTS, SIDES, STANCES } from '@/core/forms/terms';
import { withSides } from '@/core/forms/drafting';
import { ROLES } from '@/core/forms/roles';
import { ACTIONS } from '@/core/seek/seek';
import { organ, ORGAN_IDS, PHASE_IDS, phaseName } from '@/core/phases';
import { SIDE_WORDS } from '@/ui/words/asks';
import { ROLE_NAMES } from '@/ui/words/names';
import { ListField } from './ListField';

interface Props {
  readonly form: Form;
  readonly onChange: (what: string, make: (form: Form) => Form) => void;
}

const LOOSENED = ['ankles', 'knees', 'hips', 'spine', 'shoulders', 'wrists', 'neck'] as const;

function Ticks<Value extends string>({
  legend,
  values,
  chosen,
  name,
  onChosen,
}: {
  readonly legend: string;
  readonly values: readonly Value[];
  readonly chosen: readonly Value[];
  readonly name?: (value: Value) => ReactNode;
  readonly onChosen: (values: readonly Value[]) => void;
}) {
  return (
    <fieldset>
      <legend className="caption">{legend}</legend>
      <span className="flex flex-wrap gap-x-4">
        {values.map((value) => (
          <label key={value} className="inline-flex items-baseline gap-1.5">
            <input
              type="checkbox"
              className="accent-ink"
              checked={chosen.includes(value)}
              onChange={(event) =>
                onChosen(
                  event.target.checked ? [...chosen, value] : chosen.filter((other) => other !== value),
                )
              }
            />
            {name ? name(value) : value}
          </label>
        ))}
      </span>
    </fieldset>
  );
}

function Select<Value extends string>({
  label,
  value,
  values,
  name,
  onValue,
}: {
  readonly label: string;
  readonly value: Value;
  readonly values: readonly Value[];
  readonly name?: (value: Value) => string;
  readonly onValue: (value: Value) => void;
}) {
  return (
    <label className="block">
      <span className="quiet small">{label}</span>
      <select
        className="field"
        value={value}
        onChange={(event) => {
          const next = values.find((one) => one === event.target.value);
          if (next !== undefined) onValue(next);
        }}
      >
        {values.map((one) => (
          <option key={one} value={one}>
            {name ? name(one) : one}
          </option>
        ))}
      </select>
    </label>
  );
}

function Amount({
  label,
  unit,
  value,
  least,
  most,
  onValue,
}: {
  readonly label: string;
  readonly unit: string;
  readonly value: number;
  readonly least: number;
  readonly most: number;
  readonly onValue: (value: number) => void;
}) {
  return (
    <label className="block">
      <span className="quiet small">
        {label} <span className="unit">{unit}</span>
      </span>
      <input
        type="number"
        className="field figures"
        min={least}
        max={most}
        value={value}
        onChange={(event) => {
          const next = Number(event.target.value);
          if (Number.isFinite(next)) onValue(next);
        }}
      />
    </label>
  );
}

const points: readonly string[] = POINT_CODES;
const stops: readonly string[] = [...ROUTE_REGION_IDS, ...POINT_CODES];

/** A line as what stands before its first colon and what after; all of it before where there is none. */
function cutAtColon(row: string): { readonly before: string; readonly after: string } {
  const cut = row.indexOf(':');
  const before = cut < 0 ? row : row.slice(0, cut).trim();
  return { before: before === '' ? row : before, after: cut < 0 ? '' : row.slice(cut + 1).trim() };
}

/** Everything of a form that is not its strokes. */
export function FormFacts({ form, onChange }: Props) {
  const set = <K extends keyof Form>(key: K, value: Form[K]): void =>
    onChange(key, (now) => ({ ...now, [key]: value }));
  const drop = (key: 'pinyin' | 'hanzi' | 'route'): void =>
    onChange(key, ({ [key]: _gone, ...rest }) => rest as Form);
  const optional = (key: 'pinyin' | 'hanzi', value: string): void =>
    value === '' ? drop(key) : set(key, value);
  return (
    <div className="space-y-4">
      <div className="grid gap-3 sm:grid-cols-3">
        <label className="block">
          <span className="quiet small">Pinyin</span>
          <input
            className="field"
            value={form.pinyin ?? ''}
            maxLength={120}
            onChange={(event) => optional('pinyin', event.target.value)}
          />
        </label>
        <label className="block">
          <span className="quiet small">Characters</span>
          <input
            className="field"
            lang="zh"
            value={form.hanzi ?? ''}
            maxLength={40}
            onChange={(event) => optional('hanzi', event.target.value)}
          />
        </label>
        <Select
          label="Kind"
          value={form.family}
          values={FAMILIES}
          onValue={(family) => set('family', family)}
        />
        <Select
          label="Stance it begins in"
          value={form.stance.start}
          values={STANCES}
          onValue={(start) => set('stance', { ...form.stance, start })}
        />
        <Select
          label="Stance it ends in"
          value={form.stance.end}
          values={STANCES}
          onValue={(end) => set('stance', { ...form.stance, end })}
        />
        <Select
          label="Sides"
          value={form.sides}
          values={SIDES}
          name={(sides) => SIDE_WORDS[sides]}
          onValue={(sides) => onChange('sides', (now) => withSides(now, sides))}
        />
        <Select
          label="Paced as"
          value={form.pace}
          values={PACE_KINDS.map((row) => row.id)}
          name={(id) => PACE_KINDS.find((row) => row.id === id)?.label ?? id}
          onValue={(pace) => set('pace', pace)}
        />
        <Select
          label="Manner of the breath"
          value={form.manner}
          values={BREATH_MANNERS.map((row) => row.id)}
          name={(id) => BREATH_MANNERS.find((row) => row.id === id)?.label ?? id}
          onValue={(manner) => set('manner', manner)}
        />
        <Select
          label="Exhale"
          value={form.exhale}
          values={BREATH_ROUTES}
          onValue={(exhale) => set('exhale', exhale)}
        />
      </div>
      <label className="block">
        <span className="quiet small">Feet and weight</span>
        <input
          className="field"
          value={form.footwork}
          maxLength={240}
          onChange={(event) => set('footwork', event.target.value)}
        />
      </label>
      <Ticks
        legend="Place in a practice"
        values={ROLES}
        chosen={form.roles}
        name={(role) => ROLE_NAMES[role]}
        onChosen={(roles) => set('roles', [...roles])}
      />
      <Ticks
        legend="What it does"
        values={ACTIONS}
        chosen={form.actions}
        onChosen={(actions) => set('actions', [...actions])}
      />
      <Ticks
        legend="Phases"
        values={PHASE_IDS}
        chosen={form.phases}
        name={(id) => phaseName(id).name}
        onChosen={(phases) => set('phases', [...phases])}
      />
      <Ticks
        legend="Organs"
        values={ORGAN_IDS}
        chosen={form.organs}
        name={(id) => organ(id).name}
        onChosen={(organs) => set('organs', [...organs])}
      />
      <fieldset>
        <legend className="caption">Channels, and what is done to them</legend>
        <span className="grid grid-cols-2 gap-x-4 gap-y-1 sm:grid-cols-4 lg:grid-cols-5">
          {CHANNEL_IDS.map((channel) => {
            const present = form.channels.find((reach) => reach.channel === channel);
            return (
              <label key={channel} className="flex items-baseline gap-1.5">
                <span className="w-8">{channel}</span>
                <select
                  className="field"
                  aria-label={`${channel}: what is done to it`}
                  value={present?.how ?? ''}
                  onChange={(event) => {
                    const how = CHANNEL_WAYS.find((way) => way === event.target.value);
                    const rest = form.channels.filter((reach) => reach.channel !== channel);
                    set('channels', how ? [...rest, { channel, how }] : rest);
                  }}
                >
                  <option value="">—</option>
                  {CHANNEL_WAYS.map((way) => (
                    <option key={way} value={way}>
                      {way}
                    </option>
                  ))}
                </select>
              </label>
            );
          })}
        </span>
      </fieldset>
      <ListField
        label="Points, by code"
        hint="LU1, KI3 …"
        value={form.points}
        known={points}
        what="point code"
        onValue={(codes) => set('points', codes as PointCode[])}
      />
      <ListField
        label="Route, stop by stop"
        hint="armpit, HT3, HT7, little finger"
        value={form.route ?? []}
        known={stops}
        what="stop of a route"
        least={2}
        onValue={(route) => (route.length === 0 ? drop('route') : set('route', route as RouteStop[]))}
      />
      <div className="grid grid-cols-2 gap-3 sm:grid-cols-4">
        {(['least', 'usual', 'most', 'multipleOf'] as const).map((key) => (
          <Amount
            key={key}
            label={key === 'multipleOf' ? 'in steps of' : key}
            unit="repetitions"
            value={form.repetitions[key]}
            least={1}
            most={99}
            onValue={(value) =>
              onChange('repetitions', (now) => ({
                ...now,
                repetitions: { ...now.repetitions, [key]: value },
              }))
            }
          />
        ))}
        <Amount
          label="Talk, known"
          unit="s"
          value={form.setupSec.known}
          least={0}
          most={120}
          onValue={(known) => set('setupSec', { ...form.setupSec, known })}
        />
        <Amount
          label="Talk, taught"
          unit="s"
          value={form.setupSec.taught}
          least={0}
          most={180}
          onValue={(taught) => set('setupSec', { ...form.setupSec, taught })}
        />
        <Amount
          label="Quiet after"
          unit="s"
          value={form.settleSec}
          least={0}
          most={60}
          onValue={(settleSec) => set('settleSec', settleSec)}
        />
        <Amount
          label="Level"
          unit="1–3"
          value={form.level}
          least={1}
          most={3}
          onValue={(level) => set('level', level <= 1 ? 1 : level >= 3 ? 3 : 2)}
        />
      </div>
      <Ticks
        legend="Joints it loosens"
        values={LOOSENED}
        chosen={form.loosens}
        onChosen={(loosens) => set('loosens', [...loosens])}
      />
      <fieldset className="space-y-2">
        <legend className="caption">What a figure cannot tell</legend>
        <Ticks
          legend="Knocking on"
          values={BODY_REGIONS}
          chosen={form.asks.percussion}
          onChosen={(percussion) => set('asks', { ...form.asks, percussion: [...percussion] })}
        />
        <Ticks
          legend="Rubbing, kneading or pressing on"
          values={BODY_REGIONS}
          chosen={form.asks.rubs}
          onChosen={(rubs) => set('asks', { ...form.asks, rubs: [...rubs] })}
        />
        <Ticks
          legend="Taken round, swung or slid through their range"
          values={ROUNDED_JOINTS}
          chosen={form.asks.roundedJoints}
          onChosen={(joints) => set('asks', { ...form.asks, roundedJoints: [...joints] })}
        />
        <span className="flex flex-wrap gap-x-4">
          {(
            [
              ['shakes', 'shakes or jolts'],
              ['breathHold', 'holds the breath'],
              ['staticHold', 'holds a stance'],
              ['abdominalPress', 'presses on the belly'],
              ['inwardImagery', 'inward imagery'],
              ['vigorous', 'vigorous'],
            ] as const
          ).map(([key, label]) => (
            <label key={key} className="inline-flex items-baseline gap-1.5">
              <input
                type="checkbox"
                className="accent-ink"
                checked={form.asks[key]}
                onChange={(event) => set('asks', { ...form.asks, [key]: event.target.checked })}
              />
              {label}
            </label>
          ))}
          <label className="inline-flex items-baseline gap-1.5">
            impact at the heels
            <select
              className="field w-auto"
              value={form.asks.impact}
              onChange={(event) =>
                set('asks', {
                  ...form.asks,
                  impact:
                    event.target.value === 'firm' ? 'firm' : event.target.value === 'soft' ? 'soft' : 'none',
                })
              }
            >
              <option>none</option>
              <option>soft</option>
              <option>firm</option>
            </select>
          </label>
        </span>
      </fieldset>
      <div className="grid gap-3 sm:grid-cols-2">
        <ListField
          label="Images"
          lines
          value={form.images}
          onValue={(images) => set('images', [...images])}
        />
        <ListField
          label="Cautions of its own"
          lines
          value={form.cautions}
          onValue={(cautions) => set('cautions', [...cautions])}
        />
        <ListField
          label="Parts, in teaching order: what to watch"
          hint="the step: the foot comes down empty"
          lines
          value={form.parts.map((one) => (typeof one === 'string' ? one : `${one.part}: ${one.watch}`))}
          onValue={(rows) =>
            set(
              'parts',
              rows.map((row) => {
                const { before, after } = cutAtColon(row);
                return after === '' ? before : { part: before, watch: after };
              }),
            )
          }
        />
        <ListField
          label="What goes wrong: how to mend it"
          hint="knees locked: sit back a little"
          lines
          value={form.mistakes.map(({ mistake, mend }) => `${mistake}: ${mend}`)}
          onValue={(rows) =>
            set(
              'mistakes',
              rows.map((row) => {
                const { before, after } = cutAtColon(row);
                return { mistake: before, mend: after === '' ? 'Do it smaller.' : after };
              }),
            )
          }
        />
        {(['breath', 'time'] as const).map((key) => (
          <label key={key} className="block">
            <span className="quiet small">
              {key === 'breath'
                ? 'Why its breath goes against custom, if it does'
                : 'Why it takes longer or less than its kind, if it does'}
            </span>
            <input
              className="field"
              maxLength={240}
              value={form.exceptions?.[key] ?? ''}
              onChange={(event) => {
                const said = event.target.value;
                onChange('exceptions', (now) => {
                  const { [key]: _gone, ...rest } = now.exceptions ?? {};
                  const exceptions = said === '' ? rest : { ...rest, [key]: said };
                  const { exceptions: _old, ...whole } = now;
                  return Object.keys(exceptions).length === 0 ? whole : { ...whole, exceptions };
                });
              }}
            />
          </label>
        ))}
      </div>
    </div>
  );
}
