/**
 * What was asked for is not right, and nothing was done. Each flaw names the place, the value and what would be
 * right.
 */
export class Refused extends Error {
  constructor(
    says: string,
    readonly flaws: string[] = [],
    /**
     * HTTP's word for it: the form is wrong (400), it is not there (404), another is there (409), it is too
     * large (413), the content is wrong (422), too often (429).
     */
    readonly status: 400 | 401 | 403 | 404 | 409 | 413 | 422 | 429 = 422,
  ) {
    super(says)
    this.name = 'Refused'
  }
}

/** A document in which something is not right. */
export const flawed = (flaws: string[]): Refused =>
  new Refused('Nothing was saved: something in it is not right.', flaws)
