/** The sentences of a text, without their stops. */
export const sentencesOf = (text: string): readonly string[] =>
  text
    .split(/[.!?…]+/u)
    .map((one) => one.trim())
    .filter((one) => one !== '');

const NOT = /\b(?:never|not|no|nor|without|nothing|nobody|don['’]t|doesn['’]t|instead of|rather than)\b/i;
/** Whether a clause says of something that it is not done. */
export const isDenied = (clause: string): boolean => NOT.test(clause);
