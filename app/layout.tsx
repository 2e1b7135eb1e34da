import type { Metadata, Viewport } from 'next';
import { cookies, headers } from 'next/headers';
import type { ReactNode } from 'react';
import '@/ui/kit/fontFaces';
import './globals.css';
import { EVERYWHERE, preloadFaces } from './preloadFaces';
import { VEILED } from '@/core/people/veil';
import { readCustoms } from '@/server/customs';
import { ofTheHouse } from '@/server/access/asking';
import { OWNER } from '@/server/sql';
import { buildId } from '@/server/build';
import { isVeiled } from '@/server/veil';
import { ChoicesHere } from '@/ui/kit/ChoicesHere';
import { FacesStart } from '@/ui/kit/FacesStart';
import { FocusKeeper } from '@/ui/kit/FocusKeeper';
import { SaidProvider } from '@/ui/kit/Said';
import { chosenHere } from '@/ui/kit/chosenHere';
import { OfflineStart } from '@/ui/kit/OfflineStart';
import { StyleNonce } from '@/ui/kit/StyleNonce';

/** Everything here reads the practitioner's own data: nothing may be made at build time. */
export const dynamic = 'force-dynamic';

export const metadata: Metadata = {
  title: { default: 'Navuren', template: '%s · Navuren' },
  description: 'Design, check, lead and log qigong practices.',
};

export const viewport: Viewport = { width: 'device-width', initialScale: 1 };

export default async function RootLayout({ children }: { children: ReactNode }) {
  const chosen = await cookies();
  const light = chosen.get('navuren-light')?.value === 'lamp' ? 'lamp' : 'day';
  const contrast = chosen.get('navuren-contrast')?.value === 'more' ? { 'data-contrast': 'more' } : {};
  const veiled = await isVeiled();
  const veil = veiled ? { 'data-veil': VEILED } : {};
  const open = await ofTheHouse();
  const { figure, region } = await readCustoms(open);
  // Whose page it is, for what this browser keeps (ui/kit/keep.ts).
  const whose = open.teacherId === OWNER ? {} : { 'data-teacher': open.teacherId };
  // Also for what this server draws and writes itself.
  chosenHere({ figure, region });
  preloadFaces(EVERYWHERE);
  const build = buildId();
  const nonce = (await headers()).get('x-nonce') ?? '';
  return (
    <html lang="en" data-light={light} {...contrast} {...veil} {...whose}>
      <body>
        <StyleNonce nonce={nonce} />
        <FacesStart nonce={nonce} />
        {build !== undefined && <OfflineStart build={build} nonce={nonce} forgets={veiled} />}
        <ChoicesHere chosen={{ figure, region }} />
        <FocusKeeper />
        <SaidProvider>{children}</SaidProvider>
      </body>
    </html>
  );
}
