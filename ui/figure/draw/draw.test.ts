import fc from 'fast-check';
import {
  goalsAt,
  goalsOf,
  othersWith,
  solveGoals,
  solvePosture,
  USUAL_BUILD,
  type Goals,
  type Posture,
  type Prop,
} from '@/core/body';
import { HAND_SHAPES } from '@/core/body';
import { FIGURE_BUILDS, FIGURE_SEATS, type FigureBuildId, type FigureSeatId } from '@/core/customs/looks';
import { movingForm, REPERTOIRE, tellingPosture } from '@/core/forms';
import type { Detail } from '../detail';
import { detailFor } from '../detail';
import { cameraOnBody, NAMED_VIEWS, VIEWS, type Spot } from '../view';
import { drawFigure } from './figure';
import { limbOf, stationsOf, type Station } from './limb';
import { bow, brush, crisp, inkUnder, inside, softened, traced, washOn, type Flat } from './nib';

const DETAILS: readonly Detail[] = ['plain', 'folds', 'fingers'];
const draw = (goals: Goals, view: (typeof NAMED_VIEWS)[number], detail: Detail): string => {
  const body = solveGoals(goals);
  return drawFigure(body, cameraOnBody(VIEWS[view], body), { line: 2.6, ground: true, detail });
};
const numbersOf = (path: string): readonly number[] => (path.match(/-?\d+(\.\d+)?/g) ?? []).map(Number);

describe('the figure as markup', () => {
  it('is no more than 25 kB a person, and less the less can be seen, through every form', () => {
    for (const form of REPERTOIRE) {
      const way = movingForm(form, 'full')[1];
      for (const goals of [
        goalsOf(tellingPosture(form, 'full')),
        ...(way ? [goalsAt(way.movement, 0.4)] : []),
      ]) {
        const [plain = 0, folds = 0, fingers = 0] = DETAILS.map(
          (detail) => draw(goals, form.view ?? 'front', detail).length,
        );
        const people = 1 + (goals.with ? othersWith(goals.with).length : 0);
        expect({
          id: form.id,
          small: fingers <= 25_000 * people && folds <= fingers * 1.01 && plain < folds * 0.6,
        }).toEqual({
          id: form.id,
          small: true,
        });
      }
    }
  });

  it('shows with what and with whom it is done, as far as that is there', () => {
    const seen = (prop: Prop, share = 1, hands: Posture['hands'] = {}): string =>
      draw({ ...goalsOf({ with: prop, hands }), withShare: share }, 'three-quarter', 'fingers');
    expect(draw(goalsOf({}), 'three-quarter', 'fingers')).not.toMatch(/fig-wall|fig-other/);
    expect(seen('wall').match(/fig-wall/g)).toHaveLength(1);
    expect(seen('wall behind').match(/fig-wall/g)).toHaveLength(1);
    expect(seen('partner').match(/<g class="fig-other">/g)).toHaveLength(1);
    expect(seen('ring').match(/<g class="fig-other">/g)).toHaveLength(2);
    expect(seen('ring', 0)).not.toContain('fig-other');
    expect(seen('ring', 0.4)).toContain('<g class="fig-other" opacity="0.20">');
    // A ball is there where palms hold it, and not between arms that hang.
    const held = {
      both: { near: 'navel' as const, off: [5, 0, 8] as [number, number, number], palm: 'in' as const },
    };
    expect(seen('ball', 1, held).length).toBeGreaterThan(seen('ball').length);
    // The wall one leans on is seen through a body from the front only where it stands behind it.
    const front = draw(goalsOf({ with: 'wall behind' }), 'front', 'fingers');
    expect(front.indexOf('fig-wall')).toBeLessThan(front.indexOf('fig-cloth'));
    const back = draw(goalsOf({ with: 'wall behind' }), 'back', 'fingers');
    expect(back.indexOf('fig-wall')).toBeGreaterThan(back.lastIndexOf('fig-cloth'));
  });

  it('holds shapes that are closed, and numbers only', () => {
    for (const named of NAMED_VIEWS)
      for (const detail of DETAILS) {
        const markup = draw(
          goalsOf({ hands: { left: { near: 'reach', toward: [1, 1, 0] } } }),
          named,
          detail,
        );
        expect(markup).not.toMatch(/NaN|undefined|Infinity/);
        for (const [, path = ''] of markup.matchAll(/ d="([^"]*)"/g)) {
          expect(path).toMatch(/^(M[-\d. QTLA]+Z)*$/);
        }
      }
  });

  it('shows a face to those it looks at and none to those behind it', () => {
    const strokesOf = (view: 'front' | 'back', detail: Detail): number =>
      draw(goalsOf({}), view, detail).length;
    // Brows, lids, nose and mouth come with the fingers; behind there is nothing of the kind.
    expect(strokesOf('front', 'fingers') - strokesOf('front', 'folds')).toBeGreaterThan(
      strokesOf('back', 'fingers') - strokesOf('back', 'folds') + 300,
    );
  });

  it('draws every shape of the hand otherwise', () => {
    const drawn = HAND_SHAPES.map((shape) =>
      draw(
        goalsOf({ hands: { left: { near: 'reach', toward: [1, 0, 0.4], shape } } }),
        'three-quarter',
        'fingers',
      ),
    );
    expect(new Set(drawn).size).toBe(HAND_SHAPES.length);
  });

  it('is broader for a broader body and has a seat where one sits', () => {
    const body = solvePosture({});
    const camera = cameraOnBody(VIEWS.front, body);
    const widthOf = (girth: number): number => {
      const markup = drawFigure({ ...body, build: { ...USUAL_BUILD, girth } }, camera, {
        line: 3,
        ground: false,
      });
      const sash = /fig-sash" d="([^"]+)"/.exec(markup)?.[1] ?? '';
      const xs = numbersOf(sash).filter((_, index) => index % 2 === 0);
      return Math.max(...xs) - Math.min(...xs);
    };
    expect(widthOf(1.15)).toBeGreaterThan(widthOf(1) + 3);
    expect(widthOf(0.9)).toBeLessThan(widthOf(1) - 2);
    expect(draw(goalsOf({ base: 'chair' }), 'side', 'folds')).toContain('fig-wood');
    expect(draw(goalsOf({}), 'side', 'folds')).not.toContain('fig-wood');
  });

  it('looks as it is told: grey hair, a back to lean on, wheels', () => {
    const seated = solvePosture({ base: 'chair' });
    const camera = cameraOnBody(VIEWS['three-quarter'], seated);
    const drawn = (build: FigureBuildId, seat: FigureSeatId): string =>
      drawFigure(seated, camera, { line: 3, ground: true, looks: { build, seat } });
    expect(drawn('older', 'stool')).toContain('fig-grey');
    expect(drawn('usual', 'stool')).not.toContain('fig-grey');
    expect(drawn('usual', 'wheelchair').match(/fig-wheel/g)?.length).toBeGreaterThanOrEqual(6);
    expect(drawn('usual', 'chair').length).toBeGreaterThan(drawn('usual', 'stool').length + 400);
    for (const { id: build } of FIGURE_BUILDS)
      for (const { id: seat } of FIGURE_SEATS) expect(drawn(build, seat)).not.toMatch(/NaN|undefined/);
    // Somebody who stands has no seat, whatever is chosen.
    const standing = solvePosture({});
    expect(
      drawFigure(standing, camera, { line: 3, ground: true, looks: { build: 'usual', seat: 'wheelchair' } }),
    ).not.toContain('fig-wheel');
  });

  it('draws as much as its height lets one see', () => {
    expect([48, 104, 420].map(detailFor)).toEqual(['plain', 'folds', 'fingers']);
  });
});

describe('the pressed line', () => {
  const square: readonly Flat[] = [
    { x: 0, y: 0 },
    { x: 20, y: 0 },
    { x: 20, y: 20 },
    { x: 0, y: 20 },
  ];
  const round: readonly Flat[] = Array.from({ length: 40 }, (_, index) => ({
    x: 50 * Math.cos((index * Math.PI) / 20),
    y: 50 * Math.sin((index * Math.PI) / 20),
  }));
  const reach = (path: string): { left: number; right: number; top: number; low: number } => {
    const values = numbersOf(path);
    const [xs, ys] = [
      values.filter((_, index) => index % 2 === 0),
      values.filter((_, index) => index % 2 === 1),
    ];
    return { left: Math.min(...xs), right: Math.max(...xs), top: Math.min(...ys), low: Math.max(...ys) };
  };

  it('is thin towards the light, upper left, and thick away from it', () => {
    const { left, right, top, low } = reach(inkUnder(traced(round), 4));
    const thickness = [-50 - left, -50 - top, right - 50, low - 50];
    expect(Math.min(...thickness)).toBeGreaterThan(1);
    expect(thickness[2]).toBeGreaterThan((thickness[0] ?? 0) + 1);
    expect(thickness[3]).toBeGreaterThan((thickness[1] ?? 0) + 1.5);
  });

  it('is lifted where it is told to be', () => {
    const none = inkUnder(traced(round), 4, () => 0);
    expect(reach(none)).toEqual(reach(softened(round)));
  });

  it('turns every outline the same way, so that overlapping ones never cut holes', () => {
    expect(softened(square)).toBe(softened([...square].reverse()).replace(/.*/, softened(square)));
    const turn = (path: string): number => {
      const v = numbersOf(path.replace(/Q[-\d.]+ [-\d.]+ /g, 'T'));
      let sum = 0;
      for (let i = 0; i + 3 < v.length; i += 2)
        sum += (v[i] ?? 0) * (v[i + 3] ?? 0) - (v[i + 2] ?? 0) * (v[i + 1] ?? 0);
      return Math.sign(sum);
    };
    expect(turn(softened(square))).toBe(turn(softened([...square].reverse())));
  });

  it('rounds a corner no more than it is told, and says where inside is', () => {
    expect(crisp(square, 2)).toHaveLength(12);
    expect(crisp(square, 10)).toEqual(square);
    expect(inside({ x: 10, y: 10 }, square)).toBe(true);
    expect(inside({ x: 25, y: 10 }, square)).toBe(false);
  });

  it('lays the wash on the far side from the light only, within the shape', () => {
    const { left, top, right } = reach(washOn(traced(round), 8));
    // The upper left quarter has none.
    expect(left + top).toBeGreaterThan(-75);
    expect(right).toBeLessThanOrEqual(51);
  });

  it('lifts at both ends of a stroke', () => {
    const line = bow({ x: 0, y: 0 }, { x: 100, y: 0 }, 0, 9);
    const values = numbersOf(brush(line, 10));
    const ys = values.filter((_, index) => index % 2 === 1);
    expect(Math.max(...ys)).toBeLessThanOrEqual(5);
    expect(Math.max(...ys)).toBeGreaterThan(4);
    expect(brush(line.slice(0, 1), 10)).toBe('');
  });
});

describe('a limb', () => {
  const spot = (x: number, y: number, depth = 0): Spot => ({ x, y, depth });
  const even = [0, 0.25, 0.5, 0.75, 1, 1.25, 1.5, 1.75, 2].map((along) => ({ along, r: 10 }));
  const stations = (elbow: Spot, end: Spot): readonly Station[] =>
    stationsOf([spot(0, 0), elbow, end], even, 1);
  const coordinate = fc.integer({ min: -90, max: 90 });

  it('has its outline at its thickness, never inside itself', () => {
    fc.assert(
      fc.property(coordinate, coordinate, coordinate, coordinate, (ex, ey, x, y) => {
        const those = stations(spot(ex, ey), spot(ex + x, ey + y));
        for (const place of limbOf(those).outline) {
          const gaps = those.map((station) => Math.hypot(station.x - place.x, station.y - place.y));
          expect(Math.min(...gaps)).toBeLessThan(10.01);
          // Between neighbours the edge may dip a little below the round of either.
          expect(Math.min(...gaps)).toBeGreaterThanOrEqual(7.2);
        }
      }),
    );
  });

  it('straight has no fold; bent has one, on the inside of the bend', () => {
    expect(limbOf(stations(spot(0, 60), spot(0, 120))).creases).toEqual([]);
    const bent = limbOf(stations(spot(0, 60), spot(50, 20, 0.2)));
    expect(bent.creases).toHaveLength(1);
    const fold = bent.creases[0] ?? [];
    // The inside of this bend is to the right of the upper half and above the lower one.
    for (const { x, y } of fold) expect(x > -1 && y < 62).toBe(true);
  });

  it('lets cloth hang only where it lies across', () => {
    const cloth = even.map((measure) => ({ ...measure, sag: 8 }));
    const joints = [spot(0, 0), spot(60, 0), spot(120, 0)] as const;
    const low = (hang: readonly [number, number]): number =>
      Math.max(...limbOf(stationsOf(joints, cloth, 1, hang)).outline.map(({ y }) => y));
    expect(low([1, 1])).toBeGreaterThan(low([0, 0]) + 7);
    expect(Math.min(...limbOf(stationsOf(joints, cloth, 1, [1, 1])).outline.map(({ y }) => y))).toBeCloseTo(
      -10,
      5,
    );
  });
});
