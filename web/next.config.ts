import type { NextConfig } from 'next'

const config: NextConfig = {
  transpilePackages: ['@hitchet/core'],
  serverExternalPackages: [
    'sequelize',
    'mariadb',
    'umzug',
    'piscina',
    '@node-rs/argon2',
    'pino',
    'qrcode',
    // Forty thousand words.
    '@zxcvbn-ts/core',
    '@zxcvbn-ts/language-common',
  ],
  poweredByHeader: false,
  devIndicators: false,
  headers: async () => [
    {
      source: '/:path*',
      headers: [
        { key: 'X-Content-Type-Options', value: 'nosniff' },
        { key: 'Referrer-Policy', value: 'same-origin' },
      ],
    },
    {
      // Files and data: whatever stands in them runs nothing. Pages have their own policy (`proxy.ts`).
      source: '/api/:path*',
      headers: [
        {
          key: 'Content-Security-Policy',
          value: "default-src 'none'; style-src 'unsafe-inline'; img-src data:; frame-ancestors 'none'",
        },
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
