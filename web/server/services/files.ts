const KINDS = { json: 'application/json', svg: 'image/svg+xml', dxf: 'application/dxf' } as const

/** A document as a download, its name made of letters, digits and dashes. */
export function fileResponse(name: string, text: string, kind: keyof typeof KINDS = 'json'): Response {
  const safe =
    name
      .toLowerCase()
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^-|-$/g, '') || 'document'
  return new Response(text, {
    headers: {
      'content-type': `${KINDS[kind]}; charset=utf-8`,
      'content-disposition': `attachment; filename="${safe}.${kind}"`,
    },
  })
}
