import { ANATOMICAL, goalsOf, solveGoals, solvePosture, type Skeleton } from '@/core/body';
import { placePoint, POINTS, type PointCode } from '@/core/channels';
import { REPERTOIRE, tellingPosture } from '@/core/forms';
import { cameraOnBody, VIEWS, type NamedView } from './view';
import { veilFor } from './veil';

const isVeiled = (body: Skeleton, view: NamedView, code: PointCode, side: 'left' | 'right'): boolean => {
  const veil = veilFor(body, cameraOnBody(VIEWS[view], body));
  return placePoint(body, code, side).every(veil);
};
const bodyOf = (id: string): Skeleton => {
  const form = REPERTOIRE.find((one) => one.id === id);
  if (!form) throw new RangeError(`no such form: ${id}`);
  return solveGoals(goalsOf(tellingPosture(form, 'full')));
};

describe('what stands before a place of the skin', () => {
  const standing = solvePosture(ANATOMICAL);

  it('is nothing where limbs hang apart: no point in front is hidden from the front, none behind from behind', () => {
    // Front: chest, belly, inner arm, front of the shin. Behind: back, elbow, calf. (WHO 2008, read on any chart.)
    const front = ['LU1', 'ST25', 'CV6', 'CV17', 'LU5', 'PC6', 'ST36', 'KI27', 'SP10', 'LR3'] as const;
    const back = ['BL23', 'GV4', 'GV14', 'BL40', 'BL57', 'SI11', 'GB20'] as const;
    for (const side of ['left', 'right'] as const) {
      for (const code of front)
        expect([code, isVeiled(standing, 'front', code, side)]).toEqual([code, false]);
      for (const code of back) expect([code, isVeiled(standing, 'back', code, side)]).toEqual([code, false]);
    }
  });

  it('hides a point under the palms', () => {
    const resting = bodyOf('close-hands-to-belly');
    expect(isVeiled(resting, 'front', 'CV6', 'left')).toBe(true);
    expect(isVeiled(standing, 'front', 'CV6', 'left')).toBe(false);
    // The chest above the hands is open.
    expect(isVeiled(resting, 'front', 'CV17', 'left')).toBe(false);
  });

  it('hides the farther leg behind the nearer one from the side', () => {
    // The person's left is nearer the viewer there: the right leg's outer side is behind both.
    expect(isVeiled(standing, 'side', 'GB31', 'left')).toBe(false);
    expect(isVeiled(standing, 'side', 'SP10', 'right')).toBe(true);
  });

  it('never takes a part for its own veil: of all points that face the front, next to none is hidden', () => {
    const camera = cameraOnBody(VIEWS.front, standing);
    const veil = veilFor(standing, camera);
    const places = POINTS.flatMap(({ code }) =>
      placePoint(standing, code, 'left').map((place) => ({ code, place })),
    );
    const facing = places.filter(({ place }) => place.away[2] > 0.3);
    expect(facing.length).toBeGreaterThan(100);
    expect(facing.filter(({ place }) => veil(place)).map(({ code }) => code)).toEqual([]);
  });
});
