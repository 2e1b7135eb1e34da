import { organ, organsOf, type OrganId, type PhaseId } from '../phases';

export type Theme =
  { readonly kind: 'phase'; readonly phase: PhaseId } | { readonly kind: 'organ'; readonly organ: OrganId };

export const INTENTS = ['nourish', 'clear', 'clear-then-nourish', 'move', 'calm'] as const;
export type Intent = (typeof INTENTS)[number];

/** The phase a theme belongs to. */
export const themePhase = (theme: Theme): PhaseId =>
  theme.kind === 'phase' ? theme.phase : organ(theme.organ).phase;

/** The organs a theme speaks of: one organ, or all of a phase. */
export const themeOrgans = (theme: Theme): readonly OrganId[] =>
  theme.kind === 'organ' ? [theme.organ] : organsOf(theme.phase).map((row) => row.id);
