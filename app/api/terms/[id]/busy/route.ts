import { hoursOfTerm, stretchOfTerm } from '@/app/handed/term';
import { readCalendar, type Busy } from '@/core/formats/calendarIn';
import { dayOf } from '@/core/people/presence';
import { isKept } from '@/core/text';
import { answering, readText, refuse } from '@/server/answers';
import { mine } from '@/server/access/asking';
import { readPlanning } from '@/server/planning';
import { chosenHere } from '@/ui/kit/chosenHere';
import { dateText } from '@/ui/kit/time';

/** An entry of a calendar as a term sees it: the days it would leave out, and whether a class is met by it. */
export interface BusyDays {
  readonly from: string;
  readonly until: string;
  readonly name: string;
  readonly when: string;
  readonly isMet: boolean;
}

/** Reads a calendar file against a term: what of it falls on its days, and what on its classes. Nothing is changed. */
export const POST = (request: Request, context: { params: Promise<{ id: string }> }) =>
  answering(async () => {
    const text = await readText(request);
    if (!text.ok) return text.answer;
    const { id } = await context.params;
    const read = isKept(id) ? await readPlanning(await mine(), id, Date.now()) : undefined;
    if (!read) return refuse(404, { message: 'There is no such term, or its group is not here any more.' });
    const { term, group, customs } = read.planning;
    chosenHere(customs);
    const { zone } = customs.place;
    const calendar = readCalendar(text.value, { zone, ...stretchOfTerm(read.planning) });
    if (!calendar.ok) return refuse(422, { message: calendar.message });
    const hours = hoursOfTerm(term, group.times, zone).all.map(({ atMs, day }) => ({
      day,
      fromMs: atMs,
      toMs: atMs + group.minutes * 60_000,
    }));
    const busy = calendar.busy.map((one: Busy): BusyDays => {
      if (one.kind === 'days')
        return {
          ...one,
          when: [one.from, ...(one.until === one.from ? [] : [one.until])]
            .map((day) => dateText(Date.parse(`${day}T12:00:00Z`), 'UTC', 'dayMonth'))
            .join(' to '),
          isMet: hours.some(({ day }) => one.from <= day && day <= one.until),
        };
      const met = hours.filter(({ fromMs, toMs }) => one.fromMs < toMs && fromMs < one.toMs);
      return {
        from: met[0]?.day ?? dayOf(one.fromMs, zone),
        until: met.at(-1)?.day ?? dayOf(one.fromMs, zone),
        name: one.name,
        when: `${dateText(one.fromMs, zone, 'dayTime')} to ${dateText(one.toMs, zone, 'time')}`,
        isMet: met.length > 0,
      };
    });
    return Response.json({ busy });
  });
