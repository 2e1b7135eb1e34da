/** A statement with its values bound, never spliced in. */
export interface Statement {
  readonly text: string;
  readonly values: readonly unknown[];
}

/** Builds a statement: every interpolated value becomes a parameter. */
export function sql(parts: TemplateStringsArray, ...values: readonly unknown[]): Statement {
  return { text: parts.reduce((text, part, index) => `${text}$${index}${part}`), values };
}
