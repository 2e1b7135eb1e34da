import { CHANNELS, CHANNEL_IDS, POINTS, channel, point } from '.';
import { ORGANS, organ } from '../phases';
import { sourceIds } from '../sources';

describe('channels', () => {
  it('are fourteen, in flow order, one for each organ and two vessels', () => {
    expect(CHANNEL_IDS).toHaveLength(14);
    expect(CHANNELS.map((row) => row.id)).toEqual([...CHANNEL_IDS]);
    expect(CHANNELS.filter((row) => row.organ === undefined).map((row) => row.id)).toEqual(['GV', 'CV']);
    for (const row of ORGANS) expect(channel(row.channel as 'LU').organ).toBe(row.id);
  });

  it('follow one another as the organ hours do', () => {
    const organs = CHANNELS.flatMap((row) => (row.organ === undefined ? [] : [row.organ]));
    expect(organs).toEqual(ORGANS.map((row) => row.id));
  });

  it('flow as Líng Shū 38 says: arm yin to the hand, arm yang to the head, leg yang to the foot, leg yin to the chest', () => {
    const flows = {
      'chest to hand': ['LU', 'HT', 'PC'],
      'hand to head': ['LI', 'SI', 'TE'],
      'head to foot': ['ST', 'BL', 'GB'],
      'foot to chest': ['SP', 'KI', 'LR'],
    } as const;
    for (const [flow, ids] of Object.entries(flows))
      for (const id of ids) expect(channel(id).flow).toBe(flow);
  });

  it('run yin towards the chest or the hand and yang towards the head or the foot', () => {
    for (const row of CHANNELS) {
      if (row.organ === undefined) continue;
      const yin = organ(row.organ).polarity === 'yin';
      expect(/chest/.test(row.flow)).toBe(yin);
    }
  });

  it('join end to end: each begins where the one before it ends', () => {
    const ends = CHANNELS.slice(0, 12).map((row) => row.flow.split(' to '));
    ends.forEach(([from], index) => {
      const [, to] = ends[(index + 11) % 12] ?? [];
      expect(from).toBe(to);
    });
  });
});

describe('points', () => {
  it('have unique codes and names, WHO-style codes and a source', () => {
    expect(new Set(POINTS.map((row) => row.code)).size).toBe(POINTS.length);
    expect(new Set(POINTS.map((row) => row.pinyin)).size).toBe(POINTS.length);
    for (const row of POINTS) {
      expect(row.code).toMatch(/^((LU|LI|ST|SP|HT|SI|BL|KI|PC|TE|GB|LR|GV|CV)\d{1,2}|EX-[A-Z]{1,2}\d+)$/);
      expect(sourceIds).toContain(row.source);
    }
  });

  it('lie within the number of points of their channel (WHO 2008)', () => {
    const counts = {
      LU: 11,
      LI: 20,
      ST: 45,
      SP: 21,
      HT: 9,
      SI: 19,
      BL: 67,
      KI: 27,
      PC: 9,
      TE: 23,
      GB: 44,
      LR: 14,
      GV: 28,
      CV: 24,
    } as const;
    expect(Object.values(counts).reduce((sum, count) => sum + count, 0)).toBe(361);
    for (const row of POINTS) {
      const [, id, number] = /^([A-Z]{2})(\d+)$/.exec(row.code) ?? [];
      if (id === undefined) continue;
      expect(Number(number)).toBeGreaterThan(0);
      expect(Number(number)).toBeLessThanOrEqual(counts[id as keyof typeof counts]);
    }
  });

  it('are found by code and refused otherwise', () => {
    expect(point('KI1').hanzi).toBe('湧泉');
    expect(() => point('KI99' as 'KI1')).toThrow(RangeError);
    expect(() => channel('XX' as 'LU')).toThrow(RangeError);
  });
});
