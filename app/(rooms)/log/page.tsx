import { listGroups } from '@/server/groups';
import { listPeople } from '@/server/people';
import { registersOf } from '@/server/registers';
import { isVeiled } from '@/server/veil';
import { classesOnLine, findClasses, monthsOfLog } from '@/server/classes';
import { readCustoms } from '@/server/customs';
import { mine } from '@/server/access/asking';
import { readRepertoire } from '@/server/forms';
import { listPractices } from '@/server/practices';
import { unreadableRow } from '@/server/unreadable';
import { formsNamed, readLogAsked } from '@/server/logAsked';
import { UnreadableRows } from '@/ui/kit/Unreadable';
import { LogRoom } from '@/ui/log/LogRoom';
import { yearBefore, yearOf } from '@/ui/log/yearOf';
import { chosenHere } from '@/ui/kit/chosenHere';
import { now } from '@/ui/kit/now';

export const metadata = { title: 'Log' };

export default async function LogPage({
  searchParams,
}: {
  searchParams: Promise<Record<string, string | string[] | undefined>>;
}) {
  const open = await mine();
  const customs = await readCustoms(open);
  chosenHere(customs);
  const { zone } = customs.place;
  const wishes = readLogAsked(await searchParams, zone);
  const formIds = formsNamed(wishes.asked.words, await readRepertoire(open));
  const { classes, unreadable, older } = await findClasses(open, { ...wishes.asked, formIds });
  const nowMs = now();
  const { fromMs, toMs } = yearBefore(nowMs, zone);
  // While nothing private is shown, neither names nor what was written of a class come with the page.
  const veiled = await isVeiled();
  const registers = await registersOf(open, veiled ? [] : classes.map(({ id }) => id));
  const people = veiled ? undefined : (await listPeople(open)).map(({ id, name }) => ({ id, name }));
  const [months, onLine, groups, { practices }] = [
    await monthsOfLog(open, zone),
    await classesOnLine(open, fromMs, toMs),
    await listGroups(open),
    await listPractices(open, 'shelf'),
  ];
  return (
    <>
      <UnreadableRows rows={unreadable.map(unreadableRow)} />
      <LogRoom
        key={JSON.stringify(wishes)}
        entries={classes.map((given) => ({
          ...given,
          ...(veiled ? { note: '', ledBy: '' } : {}),
          came: registers.get(given.id),
        }))}
        people={people}
        zone={zone}
        months={months}
        year={yearOf(onLine, nowMs, zone)}
        groups={groups.map(({ id, name }) => ({ id, name }))}
        practices={practices.map(({ id, name, brief }) => ({ id, name, minutes: brief.minutes }))}
        wishes={wishes.shown}
        older={older}
      />
    </>
  );
}
