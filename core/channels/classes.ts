import { keysOf } from '../lists/lists';
import { childOf, motherOf, organ, PHASE_IDS, type OrganId, type PhaseId } from '../phases';
import type { SourceId } from '../sources';
import { channel, type ChannelId } from './channels';
import { point, type PointCode } from './points';

/** The five transport points of a channel, from the fingers and toes inwards. */
export const TRANSPORT_KINDS = ['well', 'spring', 'stream', 'river', 'sea'] as const;
export type TransportKind = (typeof TRANSPORT_KINDS)[number];
export type RegularChannelId = Exclude<ChannelId, 'GV' | 'CV'>;

type Five = readonly [PointCode, PointCode, PointCode, PointCode, PointCode];

/** Well, spring, stream, river, sea of each channel (textbook table). */
// prettier-ignore
export const TRANSPORT_POINTS = {
  LU: ['LU11', 'LU10', 'LU9', 'LU8', 'LU5'],
  LI: ['LI1', 'LI2', 'LI3', 'LI5', 'LI11'],
  ST: ['ST45', 'ST44', 'ST43', 'ST41', 'ST36'],
  SP: ['SP1', 'SP2', 'SP3', 'SP5', 'SP9'],
  HT: ['HT9', 'HT8', 'HT7', 'HT4', 'HT3'],
  SI: ['SI1', 'SI2', 'SI3', 'SI5', 'SI8'],
  BL: ['BL67', 'BL66', 'BL65', 'BL60', 'BL40'],
  KI: ['KI1', 'KI2', 'KI3', 'KI7', 'KI10'],
  PC: ['PC9', 'PC8', 'PC7', 'PC5', 'PC3'],
  TE: ['TE1', 'TE2', 'TE3', 'TE6', 'TE10'],
  GB: ['GB44', 'GB43', 'GB41', 'GB38', 'GB34'],
  LR: ['LR1', 'LR2', 'LR3', 'LR4', 'LR8'],
} as const satisfies Record<RegularChannelId, Five>;

/** Source, connecting, cleft, front-mu, back-shu and lower sea point of each channel (textbook tables). */
interface OrganPoints {
  readonly source: PointCode;
  readonly connecting: PointCode;
  readonly cleft: PointCode;
  readonly mu: PointCode;
  readonly shu: PointCode;
  readonly lowerSea?: PointCode;
  readonly from: SourceId;
}

// prettier-ignore
export const ORGAN_POINTS = {
  LU: { source: 'LU9', connecting: 'LU7', cleft: 'LU6', mu: 'LU1', shu: 'BL13', from: 'point-tables' },
  LI: { source: 'LI4', connecting: 'LI6', cleft: 'LI7', mu: 'ST25', shu: 'BL25', lowerSea: 'ST37', from: 'point-tables' },
  ST: { source: 'ST42', connecting: 'ST40', cleft: 'ST34', mu: 'CV12', shu: 'BL21', lowerSea: 'ST36', from: 'point-tables' },
  SP: { source: 'SP3', connecting: 'SP4', cleft: 'SP8', mu: 'LR13', shu: 'BL20', from: 'point-tables' },
  HT: { source: 'HT7', connecting: 'HT5', cleft: 'HT6', mu: 'CV14', shu: 'BL15', from: 'point-tables' },
  SI: { source: 'SI4', connecting: 'SI7', cleft: 'SI6', mu: 'CV4', shu: 'BL27', lowerSea: 'ST39', from: 'point-tables' },
  BL: { source: 'BL64', connecting: 'BL58', cleft: 'BL63', mu: 'CV3', shu: 'BL28', lowerSea: 'BL40', from: 'point-tables' },
  KI: { source: 'KI3', connecting: 'KI4', cleft: 'KI5', mu: 'GB25', shu: 'BL23', from: 'point-tables' },
  PC: { source: 'PC7', connecting: 'PC6', cleft: 'PC4', mu: 'CV17', shu: 'BL14', from: 'point-tables' },
  TE: { source: 'TE4', connecting: 'TE5', cleft: 'TE7', mu: 'CV5', shu: 'BL22', lowerSea: 'BL39', from: 'point-tables' },
  GB: { source: 'GB40', connecting: 'GB37', cleft: 'GB36', mu: 'GB24', shu: 'BL19', lowerSea: 'GB34', from: 'point-tables' },
  LR: { source: 'LR3', connecting: 'LR5', cleft: 'LR6', mu: 'LR14', shu: 'BL18', from: 'point-tables' },
} as const satisfies Record<RegularChannelId, OrganPoints>;

/** Classes that belong to no one organ (textbook tables). */
// prettier-ignore
export const OTHER_CLASSES = [
  { code: 'CV15', kind: 'connecting', what: 'of the Conception vessel', source: 'point-tables' },
  { code: 'GV1', kind: 'connecting', what: 'of the Governing vessel', source: 'point-tables' },
  { code: 'SP21', kind: 'connecting', what: 'great connecting point of the Spleen', source: 'point-tables' },
  { code: 'BL59', kind: 'cleft', what: 'of the yang heel vessel', source: 'point-tables' },
  { code: 'KI8', kind: 'cleft', what: 'of the yin heel vessel', source: 'point-tables' },
  { code: 'GB35', kind: 'cleft', what: 'of the yang linking vessel', source: 'point-tables' },
  { code: 'KI9', kind: 'cleft', what: 'of the yin linking vessel', source: 'point-tables' },
  { code: 'LR13', kind: 'meeting', what: 'of the yin organs', source: 'point-tables' },
  { code: 'CV12', kind: 'meeting', what: 'of the yang organs', source: 'point-tables' },
  { code: 'CV17', kind: 'meeting', what: 'of qi', source: 'point-tables' },
  { code: 'BL17', kind: 'meeting', what: 'of blood', source: 'point-tables' },
  { code: 'GB34', kind: 'meeting', what: 'of the sinews', source: 'point-tables' },
  { code: 'LU9', kind: 'meeting', what: 'of the vessels', source: 'point-tables' },
  { code: 'BL11', kind: 'meeting', what: 'of the bones', source: 'point-tables' },
  { code: 'GB39', kind: 'meeting', what: 'of the marrow', source: 'point-tables' },
  { code: 'SP4', kind: 'confluent', what: 'of the penetrating vessel', source: 'point-tables' },
  { code: 'PC6', kind: 'confluent', what: 'of the yin linking vessel', source: 'point-tables' },
  { code: 'GB41', kind: 'confluent', what: 'of the belt vessel', source: 'point-tables' },
  { code: 'TE5', kind: 'confluent', what: 'of the yang linking vessel', source: 'point-tables' },
  { code: 'SI3', kind: 'confluent', what: 'of the Governing vessel', source: 'point-tables' },
  { code: 'BL62', kind: 'confluent', what: 'of the yang heel vessel', source: 'point-tables' },
  { code: 'LU7', kind: 'confluent', what: 'of the Conception vessel', source: 'point-tables' },
  { code: 'KI6', kind: 'confluent', what: 'of the yin heel vessel', source: 'point-tables' },
  { code: 'ST9', kind: 'window of the sky', what: '', source: 'ling-shu-2' },
  { code: 'LI18', kind: 'window of the sky', what: '', source: 'ling-shu-2' },
  { code: 'TE16', kind: 'window of the sky', what: '', source: 'ling-shu-2' },
  { code: 'BL10', kind: 'window of the sky', what: '', source: 'ling-shu-2' },
  { code: 'SI16', kind: 'window of the sky', what: '', source: 'ling-shu-2' },
  { code: 'SI17', kind: 'window of the sky', what: '', source: 'ling-shu-2' },
  { code: 'LU3', kind: 'window of the sky', what: '', source: 'ling-shu-2' },
  { code: 'PC1', kind: 'window of the sky', what: '', source: 'ling-shu-2' },
  { code: 'CV22', kind: 'window of the sky', what: '', source: 'ling-shu-2' },
  { code: 'GV16', kind: 'window of the sky', what: '', source: 'ling-shu-2' },
  { code: 'ST36', kind: 'command', what: 'of the belly', source: 'point-tables' },
  { code: 'BL40', kind: 'command', what: 'of the back', source: 'point-tables' },
  { code: 'LU7', kind: 'command', what: 'of head and neck', source: 'point-tables' },
  { code: 'LI4', kind: 'command', what: 'of face and mouth', source: 'point-tables' },
  { code: 'PC6', kind: 'command', what: 'of the chest', source: 'point-tables' },
  { code: 'GV26', kind: 'command', what: 'for bringing round', source: 'point-tables' },
] as const satisfies readonly { code: PointCode; kind: 'connecting' | 'cleft' | 'meeting' | 'confluent' | 'window of the sky' | 'command'; what: string; source: SourceId }[];

export const CLASS_KINDS = [
  ...TRANSPORT_KINDS,
  'mother',
  'child',
  'source',
  'connecting',
  'cleft',
  'front-mu',
  'back-shu',
  'lower sea',
  'meeting',
  'confluent',
  'window of the sky',
  'command',
] as const;
export type ClassKind = (typeof CLASS_KINDS)[number];

/** One class a point belongs to. */
export interface PointClass {
  readonly kind: ClassKind;
  /** Whose: the channel, or the words for what is not a channel’s. */
  readonly channel: RegularChannelId | undefined;
  readonly what: string;
  /** The phase of a transport point. */
  readonly phase: PhaseId | undefined;
  readonly source: SourceId;
}

const REGULAR = keysOf(TRANSPORT_POINTS);

const organOf = (id: RegularChannelId): OrganId => {
  const found = channel(id).organ;
  if (!found) throw new RangeError(`expected a channel of an organ, got ${id}`);
  return found;
};

/** Phase of a transport point (which points they are: Líng Shū 2) by the rule of Nàn Jīng 64, from memory: yin begins with wood, yang with metal. */
export function transportPhase(id: RegularChannelId, kind: TransportKind): PhaseId {
  let phase = (organ(organOf(id)).polarity === 'yin' ? 'wood' : 'metal') as PhaseId;
  for (let step = 0; step < TRANSPORT_KINDS.indexOf(kind); step += 1) phase = childOf(phase);
  return phase;
}

function transportOfPhase(id: RegularChannelId, phase: PhaseId): PointCode {
  const kind = TRANSPORT_KINDS.find((candidate) => transportPhase(id, candidate) === phase);
  if (!kind) throw new RangeError(`expected one of ${PHASE_IDS.join(', ')}, got ${phase}`);
  return TRANSPORT_POINTS[id][TRANSPORT_KINDS.indexOf(kind)] ?? TRANSPORT_POINTS[id][0];
}

const phaseOf = (id: RegularChannelId): PhaseId => organ(organOf(id)).phase;

/** The point that nourishes a channel: its transport point of the phase that generates its own (Nàn Jīng 69). */
export const motherPoint = (id: RegularChannelId): PointCode => transportOfPhase(id, motherOf(phaseOf(id)));

/** The point that clears a channel: its transport point of the phase its own generates (Nàn Jīng 69). */
export const childPoint = (id: RegularChannelId): PointCode => transportOfPhase(id, childOf(phaseOf(id)));

function classesOfChannel(id: RegularChannelId): readonly (readonly [PointCode, PointClass])[] {
  const name = channel(id).name.replace(' channel', '');
  const own = (kind: ClassKind, source: SourceId, phase?: PhaseId): PointClass => ({
    kind,
    channel: id,
    what: `of the ${name}`,
    phase,
    source,
  });
  const points = ORGAN_POINTS[id];
  const rows: (readonly [PointCode, PointClass])[] = TRANSPORT_KINDS.map((kind, index) => [
    TRANSPORT_POINTS[id][index] ?? TRANSPORT_POINTS[id][0],
    own(kind, 'ling-shu-2', transportPhase(id, kind)),
  ]);
  rows.push(
    [motherPoint(id), own('mother', 'nan-jing-69')],
    [childPoint(id), own('child', 'nan-jing-69')],
    [points.source, own('source', points.from)],
    [points.connecting, own('connecting', points.from)],
    [points.cleft, own('cleft', points.from)],
    [points.mu, own('front-mu', points.from)],
    [points.shu, own('back-shu', points.from)],
  );
  if ('lowerSea' in points) rows.push([points.lowerSea, own('lower sea', points.from)]);
  return rows;
}

const ALL: readonly (readonly [PointCode, PointClass])[] = [
  ...REGULAR.flatMap(classesOfChannel),
  ...OTHER_CLASSES.map(
    (row) =>
      [
        row.code,
        { kind: row.kind, channel: undefined, what: row.what, phase: undefined, source: row.source },
      ] as const,
  ),
];

/** Every class a point belongs to. */
export const classesOf = (code: PointCode): readonly PointClass[] =>
  ALL.filter(([candidate]) => candidate === code).map(([, row]) => row);

export const CHANNELS_OF_ORGANS = REGULAR;

/** A point proposed for a theme, with the rule that proposes it. */
export interface Proposal {
  readonly code: PointCode;
  readonly why: string;
  readonly source: SourceId;
}

export type PointIntent = 'nourish' | 'clear' | 'calm';

/** Points that settle the mind whatever the organ (common practice). */
const CALMING = ['HT7', 'PC6', 'GV20', 'EX-HN3', 'KI1'] as const satisfies readonly PointCode[];

/**
 * The points to use for an organ and an intent, by rule: its front-mu and back-shu and its source point;
 * the mother point to nourish; the child and connecting points to clear; the settling points to calm.
 */
export function pointsForTheme(id: RegularChannelId, intent: PointIntent): readonly Proposal[] {
  const points = ORGAN_POINTS[id];
  const name = channel(id).name.replace(' channel', '');
  const phase = phaseOf(id);
  const pair = [
    { code: points.mu, why: `front-mu of the ${name}: where its qi gathers in front`, source: points.from },
    { code: points.shu, why: `back-shu of the ${name}: its gate on the back`, source: points.from },
    { code: points.source, why: `source point of the ${name}`, source: points.from },
  ];
  const proposals: Record<PointIntent, readonly Proposal[]> = {
    nourish: [
      {
        code: motherPoint(id),
        why: `mother point: ${motherOf(phase)} on a ${phase} channel; the mother nourishes`,
        source: 'nan-jing-69',
      },
      ...pair,
    ],
    clear: [
      {
        code: childPoint(id),
        why: `child point: ${childOf(phase)} on a ${phase} channel; the child drains`,
        source: 'nan-jing-69',
      },
      { code: points.connecting, why: `connecting point: to its paired channel`, source: points.from },
      ...pair,
    ],
    calm: [
      ...pair.slice(2),
      ...pair.slice(0, 2),
      ...CALMING.map((code) => ({
        code,
        why: `settles the mind: ${point(code).use}`,
        source: 'common-practice' as const,
      })),
    ],
  };
  const seen = new Set<PointCode>();
  return proposals[intent].filter(({ code }) => !seen.has(code) && seen.add(code));
}
