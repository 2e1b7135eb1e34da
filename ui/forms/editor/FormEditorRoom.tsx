'use client';

import dynamic from 'next/dynamic';

/** The editor brings the body and the points with it: the page answers before all of it is there. */
export const FormEditorRoom = dynamic(async () => (await import('./FormEditor')).FormEditor);
