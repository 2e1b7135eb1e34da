import type { LessonStep } from '@/core/practice';

/** The steps of a lesson, as they stand beside a form's name. */
export const LESSON_NAMES = {
  show: 'shown',
  parts: 'in parts',
  drill: 'drilled',
  mistakes: 'put right',
  whole: 'the whole',
} as const satisfies Record<LessonStep, string>;
