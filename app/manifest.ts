import type { MetadataRoute } from 'next';

/** What a phone needs to know to put the application beside its others. */
export default function manifest(): MetadataRoute.Manifest {
  return {
    id: '/start',
    name: 'Early Thaw',
    short_name: 'Early Thaw',
    description: 'Plans a deep clean of a whole home and carries it through.',
    lang: 'en',
    start_url: '/start',
    scope: '/',
    display: 'standalone',
    background_color: '#f2f5f3',
    theme_color: '#0f2a33',
    categories: ['lifestyle', 'productivity'],
    icons: [
      { src: '/icons/icon-192.png', sizes: '192x192', type: 'image/png', purpose: 'any' },
      { src: '/icons/icon-512.png', sizes: '512x512', type: 'image/png', purpose: 'any' },
      { src: '/icons/maskable-192.png', sizes: '192x192', type: 'image/png', purpose: 'maskable' },
      { src: '/icons/maskable-512.png', sizes: '512x512', type: 'image/png', purpose: 'maskable' },
    ],
    shortcuts: [
      { name: 'Today', url: '/day' },
      { name: 'To buy', url: '/supplies' },
      { name: 'A little today', url: '/almanac/today' },
    ],
  };
}
