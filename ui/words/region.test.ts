import { USUAL_REGION } from '@/core/customs/region';
import { readMeasures } from '@/ui/atlas/person';
import { measuredText } from '@/ui/words/deeds';
import { cmOfLength, lengthOf, lengthText, writeAsIn } from './region';

describe('lengths', () => {
  afterEach(() => writeAsIn(USUAL_REGION));

  it('are typed and written in the unit of where one lives, and kept in centimetres', () => {
    const typed = { stature: '66.9', segments: [{ id: 'elbow-wrist', length: '10' }] } as const;
    writeAsIn({ ...USUAL_REGION, length: 'inch' });
    const read = readMeasures(typed);
    // 66.9 in are 169.926 cm, 10 in are 25.4 cm.
    expect('person' in read && read.person.statureCm).toBeCloseTo(169.926, 6);
    expect('person' in read && read.person.segmentsCm['elbow-wrist']).toBeCloseTo(25.4, 9);
    expect([lengthText(2.54, 1), lengthText(170, 0), cmOfLength(1)]).toEqual(['1.0', '67', 2.54]);
    const tall = readMeasures({ stature: '170', segments: [] });
    expect('problems' in tall && tall.problems[0]).toContain('number of inches between 20 and 98');
  });

  it('are said with their unit, wherever a body is measured', () => {
    const deed = () => measuredText({ does: 'hands-rise', amount: 25.4 });
    expect([deed(), lengthOf(2.54, 1), lengthOf(12.4)]).toEqual(['the hands rise 25 cm', '2.5 cm', '12 cm']);
    writeAsIn({ ...USUAL_REGION, length: 'inch' });
    expect([deed(), lengthOf(2.54, 1), lengthOf(12.4)]).toEqual([
      'the hands rise 10.0 in',
      '1.0 in',
      '4.9 in',
    ]);
    // Degrees are degrees everywhere.
    expect(measuredText({ does: 'back-rounds', amount: 12 })).toBe('the back rounds 12°');
  });

  it('are centimetres where nothing else is chosen', () => {
    const tall = readMeasures({ stature: '170', segments: [] });
    expect('person' in tall && tall.person.statureCm).toBe(170);
    expect(lengthText(12.34, 1)).toBe('12.3');
  });
});
