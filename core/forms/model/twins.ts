import type { Form } from './model';

/**
 * What makes two forms near-twins: of one family, for the same organs, reaching the same channels in the same
 * way, at one pace and from one stance (common practice). Forms for no organ in particular have none.
 */
export const twinKind = (form: Form): string | undefined =>
  form.organs.length === 0
    ? undefined
    : [
        form.family,
        form.organs.toSorted(),
        form.channels.map(({ channel, how }) => `${channel} ${how}`).toSorted(),
        form.pace,
        form.stance.start,
      ].join('/');
