import type { Form } from '@/core/forms';

export interface FactsProps {
  readonly form: Form;
  readonly onChange: (what: string, make: (form: Form) => Form) => void;
}

/** Sets one fact of a form; a run of presses in it is one step. */
export const setter =
  ({ onChange }: FactsProps) =>
  <Key extends keyof Form>(key: Key, value: Form[Key]): void =>
    onChange(key, (now) => ({ ...now, [key]: value }));

/** Takes a fact away that need not be there. */
export const dropper =
  ({ onChange }: FactsProps) =>
  (key: 'pinyin' | 'hanzi' | 'route'): void =>
    onChange(key, ({ [key]: _gone, ...rest }) => rest as Form);
