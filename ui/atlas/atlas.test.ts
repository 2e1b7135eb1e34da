import { CHANNELS_OF_ORGANS } from '@/core/channels';
import { pointsReached, REPERTOIRE } from '@/core/forms';
import { readAddress, writeAddress, type AtlasState } from './address';
import { look, reachingOf, type AtlasForm } from './looking';
import { NOTHING_MEASURED, readMeasures } from './person';

const forms: readonly AtlasForm[] = REPERTOIRE.map((form) => ({
  id: form.id,
  name: form.name,
  view: form.view ?? 'front',
  channels: form.channels,
  route: form.route ?? [],
  reached: pointsReached(form),
  strokes: [],
}));
const ids = forms.map((form) => form.id);

describe('the address of the Atlas', () => {
  it('opens what it says and is written as it was read', () => {
    const states: readonly AtlasState[] = [
      { looking: { by: 'channel', channel: 'KI' }, point: undefined },
      { looking: { by: 'channel', channel: 'LU' }, point: 'LU9' },
      { looking: { by: 'theme', channel: 'LR', intent: 'clear' }, point: 'LR2' },
      { looking: { by: 'form', form: 'trace-kidney-bladder', stroke: 2 }, point: undefined },
      { looking: { by: 'search', text: 'water point & 太淵' }, point: undefined },
    ];
    for (const state of states) {
      const query = Object.fromEntries(new URL(writeAddress(state), 'http://local').searchParams);
      expect(readAddress(query, 'ST', ids)).toEqual(state);
    }
  });

  it('opens the room whatever nonsense stands in it', () => {
    const state = readAddress(
      { channel: 'XX', point: 'LU99', form: 'nothing', stroke: '-4', seek: ['a', 'b'] },
      'ST',
      ids,
    );
    expect(state).toEqual({ looking: { by: 'channel', channel: 'ST' }, point: undefined });
    expect(readAddress({ point: 'lu9' }, 'ST', ids)).toEqual({
      looking: { by: 'channel', channel: 'LU' },
      point: 'LU9',
    });
    expect(readAddress({ theme: 'KI', intent: 'shout' }, 'ST', ids).looking).toEqual({
      by: 'theme',
      channel: 'KI',
      intent: 'nourish',
    });
  });
});

describe('what is looked at', () => {
  it('is the points of the channel, the theme, the form or the search', () => {
    expect(look({ by: 'channel', channel: 'PC' }, forms).points).toHaveLength(9);
    for (const channel of CHANNELS_OF_ORGANS)
      expect(look({ by: 'theme', channel, intent: 'nourish' }, forms).points.length).toBeGreaterThanOrEqual(
        3,
      );
    const form = look({ by: 'form', form: 'trace-kidney-bladder', stroke: 0 }, forms);
    expect(form.channels).toEqual(['BL', 'KI']);
    expect(form.points).toContainEqual({ code: 'BL23', why: 'on purpose' });
    expect(look({ by: 'search', text: 'taiyuan' }, forms).points[0]?.code).toBe('LU9');
    expect(look({ by: 'form', form: 'gone', stroke: 0 }, forms)).toEqual({ points: [], channels: [] });
  });

  it('knows the forms that reach a point and by what', () => {
    const reaching = reachingOf('BL23', forms);
    expect(reaching.find((form) => form.id === 'warming-the-kidneys')?.way).toBe('named');
    expect(reachingOf('CV7', forms).some((form) => form.way === 'palm')).toBe(true);
    expect(reachingOf('EX-LE10', forms).every((form) => form.way !== 'channel')).toBe(true);
  });
});

describe('the measures typed into the cùn rule', () => {
  const typed = (stature: string, ...cms: readonly string[]) =>
    readMeasures({
      stature,
      segments: NOTHING_MEASURED.segments.map((segment, index) => ({ ...segment, length: cms[index] ?? '' })),
    });

  it('are read with a point or a comma, empty ones left aside', () => {
    expect(typed('')).toEqual({ person: { statureCm: undefined, segmentsCm: {} } });
    expect(typed('168', '24,5')).toEqual({ person: { statureCm: 168, segmentsCm: { 'elbow-wrist': 24.5 } } });
  });

  it('are refused in words when they cannot be', () => {
    for (const bad of ['tall', '1.7', '-170', '1e9', '<b>']) {
      const read = typed(bad);
      expect('problems' in read && read.problems[0]).toMatch(
        /^Stature is a number of centimetres between 50 and 250/,
      );
    }
    const read = typed('170', '900', 'x');
    expect('problems' in read && read.problems).toHaveLength(2);
  });
});
