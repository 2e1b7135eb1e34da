import type { ReactNode } from 'react';

/** Chinese in Latin letters with its tones, told to whoever reads it aloud. */
export const Pinyin = ({ children }: { children: ReactNode }) => (
  <span lang="zh-Latn-pinyin">{children}</span>
);
