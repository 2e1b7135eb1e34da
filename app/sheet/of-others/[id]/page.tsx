import Link from 'next/link';
import { notFound } from 'next/navigation';
import { themePhase } from '@/core/brief';
import { isKept } from '@/core/text';
import { mine } from '@/server/access/asking';
import { readCustoms } from '@/server/customs';
import { calledTeacher, sharedPractice } from '@/server/shared';
import { orUnreadable } from '@/server/unreadable';
import { chosenHere } from '@/ui/kit/chosenHere';
import { PHASE_VAR } from '@/ui/kit/PhaseMark';
import { KeptScroll } from '@/ui/scroll/KeptScroll';
import { TakeCopy } from '@/ui/shared/TakeCopy';
import { CueSheet } from '@/ui/sheet/CueSheet';
import { sheetOf } from '@/ui/sheet/sheetOf';

export const metadata = { title: 'Shared by another teacher' };

/** What another teacher shares, as a whole: looked at here, led and changed as a copy. */
export default async function SharedSheetPage({ params }: { params: Promise<{ id: string }> }) {
  const { id } = await params;
  const open = await mine();
  chosenHere(await readCustoms(open));
  const read = isKept(id) ? await orUnreadable(sharedPractice(open, id)) : undefined;
  // Their own Navuren says what is wrong with a row of theirs; here it is not to be had.
  if (!read || 'unreadable' in read || !read.value) notFound();
  const { what: practice, version, teacherName } = read.value;
  return (
    <main className="py-4 print:py-0">
      <nav aria-label="Cue sheet" className="no-print mx-auto mb-3 flex max-w-[56rem] flex-wrap gap-2 px-6">
        <TakeCopy id={id} name={practice.name} />
        <Link className="press" href="/shelf">
          Back to the shelf
        </Link>
      </nav>
      <p className="quiet mx-auto mb-3 max-w-[56rem] px-6">
        Shared by {calledTeacher(teacherName)}, with every caution: nothing is known here of those who will
        come.
      </p>
      <CueSheet
        sheet={sheetOf(practice, { conditions: undefined })}
        scroll={
          <KeptScroll
            address={`/api/practices/${id}/scroll?version=${version}&figure=60`}
            ink={PHASE_VAR[themePhase(practice.brief.theme)]}
            height={136}
          />
        }
      />
    </main>
  );
}
