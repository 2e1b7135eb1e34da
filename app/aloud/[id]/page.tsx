import Link from 'next/link';
import { notFound } from 'next/navigation';
import { orUnreadable, unreadableRow } from '@/server/unreadable';
import { UnreadablePage } from '@/ui/kit/Unreadable';
import { mine } from '@/server/access/asking';
import { nameOfPractice } from '@/server/practices';
import { readLed } from '@/server/led';
import { Aloud } from '@/ui/aloud/Aloud';
import { PrintButton } from '@/ui/sheet/PrintButton';

/** The practice by its name: of several open windows each is known by its own. */
export async function generateMetadata({ params }: { params: Promise<{ id: string }> }) {
  const name = await nameOfPractice(await mine(), (await params).id);
  return { title: name === undefined ? 'Read aloud' : `${name} · Read aloud` };
}

export default async function AloudPage({ params }: { params: Promise<{ id: string }> }) {
  const { id } = await params;
  const read = await orUnreadable(readLed(await mine(), id));
  if ('unreadable' in read) return <UnreadablePage row={unreadableRow(read.unreadable)} />;
  const led = read.value;
  if (!led) notFound();
  return (
    <main className="py-4 print:py-0">
      <nav aria-label="Read aloud" className="no-print mx-auto mb-3 flex max-w-[46rem] flex-wrap gap-2 px-6">
        <PrintButton />
        <Link className="press" href={`/lead/${id}`}>
          Lead it
        </Link>
        <Link className="press" href={`/sheet/${id}`}>
          Cue sheet
        </Link>
        <Link className="press" href={`/compose/${id}`}>
          Back to the score
        </Link>
      </nav>
      <Aloud practice={led.practice} story={led.story} />
    </main>
  );
}
