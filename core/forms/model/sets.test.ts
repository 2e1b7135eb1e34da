import {
  endsOfSet,
  FORM_SETS,
  formsOfSet,
  isByName,
  isOnFloor,
  isSatSet,
  propOf,
  REPERTOIRE,
  setOrder,
  stanceOf,
} from '..';
import { SOLAR_TERMS } from '../../almanac';
import { channel } from '../../channels';
import { DEFAULT_CUSTOMS } from '../../customs';
import { compose } from '../../compose';
import { PLAIN_BRIEF } from '../../brief';

const form = (id: string) => {
  const found = REPERTOIRE.find((one) => one.id === id);
  if (!found) throw new RangeError(id);
  return found;
};
const hanziOf = (set: string): readonly (string | undefined)[] =>
  setOrder(set, DEFAULT_CUSTOMS).places.map(([id]) => form(id ?? '').hanzi);

describe('classical sets', () => {
  it('are sat through on the floor where they say so, save a piece or two: the others are not', () => {
    for (const { id } of FORM_SETS) {
      const members = formsOfSet(id, DEFAULT_CUSTOMS).map(form);
      const sat = members.filter((member) => isOnFloor(stanceOf(member, 'full').start)).length;
      expect([id, sat / members.length > 0.8]).toEqual([id, isSatSet(id)]);
    }
  });

  it('are at least fourteen, whole: every member is there, once', () => {
    expect(FORM_SETS.length).toBeGreaterThanOrEqual(14);
    for (const { id, orders } of FORM_SETS)
      for (const { places } of orders) {
        const ids = places.flat();
        expect({ id, once: new Set(ids).size === ids.length }).toEqual({ id, once: true });
        for (const one of ids) form(one);
      }
  });

  // The names of the standard edition and of the old verse, from memory, written down apart from the forms.
  it('go in the order of their editions (from memory)', () => {
    expect(hanziOf('tendon-changing')).toEqual([
      '韋馱獻杵第一式',
      '韋馱獻杵第二式',
      '韋馱獻杵第三式',
      '摘星換斗',
      '倒拽九牛尾',
      '出爪亮翅',
      '九鬼拔馬刀',
      '三盤落地',
      '青龍探爪',
      '臥虎撲食',
      '打躬',
      '掉尾',
    ]);
    expect(hanziOf('silk-chart')).toEqual([
      '挽弓',
      '引背',
      '鳧浴',
      '龍登',
      '鳥伸',
      '引腹',
      '鴟視',
      '引腰',
      '雁飛',
      '鶴舞',
      '仰呼',
      '折陰',
    ]);
  });

  it('guide one channel each by the silk chart, in the order of the organ clock (Líng Shū 10: the flow)', () => {
    const flow = ['LU', 'LI', 'ST', 'SP', 'HT', 'SI', 'BL', 'KI', 'PC', 'TE', 'GB', 'LR'];
    const own = formsOfSet('silk-chart', DEFAULT_CUSTOMS).map((id) =>
      form(id).channels.map((reach) => reach.channel),
    );
    expect(own).toEqual(flow.map((one) => [one]));
    formsOfSet('silk-chart', DEFAULT_CUSTOMS).forEach((id, index) =>
      expect(form(id).organs).toEqual([channel(flow[index] as 'LU').organ]),
    );
  });

  it('seat the twenty-four terms as the almanac names them, from the beginning of spring', () => {
    const seats = formsOfSet('twenty-four-terms', DEFAULT_CUSTOMS).map(form);
    expect(seats.map(({ id }) => id)).toEqual(SOLAR_TERMS.map(({ id }) => `term-${id.replaceAll('-', '')}`));
    seats.forEach((seat, index) => {
      const term = SOLAR_TERMS[index];
      expect(seat.hanzi).toBe(`${term?.hanzi}坐功`);
      expect(seat.name.toLowerCase()).toBe(`seated for ${term?.pinyin}: ${term?.name}`.toLowerCase());
    });
  });

  it('hold the seated brocade in twelve parts, and in eight', () => {
    const [twelve, eight] = FORM_SETS.find(({ id }) => id === 'seated-brocade')?.orders ?? [];
    expect([twelve?.places.length, eight?.places.length]).toEqual([12, 8]);
  });
});

describe('what belongs to its set', () => {
  const drafted = (theme: Parameters<typeof compose>[0]['brief']['theme'], minutes: number) => {
    const made = compose({
      brief: { ...PLAIN_BRIEF, minutes, theme },
      repertoire: REPERTOIRE,
      customs: DEFAULT_CUSTOMS,
      people: { conditions: [] },
      seed: 1,
      enough: 0.1,
    });
    if (!made.ok) throw new Error('no draft');
    return made.practice.items.map(({ formId }) => formId);
  };

  it('is drafted with it, whole and in order, and not for anything else', () => {
    const tendons = formsOfSet('tendon-changing', DEFAULT_CUSTOMS);
    expect(drafted({ kind: 'set', set: 'tendon-changing' }, 30).filter((id) => tendons.includes(id))).toEqual(
      [...tendons],
    );
    expect(drafted({ kind: 'organ', organ: 'liver' }, 30).filter(isByName)).toEqual([]);
  });

  it('and what needs a ball, a wall or somebody else is there when it is asked for, and only then', () => {
    const needy = REPERTOIRE.filter((form) => propOf(form, 'full')).map(({ id }) => id);
    expect(needy.length).toBeGreaterThanOrEqual(16);
    for (const organ of ['spleen', 'lung', 'heart'] as const)
      expect(drafted({ kind: 'organ', organ }, 20).filter((id) => needy.includes(id))).toEqual([]);
    const asked = compose({
      brief: {
        ...PLAIN_BRIEF,
        minutes: 20,
        theme: { kind: 'organ', organ: 'spleen' },
        pins: [{ formId: 'ball-lifted' }],
      },
      repertoire: REPERTOIRE,
      customs: DEFAULT_CUSTOMS,
      people: { conditions: [] },
      seed: 1,
      enough: 0.1,
    });
    expect(asked.ok && asked.practice.items.map(({ formId }) => formId)).toContain('ball-lifted');
  });

  it('names how its edition opens and closes it', () => {
    expect(endsOfSet('eight-brocades')).toEqual(['brocades-opening', 'brocades-closing']);
    expect(endsOfSet('joints')).toEqual([]);
    for (const id of ['brocades-opening', 'animals-closing', 'tendon-bowing'])
      expect(isByName(id)).toBe(true);
    for (const id of ['heavenly-drum', 'small-orbit', 'silk-bow', 'cloud-hands'])
      expect(isByName(id)).toBe(false);
  });
});
