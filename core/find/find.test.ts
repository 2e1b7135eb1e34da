import { findThings, prepare, type Thing } from '.';

const thing = (name: string, over: Partial<Thing> = {}): Thing => ({
  kind: 'form',
  id: name,
  name,
  hint: '',
  href: `/${name}`,
  also: '',
  ...over,
});
const things = prepare([
  thing('Liver sound', { hanzi: '噓', also: 'xū sounds wood' }),
  thing('Pushing waves', { also: 'water liver' }),
  thing('LV3', { kind: 'point', also: 'Tàichōng great surge' }),
  thing('Livery stable'),
  thing('The quiet liver'),
]);
const names = (asked: string): readonly string[] => findThings(asked, things).map(({ name }) => name);

describe('finding anything', () => {
  it('puts what begins with the words first, then words inside the name, then what else it is known by', () => {
    expect(names('liver')).toEqual(['Liver sound', 'Livery stable', 'The quiet liver', 'Pushing waves']);
    expect(names('lv3')).toEqual(['LV3']);
  });

  it('minds neither tones nor case nor the order of the words', () => {
    expect(names('taichong')).toEqual(['LV3']);
    expect(names('TÀICHŌNG')).toEqual(['LV3']);
    expect(names('sound liver')).toEqual(['Liver sound']);
    expect(names('噓')).toEqual(['Liver sound']);
  });

  it('finds nothing for nothing, and what is no word is no pattern either', () => {
    expect(names('')).toEqual([]);
    expect(names('   ')).toEqual([]);
    expect(names('(.*')).toEqual([]);
    expect(names('liver zzz')).toEqual([]);
    expect(findThings('l', things, 2)).toHaveLength(2);
  });
});
