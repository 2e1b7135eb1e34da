import Link from 'next/link';
import { notFound } from 'next/navigation';
import { themePhase } from '@/core/brief';
import { orUnreadable, unreadableRow } from '@/server/unreadable';
import { UnreadablePage } from '@/ui/kit/Unreadable';
import { readCustoms } from '@/server/customs';
import { mine } from '@/server/access/asking';
import { nameOfPractice } from '@/server/practices';
import { readLed } from '@/server/led';
import { chosenHere } from '@/ui/kit/chosenHere';
import { PHASE_VAR } from '@/ui/kit/PhaseMark';
import { ExportLinks } from '@/ui/kit/ExportLinks';
import { KeptScroll } from '@/ui/scroll/KeptScroll';
import { CueSheet } from '@/ui/sheet/CueSheet';
import { sheetOf } from '@/ui/sheet/sheetOf';
import { PrintButton } from '@/ui/sheet/PrintButton';

/** The practice by its name: of several open windows each is known by its own. */
export async function generateMetadata({ params }: { params: Promise<{ id: string }> }) {
  const name = await nameOfPractice(await mine(), (await params).id);
  return { title: name === undefined ? 'Cue sheet' : `${name} · Cue sheet` };
}

export default async function SheetPage({ params }: { params: Promise<{ id: string }> }) {
  const { id } = await params;
  const open = await mine();
  chosenHere(await readCustoms(open));
  const read = await orUnreadable(readLed(open, id));
  if ('unreadable' in read) return <UnreadablePage row={unreadableRow(read.unreadable)} />;
  const led = read.value;
  if (!led) notFound();
  return (
    <main className="py-4 print:py-0">
      <nav aria-label="Cue sheet" className="no-print mx-auto mb-3 flex max-w-[56rem] flex-wrap gap-2 px-6">
        <PrintButton />
        <Link className="press" href={`/handout/practice/${id}`}>
          Hand out
        </Link>
        <ExportLinks of="practices" id={id} className="press" />
        <Link className="press" href={`/aloud/${id}`}>
          Read it aloud
        </Link>
        <Link className="press" href={`/compose/${id}`}>
          Back to the score
        </Link>
      </nav>
      <CueSheet
        sheet={sheetOf(led.practice, { conditions: led.conditionsOnPaper })}
        scroll={
          <KeptScroll
            address={`/api/practices/${id}/scroll?version=${led.version}&figure=60`}
            ink={PHASE_VAR[themePhase(led.practice.brief.theme)]}
            height={136}
          />
        }
      />
    </main>
  );
}
