import { NO_ASKS } from '@/core/forms/model/variants';
import { asksOf, REPERTOIRE, VARIANTS, hasVariant, type Asks } from '@/core/forms';
import { askBars, asksText } from './asks';

/** Each ask on its own, as strongly as a form can ask it. */
const ALONE: readonly (readonly [keyof Asks, Partial<Asks>])[] = [
  ['floor', { floor: 'kneeling' }],
  ['kneeBend', { kneeBend: 'deep' }],
  ['oneLegSec', { oneLegSec: 12 }],
  ['armsAboveShoulders', { armsAboveShoulders: true }],
  ['fold', { fold: 'deep' }],
  ['headBelowHeart', { headBelowHeart: true }],
  ['backBend', { backBend: 'full' }],
  ['twist', { twist: 'full' }],
  ['sideBend', { sideBend: 'full' }],
  ['neck', { neck: 'circle' }],
  ['breathHold', { breathHold: true }],
  ['staticHold', { staticHold: true }],
  ['impact', { impact: 'firm' }],
  ['percussion', { percussion: ['chest'] }],
  ['abdominalPress', { abdominalPress: true }],
  ['legsCross', { legsCross: true }],
  ['stepping', { stepping: true }],
  ['inwardImagery', { inwardImagery: true }],
  ['vigorous', { vigorous: true }],
  ['rounding', { rounding: 'full' }],
  ['heelsUp', { heelsUp: 'high' }],
  ['unsteady', { unsteady: true }],
  ['foldWithTurn', { foldWithTurn: true }],
  ['armsUpSec', { armsAboveShoulders: true, armsUpSec: 20 }],
  ['shakes', { shakes: true }],
  ['rubs', { rubs: ['belly'] }],
  ['roundedJoints', { roundedJoints: ['hips'] }],
  ['breath', { breath: ['staged'] }],
];

describe('what a form asks, in words', () => {
  it('says nothing where nothing is asked', () => {
    expect(asksText(NO_ASKS)).toEqual([]);
  });

  it('leaves no ask of the model untried here', () => {
    expect(ALONE.map(([key]) => key).toSorted()).toEqual(Object.keys(NO_ASKS).toSorted());
  });

  it.each(ALONE)('%s is told when it is asked', (key, asked) => {
    const lines = asksText({ ...NO_ASKS, ...asked });
    expect({ key, lines: lines.length }).toEqual({ key, lines: 1 });
    expect(lines[0]).toMatch(/^[a-z]/);
    expect(lines[0]).not.toMatch(/undefined|true|false|[A-Z]{2}/);
  });

  it('tells of each shipped form in every way no line twice', () => {
    for (const form of REPERTOIRE)
      for (const variant of VARIANTS.filter((one) => hasVariant(form, one))) {
        const lines = asksText(asksOf(form, variant));
        expect(new Set(lines).size).toBe(lines.length);
      }
  });
});

test('bars are left out where a body is asked next to nothing', () => {
  const still = {
    kneeBendDeg: 2,
    foldDeg: 3,
    roundShare: 0,
    archDeg: 0,
    turnShare: 0,
    sideShare: 0,
    neckTurnDeg: 0,
    neckSideDeg: 0,
    neckBackDeg: 0,
    oneLegSec: 0,
    handsAboveSec: 0,
  };
  expect(askBars(still as never)).toEqual([]);
  const [fold] = askBars({ ...still, foldDeg: 80 } as never);
  // Half of the 160 degrees a body folds.
  expect(fold).toEqual({ label: 'fold', share: 0.5, value: '80°' });
});
