/** The fields that are there: `{ a: 1, b: undefined }` becomes `{ a: 1 }`, as JSON has it. */
export type Defined<Value> = { [Key in keyof Value]: Exclude<Value[Key], undefined> };

export const defined = <Value extends object>(value: Value): Defined<Value> =>
  Object.fromEntries(Object.entries(value).filter(([, entry]) => entry !== undefined)) as Defined<Value>;
