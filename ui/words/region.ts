import { LENGTH_UNITS, USUAL_REGION, type Region } from '@/core/customs/region';
import { askedFor } from '@/ui/kit/askedFor';

/** How dates, hours and lengths are written: one's own choice, the same in every room, set once as a page is made. */
export const { now: regionNow, choose: writeAsIn } = askedFor<Region>('region', USUAL_REGION);

const unit = (): (typeof LENGTH_UNITS)[number] =>
  LENGTH_UNITS.find(({ id }) => id === regionNow().length) ?? LENGTH_UNITS[0];

/** The sign of the unit lengths are written and typed in. */
export const lengthSign = (): string => unit().sign;
/** The unit's name, for a sentence: "centimetres". */
export const lengthName = (): string => unit().label;

/** A length, cm, as a number of that unit. */
export const lengthText = (cm: number, digits: number): string => (cm / unit().cm).toFixed(digits);
/** A number of that unit as cm. */
export const cmOfLength = (length: number): number => length * unit().cm;

/** A length with its unit, as it is said: "12 cm", "4.7 in". `digits` are of centimetres; inches always have a tenth. */
export const lengthOf = (cm: number, digits = 0): string =>
  `${lengthText(cm, unit().id === 'cm' ? digits : 1)} ${unit().sign}`;
