import type { NextConfig } from 'next'

/** Nothing is loaded from, sent to or framed by another site. Styles and Next's own start-up scripts are inline. */
const POLICY = [
  "default-src 'self'",
  "script-src 'self' 'unsafe-inline'",
  "style-src 'self' 'unsafe-inline'",
  "img-src 'self' data: blob:",
  "worker-src 'self' blob:",
  "frame-ancestors 'none'",
  "base-uri 'self'",
  "form-action 'self'",
  "object-src 'none'",
].join('; ')

const config: NextConfig = {
  transpilePackages: ['@hitchet/core'],
  serverExternalPackages: ['sequelize', 'mariadb', 'umzug', 'piscina', '@node-rs/argon2'],
  poweredByHeader: false,
  devIndicators: false,
  headers: async () => [
    {
      source: '/:path*',
      headers: [
        { key: 'Content-Security-Policy', value: POLICY },
        { key: 'X-Content-Type-Options', value: 'nosniff' },
        { key: 'Referrer-Policy', value: 'same-origin' },
      ],
    },
    {
      // What is handed out by a link is found and kept by nobody else.
      source: '/at-home/:path*',
      headers: [
        { key: 'X-Robots-Tag', value: 'noindex, nofollow' },
        { key: 'Referrer-Policy', value: 'no-referrer' },
      ],
    },
  ],
}

export default config
