import { agrees, readCounts, type Done } from './counts';

/** What is done: a symmetric form of one breath a repetition, a sided one of two breaths, circles both ways, a stay. */
const MIST: Done = { repetitions: 6, isTwoSided: false, breathsEach: 1 };
const BOW: Done = { repetitions: 3, isTwoSided: true, breathsEach: 2 };
const HIPS: Done = { repetitions: 4, isTwoSided: true, breathsEach: 1 };
const CLEANSING: Done = { repetitions: 2, isTwoSided: false, breathsEach: 1 };
const TAPPING: Done = { repetitions: 3, isTwoSided: false, breathsEach: 1 };

type Row = readonly [Done, string];

/** Own sentences in the wordings of a class. What is counted here is what is done. */
const RIGHT: readonly Row[] = [
  [MIST, 'Six times.'],
  [MIST, 'Six times, unhurried.'],
  [MIST, 'We do this six times.'],
  [MIST, 'Now six of these rounds, six rounds in all.'],
  [MIST, '6× at your own breath.'],
  [MIST, '6 x, softly.'],
  [MIST, 'Six repetitions, no more.'],
  [MIST, 'Six breaths, and let the hands follow.'],
  [MIST, 'Six slow breaths.'],
  [MIST, 'Six long, easy breaths.'],
  [MIST, 'Six waves up and down.'],
  [MIST, 'Half a dozen waves.'],
  [MIST, 'Six or seven times.'],
  [MIST, 'Five to six times.'],
  [MIST, 'Five, six times.'],
  [MIST, '5–6 times.'],
  [MIST, 'Six sweeps, each a little wider.'],
  [MIST, 'Six soft lifts.'],
  [MIST, 'Six times altogether.'],
  [BOW, 'Three on each side.'],
  [BOW, 'Three bows on each side.'],
  [BOW, 'Three to each side, slowly.'],
  [BOW, '3 a side.'],
  [BOW, '3 per side.'],
  [BOW, 'Three times on either side.'],
  [BOW, 'Three, both sides.'],
  [BOW, 'Six bows in all.'],
  [BOW, 'Six bows, left and right in turn.'],
  [BOW, 'Six times altogether.'],
  [BOW, 'Three bows.'],
  [BOW, 'Six breaths on each side.'],
  [BOW, 'Twelve breaths in all.'],
  [BOW, 'Twelve slow breaths.'],
  [BOW, 'Thrice on each side.'],
  [BOW, 'Three with each arm.'],
  [BOW, 'Three draws to each side.'],
  [HIPS, 'Four circles each way.'],
  [HIPS, 'Four each way.'],
  [HIPS, 'Four, each way.'],
  [HIPS, '4 each direction.'],
  [HIPS, 'Four big circles in each direction.'],
  [HIPS, 'Four small, slow circles each way.'],
  [HIPS, 'Four circles, both ways.'],
  [HIPS, 'Eight circles altogether.'],
  [HIPS, 'Eight circles in all.'],
  [HIPS, 'Four round circles.'],
  [HIPS, 'Three or four each way.'],
  [HIPS, 'Four turns, one way and then the other.'],
  [CLEANSING, 'Two cleansing breaths.'],
  [CLEANSING, 'Twice.'],
  [CLEANSING, 'Twice, with the whole breath.'],
  [CLEANSING, 'A couple of deep breaths.'],
  [CLEANSING, 'A couple of cleansing breaths.'],
  [CLEANSING, 'Two times.'],
  [CLEANSING, 'Two full, quiet breaths.'],
  [TAPPING, 'Three passes down the arms.'],
  [TAPPING, 'Three rounds.'],
  [TAPPING, 'Three light passes.'],
  [TAPPING, 'Thrice.'],
];

/** What is counted here is not what is done. */
const WRONG: readonly Row[] = [
  [MIST, 'Four times.'],
  [MIST, 'Nine times, unhurried.'],
  [MIST, 'We do this eight times.'],
  [MIST, '5× at your own breath.'],
  [MIST, '12 x, softly.'],
  [MIST, 'Five breaths, and let the hands follow.'],
  [MIST, 'Seven slow breaths.'],
  [MIST, 'Eight long, easy breaths.'],
  [MIST, 'Three waves up and down.'],
  [MIST, 'A dozen waves.'],
  [MIST, 'A couple of waves.'],
  [MIST, 'Two or three times.'],
  [MIST, 'Eight to nine times.'],
  [MIST, 'Three, four times.'],
  [MIST, 'Nine sweeps, each a little wider.'],
  [MIST, 'Twice.'],
  [MIST, 'Thrice, and rest.'],
  [MIST, 'Twelve times altogether.'],
  [BOW, 'Four on each side.'],
  [BOW, 'Two bows on each side.'],
  [BOW, 'Five to each side, slowly.'],
  [BOW, '4 a side.'],
  [BOW, '2 per side.'],
  [BOW, 'Twice on either side.'],
  [BOW, 'Six on each side.'],
  [BOW, 'Six, both sides.'],
  [BOW, 'Eight bows in all.'],
  [BOW, 'Three bows in all.'],
  [BOW, 'Four bows.'],
  [BOW, 'Four breaths on each side.'],
  [BOW, 'Five with each arm.'],
  [BOW, 'Four draws to each side.'],
  [BOW, 'Ten times altogether.'],
  [HIPS, 'Three circles each way.'],
  [HIPS, 'Six each way.'],
  [HIPS, '9 each direction.'],
  [HIPS, 'Five big circles in each direction.'],
  [HIPS, 'Two small, slow circles each way.'],
  [HIPS, 'Eight circles, both ways.'],
  [HIPS, 'Four circles in all.'],
  [HIPS, 'Six round circles.'],
  [HIPS, 'Nine turns, one way and then the other.'],
  [HIPS, 'A couple of circles each way.'],
  [CLEANSING, 'Three cleansing breaths.'],
  [CLEANSING, 'Five breaths.'],
  [CLEANSING, 'Once, with the whole breath.'],
  [CLEANSING, 'Three deep breaths.'],
  [CLEANSING, 'Half a dozen deep breaths.'],
  [CLEANSING, 'Four times.'],
  [TAPPING, 'Two passes down the arms.'],
  [TAPPING, 'Nine rounds.'],
  [TAPPING, 'Twice down the arms.'],
  [TAPPING, 'Four light passes.'],
];

/** Numbers that are of something else. */
const NONE: readonly string[] = [
  'Both hands on the belly, two palms, one breath.',
  'Three centres, one after another.',
  'Two fingers below the navel.',
  'Hold for three breaths.',
  'Hold it for three slow breaths.',
  'Stay here three breaths.',
  'Stay low for five breaths.',
  'Rest for two breaths.',
  'Listen for three breaths.',
  'Breathe out to a count of four.',
  'Count to six.',
  'Three more.',
  'Three more breaths.',
  'Three more, then one.',
  'Three times more.',
  'Two rounds more, and rest.',
  'The last two bows a little smaller.',
  'The first three waves are small.',
  'These two circles are one.',
  'Every four breaths the hands change.',
  'Once the hands arrive, let them sink.',
  'Once more.',
  'Once again, softer.',
  'Once you stand, stand.',
  'Twice as slowly.',
  'All at once.',
  'One breath in, one breath out.',
  'One hand above, one hand below.',
  'In three seconds we begin.',
  'A step of two feet.',
  'Five phases, one ring of the year.',
  'Six directions of the spine.',
  'Four corners of the foot.',
  'Ten toes spread.',
  'The two sides of the ribs.',
  'A third of the breath is enough.',
  'Seven tenths of your strength.',
  'Knees at a hand’s width of 20 cm.',
  'Two thirds of the weight on the left.',
  'Ninety degrees, no more.',
];

describe('counts as they are said (own sentences)', () => {
  it('are many, and each of them once', () => {
    const all = [...RIGHT, ...WRONG].map(([, sentence]) => sentence);
    expect(new Set(NONE).size).toBe(NONE.length);
    expect(all.length + NONE.length).toBeGreaterThanOrEqual(150);
  });

  it.each(RIGHT.map(([done, sentence]) => [sentence, done] as const))(
    'agree with what is done: %s',
    (sentence, done) => {
      const counts = readCounts(sentence);
      expect(counts.length).toBeGreaterThan(0);
      for (const count of counts) expect(agrees(count, done)).toBe(true);
    },
  );

  it.each(WRONG.map(([done, sentence]) => [sentence, done] as const))(
    'differ from what is done: %s',
    (sentence, done) => {
      const counts = readCounts(sentence);
      expect(counts.length).toBeGreaterThan(0);
      expect(counts.some((count) => agrees(count, done))).toBe(false);
    },
  );

  it.each(NONE)('are none: %s', (sentence) => {
    expect(readCounts(sentence)).toEqual([]);
  });

  it('are told with what they are counted by', () => {
    expect(readCounts('Three bows on each side, then six times in all.')).toEqual([
      { least: 3, most: 3, per: 'side', isBreaths: false, isPlain: true },
      { least: 6, most: 6, per: 'all', isBreaths: false, isPlain: true },
    ]);
    expect(readCounts('Six to nine slow breaths.')).toEqual([
      { least: 6, most: 9, per: undefined, isBreaths: true, isPlain: false },
    ]);
  });
});
