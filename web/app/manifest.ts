import type { MetadataRoute } from 'next'

/** What a tablet needs to put it beside its other applications. */
export default function manifest(): MetadataRoute.Manifest {
  return {
    name: 'Hitchet',
    short_name: 'Hitchet',
    description: 'Match a household to a trailer in stock',
    start_url: '/',
    display: 'standalone',
    background_color: '#f3f1ea',
    theme_color: '#f3f1ea',
    icons: [{ src: '/icon.svg', sizes: 'any', type: 'image/svg+xml', purpose: 'any' }],
  }
}
