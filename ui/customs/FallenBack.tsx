import Link from 'next/link';
import type { Customs } from '@/core/customs';

const NAMES: Partial<Record<keyof Customs, string>> = {
  place: 'place and time zone',
  seasonSchool: 'where seasons begin',
  earthSchool: 'when earth rules',
  hours: 'organ hours',
  animalSchool: 'animals',
  virtueSchool: 'virtues',
  soundSchool: 'healing sounds',
  strengths: 'what the composer weighs',
};

/** Says what of the stored customs could not be read and stands at its usual value until it is saved again. */
export function FallenBack({
  fields,
  elsewhere = false,
}: {
  readonly fields: readonly (keyof Customs)[];
  /** Shown in another room, with the way to Customs. */
  readonly elsewhere?: boolean;
}) {
  if (fields.length === 0) return null;
  const said = fields.map((field) => NAMES[field] ?? field).join(', ');
  return (
    <p role="status" className="should mb-4">
      What was kept of your customs cannot be read for: {said}. The usual is taken there instead
      {elsewhere ? (
        <>
          ; <Link href="/customs">look it over in Customs</Link>.
        </>
      ) : (
        '; look it over, it is kept as soon as you change something.'
      )}
    </p>
  );
}
