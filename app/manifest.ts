import type { MetadataRoute } from 'next';

/** How a device that installs it knows it (the Web Application Manifest of the W3C). */
export default function manifest(): MetadataRoute.Manifest {
  return {
    id: '/',
    name: 'Navuren',
    short_name: 'Navuren',
    description: 'Design, check, lead and log qigong practices.',
    start_url: '/',
    scope: '/',
    display: 'standalone',
    background_color: '#f5efe3',
    theme_color: '#f5efe3',
    icons: [
      { src: '/icon.svg', sizes: 'any', type: 'image/svg+xml' },
      { src: '/icon-192.png', sizes: '192x192', type: 'image/png' },
      { src: '/icon-512.png', sizes: '512x512', type: 'image/png', purpose: 'maskable' },
    ],
  };
}
