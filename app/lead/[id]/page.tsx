import { notFound } from 'next/navigation';
import { orUnreadable, unreadableRow } from '@/server/unreadable';
import { UnreadablePage } from '@/ui/kit/Unreadable';
import { mine } from '@/server/access/asking';
import { nameOfPractice } from '@/server/practices';
import { readForTeacher, readLed, readLikely, readMusts } from '@/server/led';
import { isVeiled } from '@/server/veil';
import { LeadLoader } from '@/ui/lead/LeadLoader';

/** The practice by its name: of several open windows each is known by its own. */
export async function generateMetadata({ params }: { params: Promise<{ id: string }> }) {
  const name = await nameOfPractice(await mine(), (await params).id);
  return { title: name === undefined ? 'Lead' : `${name} · Lead` };
}

export default async function LeadPage({ params }: { params: Promise<{ id: string }> }) {
  const { id } = await params;
  const queries = await mine();
  const read = await orUnreadable(readLed(queries, id));
  if ('unreadable' in read) return <UnreadablePage row={unreadableRow(read.unreadable)} />;
  const led = read.value;
  if (!led) notFound();
  // Whose a condition is, and what paper says, are not this screen’s.
  const { id: practiceId, version, practice, story, groupId, conditions, sideSeen } = led;
  return (
    <LeadLoader
      {...{ id: practiceId, version, practice, story, groupId, conditions, sideSeen }}
      musts={await readMusts(queries, led)}
      likely={await readLikely(queries, led)}
      // Whose something is stays away while somebody looks on.
      forTeacher={(await isVeiled()) ? { initials: {}, notes: {} } : await readForTeacher(queries, led)}
      here={led.here}
    />
  );
}
