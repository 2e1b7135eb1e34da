import { ANATOMICAL, goalsOf, mirror, solvePosture, type Posture } from '@/core/body';
import { CHANNEL_IDS, POINTS, pointsOn } from '@/core/channels';
import { REPERTOIRE, tellingPosture } from '@/core/forms';
import { drawFigure, drawMass, drawWeights } from './draw/figure';
import { figureMarkup } from './markup';
import { closeBox, fitBox } from './fit';
import { n } from './outline';
import { overlayMarkup, phaseOfChannel } from './overlay';
import { cameraFor, cameraOnBody, NAMED_VIEWS, UNITS, VIEWS } from './view';

const body = solvePosture(ANATOMICAL);
const front = cameraOnBody(VIEWS.front, body);
const back = cameraOnBody(VIEWS.back, body);

/** Every number in the markup is one; a slip in the geometry would show as NaN. */
const sound = (markup: string): boolean => !/NaN|undefined|Infinity/.test(markup) && markup.length > 500;
const count = (markup: string, what: string): number => markup.split(what).length - 1;

describe('numbers of the outlines', () => {
  it('are rounded to a tenth, on both sides of nothing', () => {
    const values = [0, 0.04, -0.04, 0.06, -0.06, 1, -1, 9.96, -9.96, 12.34, -12.34, 100.05, -0.95];
    for (const value of values) expect(Math.abs(Number(n(value)) - value)).toBeLessThan(0.0501);
    expect([0.25, -0.31, 10, -10.52].map(n)).toEqual(['0.3', '-0.3', '10', '-10.5']);
    for (let value = -30; value < 30; value += 0.137)
      expect(Math.abs(Number(n(value)) - value)).toBeLessThan(0.0501);
  });
});

describe('the figure', () => {
  it('is drawn from every side in every form’s telling posture, without a slip', () => {
    for (const form of REPERTOIRE)
      for (const named of NAMED_VIEWS) {
        const posture = tellingPosture(form, 'full');
        const markup = figureMarkup(goalsOf(posture), VIEWS[named], {
          line: 3,
          mass: true,
          weights: true,
        });
        expect({ id: form.id, named, sound: sound(markup) }).toEqual({ id: form.id, named, sound: true });
      }
  });

  it('is the same text for the same posture, view and ink, and another for another view', () => {
    const draw = (view: (typeof NAMED_VIEWS)[number]) => figureMarkup(goalsOf({}), VIEWS[view], { line: 3 });
    expect(draw('front')).toBe(draw('front'));
    expect(new Set(NAMED_VIEWS.map(draw)).size).toBeGreaterThanOrEqual(4);
  });

  it('is drawn otherwise from behind than in front, its hair too', () => {
    const [face, hair] = [
      drawFigure(body, front, { line: 3, ground: true }),
      drawFigure(body, back, { line: 3, ground: true }),
    ];
    expect(face).not.toBe(hair);
    const hairOf = (markup: string) => /class="fig-hair"[^>]*d="([^"]+)"/.exec(markup)?.[1];
    expect(hairOf(face)).toBeDefined();
    expect(hairOf(face)).not.toBe(hairOf(hair));
  });

  it('stands mirrored when it faces you', () => {
    const posture: Posture = { hands: { left: { near: 'reach', toward: [1, 1, 0] } } };
    const solved = solvePosture(posture);
    const own = cameraFor(VIEWS.front, { x: 0, z: 0 }).spot(solved.arms.left.palm);
    const seen = cameraFor(VIEWS['facing you'], { x: 0, z: 0 }).spot(solved.arms.left.palm);
    const other = cameraFor(VIEWS.front, { x: 0, z: 0 }).spot(solvePosture(mirror(posture)).arms.right.palm);
    expect(seen.x).toBeCloseTo(-own.x, 6);
    expect(seen.x).toBeCloseTo(other.x, 3);
    expect(seen.y).toBeCloseTo(own.y, 6);
  });

  it('keeps lengths: a metre upright is as long from every side', () => {
    for (const named of ['front', 'side', 'back'] as const) {
      const camera = cameraFor({ ...VIEWS[named], downDeg: 0 }, { x: 0, z: 0 });
      expect(camera.spot([0, 0, 0]).y - camera.spot([0, 1, 0]).y).toBeCloseTo(UNITS, 6);
    }
  });

  it('says what each foot carries, and nothing for a person on a chair', () => {
    const heavy = solvePosture({ weight: 0.9, feet: { apart: 1.2 } });
    const text = drawWeights(heavy, front);
    expect(text).toContain('>90 %<');
    expect(text).toContain('>10 %<');
    expect(drawWeights(solvePosture({ base: 'chair' }), front)).toBe('');
    expect(drawMass(heavy, front)).toContain('fig-mass');
  });
});

describe('what lies over the figure', () => {
  it('is solid where it faces the viewer and faint behind', () => {
    const chest = overlayMarkup(body, front, { channels: [], points: ['CV17'] });
    expect(chest).toContain('class="fig-point"');
    expect(chest).not.toContain('fig-far');
    expect(overlayMarkup(body, back, { channels: [], points: ['CV17'] })).toContain('fig-point fig-far');
    expect(overlayMarkup(body, back, { channels: [], points: ['BL23'] })).not.toContain('fig-far');
  });

  it('shows a point on both sides, or once on the midline, and marks the chosen one', () => {
    const both = overlayMarkup(body, front, { channels: [], points: ['LU9'], chosen: 'LU9' });
    expect(count(both, 'data-point="LU9"')).toBe(2);
    expect(count(both, 'fig-ring')).toBe(2);
    expect(count(overlayMarkup(body, front, { channels: [], points: ['GV20'] }), 'data-point')).toBe(1);
  });

  it('names channels where no name lies over another, however small it is looked at', () => {
    for (const camera of [front, back])
      for (const fine of [1, 2.6]) {
        const drawn = overlayMarkup(body, camera, { channels: [...CHANNEL_IDS], points: [], fine });
        const names = [
          ...drawn.matchAll(/<text class="fig-cun" x="([-\d.]+)" y="([-\d.]+)" font-size="([-\d.]+)">/g),
        ].map((found) => found.slice(1).map(Number));
        expect(names.length).toBeGreaterThanOrEqual(camera === front ? 9 : 5);
        names.forEach(([x = 0, y = 0, size = 0], at) => {
          for (const [otherX = 0, otherY = 0] of names.slice(at + 1))
            // Two capitals of this face are at most one and a half times as wide as they are high.
            expect(Math.abs(x - otherX) >= 1.5 * size || Math.abs(y - otherY) >= size).toBe(true);
        });
      }
  });

  it('shows how the chosen point is measured, in cùn, and no other', () => {
    const chosen = overlayMarkup(body, front, { channels: [], points: ['ST36', 'PC6'], chosen: 'ST36' });
    expect(chosen).toContain('>3 cùn<');
    expect(count(chosen, 'fig-measure')).toBe(2);
    expect(overlayMarkup(body, front, { channels: [], points: ['ST36'] })).not.toContain('fig-measure');
    // A point that its landmark fixes is counted by nothing.
    expect(overlayMarkup(body, front, { channels: [], points: [], chosen: 'LI4' })).not.toContain(
      'fig-measure',
    );
    // Two counts: down from the navel, then aside.
    expect(overlayMarkup(body, front, { channels: [], points: [], chosen: 'ST29' })).toMatch(
      /4 cùn[^]*2 cùn/,
    );
  });

  it('draws every channel with all its points from every side, without a slip', () => {
    for (const id of CHANNEL_IDS)
      for (const named of NAMED_VIEWS) {
        const camera = cameraOnBody(VIEWS[named], body);
        const markup = overlayMarkup(body, camera, {
          channels: [id],
          points: pointsOn(id).map((row) => row.code),
        });
        expect(sound(markup)).toBe(true);
        for (const row of pointsOn(id)) expect(markup).toContain(`data-point="${row.code}"`);
      }
    expect(phaseOfChannel('KI')).toBe('water');
    expect(phaseOfChannel('GV')).toBeUndefined();
    expect(phaseOfChannel(undefined)).toBeUndefined();
  });
});

describe('the frame', () => {
  const inside = (box: string, { x, y }: { x: number; y: number }): boolean => {
    const [left = 0, top = 0, width = 0, height = 0] = box.split(' ').map(Number);
    return x >= left && x <= left + width && y >= top && y <= top + height;
  };

  it('holds every point of a body in any posture of the repertoire', () => {
    for (const form of REPERTOIRE) {
      const solved = solvePosture(tellingPosture(form, 'full'));
      const camera = cameraOnBody(VIEWS[form.view ?? 'front'], solved);
      const box = fitBox(solved, camera);
      for (const place of [
        solved.trunk.head,
        solved.arms.left.fingertip,
        solved.arms.right.fingertip,
        solved.legs.left.toe,
        solved.legs.right.heel,
      ])
        expect({ id: form.id, inside: inside(box, camera.spot(place)) }).toEqual({
          id: form.id,
          inside: true,
        });
    }
    expect(POINTS.length).toBeGreaterThan(361);
  });

  it('comes close to one place and keeps it in the middle', () => {
    const [left = 0, top = 0, width = 0, height = 0] = closeBox(body.arms.left.palm, front)
      .split(' ')
      .map(Number);
    const spot = front.spot(body.arms.left.palm);
    expect(Math.abs(left + width / 2 - spot.x)).toBeLessThan(2);
    expect(Math.abs(top + height / 2 - spot.y)).toBeLessThan(2);
  });
});
