import { CHANNEL_IDS, POINT_CODES, ROUTE_REGION_IDS, type PointCode, type RouteStop } from '@/core/channels';
import { ROLES } from '@/core/forms/model/roles';
import { CHANNEL_WAYS } from '@/core/forms/model/terms';
import { organ, ORGAN_IDS, PHASE_IDS, phaseName } from '@/core/phases';
import { ACTIONS } from '@/core/seek/seek';
import { ROLE_NAMES } from '@/ui/words/names';
import { dropper, setter, type FactsProps } from './facts';
import { Ticks } from './fields';
import { ListField } from './ListField';

const points: readonly string[] = POINT_CODES;
const stops: readonly string[] = [...ROUTE_REGION_IDS, ...POINT_CODES];

function ChannelFacts(props: FactsProps) {
  const { form } = props;
  const set = setter(props);
  return (
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
  );
}

/** What it serves: its place, what it does, phases, organs, channels, points, route. */
export function ServesFacts(props: FactsProps) {
  const { form } = props;
  const set = setter(props);
  const drop = dropper(props);
  return (
    <>
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
      <ChannelFacts {...props} />
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
    </>
  );
}
