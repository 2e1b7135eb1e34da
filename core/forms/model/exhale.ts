import type { BreathRoute } from '../../breath';
import type { Form } from './model';
import type { Role } from './roles';

/**
 * The way an exhale should go in a section, by the user's custom: out by the mouth to clear, by the nose to
 * nourish, or always by the nose (common practice; schools differ). Nothing where the section asks for neither,
 * where nothing is breathed out, or where a sound has a way of its own.
 */
export function exhaleWanted(form: Form, role: Role, custom: 'by-purpose' | 'nose'): BreathRoute | undefined {
  if (form.soundOrgan || !form.cycle.some(({ breath }) => breath === 'out')) return undefined;
  if (custom === 'nose' || role === 'nourish') return 'nose';
  return role === 'clear' ? 'mouth' : undefined;
}
