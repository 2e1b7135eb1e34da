import type { ReactNode } from 'react';
import { tellingPosture } from '@/core/forms';
import { careLine, type Sheet, type SheetRow } from '@/core/handout/sheet';
import { Figure } from '@/ui/figure/Figure';
import { VIEWS } from '@/ui/figure/view';
import { PHASE_VAR, PhaseMark } from '@/ui/kit/PhaseMark';
import { clockText } from '@/ui/kit/time';

const Said = ({ lines }: { lines: readonly string[] }) =>
  lines.length > 0 && <span className="block font-serif text-[1.05rem] italic">{lines.join(' ')}</span>;

/** One form: its time, its picture, its cues once through, and what to mind. */
function Row({ row, sash }: { row: SheetRow; sash: string }) {
  const posture = tellingPosture(row.form, row.variant);
  const care = careLine(row);
  return (
    <tr className="break-inside-avoid border-b border-hairline align-top">
      <td className="figures py-1 pr-2">{clockText(row.startMs)}</td>
      <td className="py-1 pr-3">
        <span className="float-right ml-2">
          <Figure
            posture={posture}
            view={VIEWS[row.form.view ?? 'front']}
            height={66}
            line={4.6}
            sash={sash}
            label={row.pictured}
          />
        </span>
        <span className="font-serif text-[1.08rem] font-medium">{row.name}</span>{' '}
        {row.hanzi && (
          <span lang="zh-Hant" className="hanzi">
            {row.hanzi}
          </span>
        )}
        <br />
        <span className="quiet">
          {row.dose !== '' && (
            <>
              <span className="figures">{row.dose}</span> {row.sides}{' '}
            </>
          )}
          <span className="figures">{clockText(row.lengthMs)} min</span>
          {row.byMouth ? '; exhale by the mouth' : ''}
        </span>
      </td>
      <td className="py-1">
        <Said lines={row.before} />
        {row.cues.map((cue, index) => (
          <span key={index} className="mr-3 inline-block">
            <span className="quiet italic">{cue.breath}</span>{' '}
            {cue.sound && (
              <strong className="font-serif text-[1.25em]">
                {cue.sound.written}
                {cue.sound.hanzi && <span lang="zh-Hant"> {cue.sound.hanzi}</span>}{' '}
              </strong>
            )}
            {cue.text}
          </span>
        ))}
        {row.extras.map((line) => (
          <span key={line} className="block italic">
            {line}
          </span>
        ))}
        <Said lines={row.after} />
        <span className="small quiet block">Pictured: {row.pictured}.</span>
        {care !== '' && <span className="small quiet figures block">Care: {care}</span>}
        {row.note && <span className="small block">For yourself: {row.note}</span>}
      </td>
    </tr>
  );
}

/** The practice on paper. */
export function CueSheet({
  sheet,
  scroll,
}: {
  sheet: Sheet;
  /** The practice at a glance, at the head. */
  scroll: ReactNode;
}) {
  const { phase } = sheet;
  return (
    <article className="mx-auto max-w-[56rem] bg-leaf px-6 py-6 print:max-w-none print:bg-transparent print:p-0">
      <header className="border-b border-ink pb-2">
        <h1 className="font-serif italic">{sheet.title}</h1>
        <p>
          <PhaseMark phase={phase} withName />
          <span className="figures"> · {sheet.about.join(' · ')}</span>
        </p>
        {sheet.chosen && <p className="small">{sheet.chosen}</p>}
        {sheet.intention !== undefined && (
          <p className="font-serif text-[1.12rem] italic">{sheet.intention}</p>
        )}
        <p className="quiet small">{sheet.tradition}</p>
        {scroll}
      </header>
      <table className="mt-2 w-full text-[0.94rem]">
        <caption className="sr-only">Cues in order</caption>
        <thead>
          <tr className="caption text-left align-bottom">
            <th scope="col" className="w-14 pr-2 font-medium">
              at, min
            </th>
            <th scope="col" className="w-[30%] pr-3 font-medium">
              form
            </th>
            <th scope="col" className="font-medium">
              cues on the breath
            </th>
          </tr>
        </thead>
        {sheet.sections.map((section) => (
          <tbody key={section.startMs} className="border-t border-ink">
            <tr className="break-after-avoid">
              <th scope="rowgroup" colSpan={3} className="caption pt-1 text-left font-medium">
                {section.name} · <span className="figures">{clockText(section.lengthMs)} min</span>
              </th>
            </tr>
            {section.rows.map((row) => (
              <Row key={row.id} row={row} sash={PHASE_VAR[phase]} />
            ))}
          </tbody>
        ))}
      </table>
      <footer className="small mt-3 border-t border-ink pt-2">{sheet.foot.join(' ')}</footer>
    </article>
  );
}
