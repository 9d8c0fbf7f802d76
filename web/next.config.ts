import type { NextConfig } from 'next'

const config: NextConfig = {
  transpilePackages: ['@hitchet/core'],
  serverExternalPackages: ['sequelize', 'mariadb', 'umzug', 'piscina', '@node-rs/argon2', 'pino'],
  poweredByHeader: false,
  devIndicators: false,
}

export default config
