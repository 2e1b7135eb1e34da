import { placeSchema } from '@/core/customs/customs';
import { findTowns, largestTownOf } from './towns';

describe('towns', () => {
  it('are found by the beginning of their name, whatever the accents, the larger first', () => {
    expect(findTowns('zuri')[0]).toMatchObject({ zone: 'Europe/Zurich' });
    expect(findTowns('São Paulo')[0]?.where).toContain('Brazil');
    expect(findTowns('sao paulo')[0]?.name).toBe(findTowns('São Paulo')[0]?.name);
    expect(findTowns('london')[0]?.where).toContain('United Kingdom');
    expect(findTowns('london ontario')[0]?.where).toContain('Canada');
  });

  // Latitudes and longitudes of three cities as any atlas gives them (from memory, to half a degree).
  it.each([
    ['Sydney', -33.9, 151.2, 'Australia/Sydney'],
    ['Tokyo', 35.7, 139.7, 'Asia/Tokyo'],
    ['Reykjavik', 64.1, -21.9, 'Atlantic/Reykjavik'],
  ])('%s lies where an atlas puts it', (name, latitude, longitude, zone) => {
    const [town] = findTowns(name);
    expect(Math.abs((town?.latitudeDeg ?? 99) - latitude)).toBeLessThan(0.5);
    expect(Math.abs((town?.longitudeDeg ?? 999) - longitude)).toBeLessThan(0.5);
    expect(town?.zone).toBe(zone);
  });

  it('stand for their time zone, the largest of it', () => {
    expect(largestTownOf('Europe/London')?.name).toBe('London');
    expect(largestTownOf('Asia/Tokyo')?.name).toBe('Tokyo');
    expect(largestTownOf('Nowhere/At_all')).toBeUndefined();
  });

  it('can all be a place, and nothing finds nothing', () => {
    for (const letter of 'abcdefghijklmnopqrstuvwxyz')
      for (const { name, latitudeDeg, longitudeDeg, zone } of findTowns(letter, 40))
        expect(placeSchema.safeParse({ name, latitudeDeg, longitudeDeg, zone }).success).toBe(true);
    expect(findTowns('')).toEqual([]);
    expect(findTowns('qqqqzz')).toEqual([]);
  });
});
