import type { Brief } from '../brief';
import { themeParts, type ThemePart } from '../brief/theme';
import { ROLE_SHARES, ROLES, type Role } from '../forms/model/roles';
import type { OwnShapes, ShapeId } from '../customs';
import type { SourceId } from '../sources';

/** A section of a shape: its share against the others, from how many minutes on it stands, and the least and the most it may take. */
export interface ShapeSection {
  readonly share: number;
  readonly from?: number;
  readonly leastShare?: number;
  /** Whether it is one's own: then it is kept more closely. */
  readonly isOwn?: true;
  /** Whether the theme lives by it: it stands also where the intent has no room for it in a short class. */
  readonly stays?: true;
  readonly mostShare?: number;
}

/**
 * The shape of a class: which sections it has, and how much of the time is theirs. One row a family of themes, to be read
 * as a teacher would plan; what is not named has no place in it.
 */
export interface Shape {
  readonly id: ShapeId;
  readonly name: string;
  readonly why: string;
  readonly source: SourceId;
  /** Whether joints are not gone through one by one: what is loosened is stroked and let go. */
  readonly isSoft?: true;
  readonly sections: Readonly<Partial<Record<Role, ShapeSection>>>;
}

export const SHAPES = {
  usual: {
    id: 'usual',
    name: 'one organ, phase or aim',
    why: 'What is loosened and woken is cleared, then fed; stillness and balance come where there is time for them.',
    source: 'common-practice',
    sections: {
      arrive: { share: 0.07 },
      loosen: { share: 0.21 },
      wake: { share: 0.07, from: 10 },
      clear: { share: 0.14 },
      nourish: { share: 0.38 },
      still: { share: 0.09, from: 14 },
      balance: { share: 0.07, from: 20 },
      gather: { share: 0.06 },
      close: { share: 0.05 },
    },
  },
  phases: {
    id: 'phases',
    name: 'all five phases',
    why: 'Five sounds where there is time for them, then five pieces of equal dose, in the generating order.',
    source: 'common-practice',
    sections: {
      arrive: { share: 0.06 },
      loosen: { share: 0.22 },
      wake: { share: 0.06, from: 12 },
      clear: { share: 0.2, from: 12 },
      nourish: { share: 0.32 },
      still: { share: 0.07, from: 20 },
      balance: { share: 0.06, from: 40 },
      gather: { share: 0.06 },
      close: { share: 0.05 },
    },
  },
  line: {
    id: 'line',
    name: 'a channel or a point',
    why: 'The hand goes along the channel, or comes to the point, before it is stretched, fed and rested in: whatever the intent.',
    source: 'common-practice',
    sections: {
      arrive: { share: 0.07 },
      loosen: { share: 0.21 },
      wake: { share: 0.06, from: 10 },
      clear: { share: 0.18, from: 12, stays: true },
      nourish: { share: 0.36 },
      still: { share: 0.09, from: 14 },
      balance: { share: 0.06, from: 20 },
      gather: { share: 0.06 },
      close: { share: 0.05 },
    },
  },
  short: {
    id: 'short',
    name: 'a few minutes',
    why: 'In five minutes one thing is done properly: hands on the belly are gathering enough.',
    source: 'common-practice',
    sections: {
      arrive: { share: 0.2 },
      loosen: { share: 0.16 },
      clear: { share: 0.16, from: 4 },
      nourish: { share: 0.45 },
      close: { share: 0.17, mostShare: 0.3 },
    },
  },
  set: {
    id: 'set',
    name: 'a set, whole and in order',
    why: 'The set is the heart: little before it, little after it, and nothing beside it where time is short.',
    source: 'common-practice',
    sections: {
      arrive: { share: 0.05 },
      loosen: { share: 0.13 },
      wake: { share: 0.06, from: 45 },
      clear: { share: 0.08, from: 45 },
      nourish: { share: 0.72, mostShare: 0.88 },
      still: { share: 0.08, from: 30 },
      balance: { share: 0.06, from: 45 },
      gather: { share: 0.05 },
      close: { share: 0.05 },
    },
  },
  sounds: {
    id: 'sounds',
    name: 'the healing sounds',
    why: 'The round of sounds clears by itself; after it one sits still and lets it fade.',
    source: 'common-practice',
    sections: {
      arrive: { share: 0.07 },
      loosen: { share: 0.16 },
      nourish: { share: 0.56, mostShare: 0.85 },
      still: { share: 0.1, from: 15 },
      balance: { share: 0.06, from: 45 },
      gather: { share: 0.06 },
      close: { share: 0.06 },
    },
  },
  lesson: {
    id: 'lesson',
    name: 'a form to learn',
    why: 'A lesson needs warm joints before it and a close after it; the rest of the time is its own.',
    source: 'common-practice',
    sections: {
      arrive: { share: 0.06 },
      loosen: { share: 0.18 },
      wake: { share: 0.08, from: 25 },
      clear: { share: 0.08, from: 40 },
      nourish: { share: 0.62, mostShare: 0.85 },
      still: { share: 0.1, from: 40 },
      balance: { share: 0.08, from: 40 },
      gather: { share: 0.06 },
      close: { share: 0.05 },
    },
  },
  sleep: {
    id: 'sleep',
    name: 'towards sleep',
    why: 'Nothing wakes and nothing is balanced against anything: it grows slower and sinks, and ends where it lies.',
    source: 'common-practice',
    isSoft: true,
    sections: {
      arrive: { share: 0.13 },
      loosen: { share: 0.09 },
      clear: { share: 0.14, from: 8 },
      nourish: { share: 0.46 },
      still: { share: 0.12, from: 20 },
      gather: { share: 0.07, from: 20 },
      close: { share: 0.1, mostShare: 0.2 },
    },
  },
  joints: {
    id: 'joints',
    name: 'supple joints',
    why: 'Every joint in its order is the heart of it; what moves them all together follows.',
    source: 'common-practice',
    sections: {
      arrive: { share: 0.06 },
      loosen: { share: 0.64, mostShare: 0.75 },
      wake: { share: 0.06, from: 20 },
      nourish: { share: 0.14 },
      balance: { share: 0.07, from: 25 },
      gather: { share: 0.05 },
      close: { share: 0.05 },
    },
  },
  energy: {
    id: 'energy',
    name: 'energy',
    why: 'Shaken awake, opened, and stored: long stillness at first would put to sleep again.',
    source: 'common-practice',
    sections: {
      arrive: { share: 0.07 },
      loosen: { share: 0.16 },
      wake: { share: 0.1, from: 6, stays: true },
      clear: { share: 0.08, from: 20 },
      nourish: { share: 0.46 },
      still: { share: 0.07, from: 30 },
      balance: { share: 0.07, from: 20 },
      gather: { share: 0.07 },
      close: { share: 0.06 },
    },
  },
  mood: {
    id: 'mood',
    name: 'a lighter mood',
    why: 'Shaken and swung loose, then opened at the chest: long stillness lets one sink again.',
    source: 'common-practice',
    sections: {
      arrive: { share: 0.07 },
      loosen: { share: 0.16 },
      wake: { share: 0.14, from: 5, stays: true },
      clear: { share: 0.1, from: 15 },
      nourish: { share: 0.4 },
      still: { share: 0.05, from: 20 },
      balance: { share: 0.06, from: 20 },
      gather: { share: 0.07 },
      close: { share: 0.06 },
    },
  },
} as const satisfies Record<ShapeId, Shape>;

/** Up to so many minutes a practice has the shape of a few minutes, whatever it is for. */
const SHORT_UP_TO = 5;

/** Aims with a shape of their own, which has their name. */
const SHAPED_AIMS = ['sleep', 'joints', 'energy', 'mood'] as const;

function shapeIdOf(part: ThemePart): ShapeId | undefined {
  if (part.kind === 'all-phases') return 'phases';
  if (part.kind === 'channel' || part.kind === 'point') return 'line';
  if (part.kind === 'lesson') return 'lesson';
  if (part.kind === 'set') return part.set === 'six-sounds' ? 'sounds' : 'set';
  if (part.kind !== 'aim') return undefined;
  return SHAPED_AIMS.find((aim) => aim === part.aim);
}

/** Whatever one's own shape is, no section takes more of a class than this. */
const MOST_SHARE = 0.9;

/** A shape with one's own sections laid over it. */
export function withOwnSections(shape: Shape, own: OwnShapes[ShapeId]): Shape {
  if (!own) return shape;
  const sections = Object.fromEntries(
    ROLES.flatMap((role): readonly (readonly [Role, ShapeSection])[] => {
      const usual = shape.sections[role];
      const mine = own[role];
      if (!mine) return usual ? [[role, usual]] : [];
      if (mine.percent === 0) return [];
      const share = mine.percent / 100;
      // Room beside what is asked for, as a class never comes out to the second.
      const mostShare = Math.min(
        MOST_SHARE,
        Math.max(usual?.mostShare ?? ROLE_SHARES[role].mostShare, share * 1.5),
      );
      const leastShare = Math.min(ROLE_SHARES[role].leastShare, share / 2);
      return [[role, { share, from: mine.fromMinutes, leastShare, mostShare, isOwn: true }]];
    }),
  );
  return { ...shape, sections };
}

/** Which shape a brief calls for: that of the first part of its theme that has one of its own. */
function shapeIdFor({ theme, minutes }: Pick<Brief, 'theme' | 'minutes'>): ShapeId {
  const [id] = themeParts(theme).flatMap((part) => shapeIdOf(part) ?? []);
  // What has a shape of its own keeps it as long as it has room.
  return minutes < SHORT_UP_TO || (minutes === SHORT_UP_TO && id === undefined) ? 'short' : (id ?? 'usual');
}

/** The shape a brief calls for, as the customs have it. */
export function shapeOf(brief: Pick<Brief, 'theme' | 'minutes'>, own: OwnShapes = {}): Shape {
  const id = shapeIdFor(brief);
  return withOwnSections(SHAPES[id], own[id]);
}

/** The range of a section's share of a practice, 0–1: as it is anywhere, or as the shape has it. */
export function rangeOfRole(
  brief: Pick<Brief, 'theme' | 'minutes'>,
  role: Role,
  own: OwnShapes = {},
): { readonly leastShare: number; readonly mostShare: number } {
  const { leastShare, mostShare } = ROLE_SHARES[role];
  const section = shapeOf(brief, own).sections[role];
  return {
    leastShare: section?.leastShare ?? leastShare,
    mostShare: section?.mostShare ?? mostShare,
  };
}
