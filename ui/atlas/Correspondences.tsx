import Link from 'next/link';
import { recordOf } from '@/core/lists/lists';
import { EARTH_SCHOOLS, SEASON_SCHOOLS } from '@/core/almanac';
import type { Customs } from '@/core/customs';
import {
  ANIMAL_SCHOOLS,
  CORRESPONDENCES,
  organsOf,
  PHASE_IDS,
  VIRTUE_SCHOOLS,
  type PhaseId,
} from '@/core/phases';
import { SEASON_SOUND_ORGAN, soundHanzi, SOUND_SCHOOLS } from '@/core/sounds';
import { sourceTitle, type SourceId } from '@/core/sources';
import { OrganName } from '@/ui/kit/OrganName';
import { PhaseMark } from '@/ui/kit/PhaseMark';

interface Row {
  readonly label: string;
  readonly school?: string;
  readonly chosen?: boolean;
  readonly cells: Readonly<Record<PhaseId, string | undefined>>;
  readonly source: SourceId;
}

function rowsFor(customs: Customs): readonly Row[] {
  return [
    ...CORRESPONDENCES.map((row) => ({ label: row.label, cells: row, source: row.source })),
    ...ANIMAL_SCHOOLS.map((row) => ({
      label: 'animal',
      school: row.label,
      chosen: row.id === customs.animalSchool,
      cells: row,
      source: row.source,
    })),
    ...VIRTUE_SCHOOLS.filter(
      (row) => row.id !== 'own' || Object.values(customs.ownVirtues).some((word) => word !== ''),
    ).map((row) => ({
      label: 'virtue',
      school: row.label,
      chosen: row.id === customs.virtueSchool,
      cells: row.id === 'own' ? customs.ownVirtues : row,
      source: row.source,
    })),
    ...SOUND_SCHOOLS.map((row) => ({
      label: 'sound of the yin organ',
      school: row.label,
      chosen: row.id === customs.soundSchool,
      cells: recordOf(PHASE_IDS, (phase) => {
        const organ = SEASON_SOUND_ORGAN[phase];
        return [row[organ], soundHanzi(organ, row.id)].filter(Boolean).join(' ');
      }),
      source: row.source,
    })),
  ];
}

/** The table of correspondences, schools side by side, each row with its source. */
export function Correspondences({ customs }: { customs: Customs }) {
  const rows = rowsFor(customs);
  return (
    <section aria-labelledby="correspondences">
      <h2 id="correspondences">Correspondences</h2>
      <p className="quiet my-1 max-w-[60ch]">
        Where schools differ, each has its row; the one of your customs is in bold. The{' '}
        <Link className="press-plain" href="/forms/sounds">
          sounds
        </Link>{' '}
        in full, and{' '}
        <Link className="press-plain" href="/forms/breaths">
          the breaths
        </Link>
        , lie beside the forms.
      </p>
      <div className="overflow-x-auto" tabIndex={0} role="region" aria-label="Table of correspondences">
        <table className="w-full min-w-[56rem] text-left">
          <thead>
            <tr className="border-b border-ink">
              <th className="caption py-0.5">of the phase</th>
              {PHASE_IDS.map((phase) => (
                <th key={phase} className="px-2 font-normal">
                  <PhaseMark phase={phase} withName />
                </th>
              ))}
              <th className="caption pl-2">source</th>
            </tr>
          </thead>
          <tbody>
            {(['yin', 'yang'] as const).map((polarity) => (
              <tr key={polarity} className="border-b border-hairline align-baseline">
                <th className="py-0.5 font-medium">{polarity} organs</th>
                {PHASE_IDS.map((phase) => (
                  <td key={phase} className="px-2">
                    {organsOf(phase)
                      .filter((row) => row.polarity === polarity)
                      .map((row) => (
                        <span key={row.id} className="block">
                          <OrganName id={row.id} />
                        </span>
                      ))}
                  </td>
                ))}
                <td className="quiet small pl-2">{sourceTitle('ling-shu-2')}</td>
              </tr>
            ))}
            {rows.map((row) => (
              <tr
                key={`${row.label}-${row.school ?? ''}`}
                className={`border-b border-hairline align-baseline ${row.chosen ? 'font-bold' : ''}`}
              >
                <th className="max-w-[14rem] py-0.5 pr-2 font-medium">
                  {row.label}
                  {row.school !== undefined && (
                    <span className="quiet small block font-normal">
                      {row.school}
                      {row.chosen && ' · your custom'}
                    </span>
                  )}
                </th>
                {PHASE_IDS.map((phase) => (
                  <td key={phase} className="px-2">
                    {row.cells[phase] ?? '–'}
                  </td>
                ))}
                <td className="quiet small pl-2 font-normal">{sourceTitle(row.source)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <div className="small mt-3 grid gap-x-10 gap-y-2 sm:grid-cols-2">
        <div>
          <h3 className="caption">When the seasons begin, by school</h3>
          {SEASON_SCHOOLS.map((school) => (
            <p key={school.id} className={school.id === customs.seasonSchool ? 'font-bold' : ''}>
              {school.label} <span className="quiet font-normal">({sourceTitle(school.source)})</span>
            </p>
          ))}
        </div>
        <div>
          <h3 className="caption">When earth rules, by school</h3>
          {EARTH_SCHOOLS.map((school) => (
            <p key={school.id} className={school.id === customs.earthSchool ? 'font-bold' : ''}>
              {school.label} <span className="quiet font-normal">({sourceTitle(school.source)})</span>
            </p>
          ))}
        </div>
      </div>
    </section>
  );
}
