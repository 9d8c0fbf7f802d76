import { NextResponse, type NextRequest } from 'next/server'

/**
 * Nothing is loaded from, sent to or framed by another site, and of scripts only those run that this page was sent with. Styles
 * are inline (Emotion). Sources served as they are need `eval`.
 */
const policy = (nonce: string): string =>
  [
    "default-src 'self'",
    `script-src 'self' 'nonce-${nonce}'${process.env.NODE_ENV === 'development' ? " 'unsafe-eval'" : ''}`,
    "style-src 'self' 'unsafe-inline'",
    "img-src 'self' data: blob:",
    "worker-src 'self' blob:",
    "frame-ancestors 'none'",
    "base-uri 'self'",
    "form-action 'self'",
    "object-src 'none'",
  ].join('; ')

/** For every page: which scripts are its own. Next writes the same number into those that it makes. */
export function proxy(request: NextRequest): NextResponse {
  const nonce = crypto.randomUUID().replaceAll('-', '')
  const headers = new Headers(request.headers)
  headers.set('x-nonce', nonce)
  headers.set('content-security-policy', policy(nonce))
  const response = NextResponse.next({ request: { headers } })
  response.headers.set('content-security-policy', policy(nonce))
  return response
}

export const config = { matcher: '/((?!_next/|api/|service-worker.js|icon.svg|manifest.webmanifest).*)' }
