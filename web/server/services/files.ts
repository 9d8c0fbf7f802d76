/** A document as a download, its name made of letters, digits and dashes. */
export function fileResponse(name: string, text: string): Response {
  const safe = name.toLowerCase().replace(/[^a-z0-9]+/g, '-').replace(/^-|-$/g, '') || 'document'
  return new Response(text, { headers: { 'content-type': 'application/json; charset=utf-8', 'content-disposition': `attachment; filename="${safe}.json"` } })
}
