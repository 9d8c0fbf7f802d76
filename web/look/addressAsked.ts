/** A path and what is behind its `?`, such as `/yard/T-118?time=night`. */
export type Address = string

/**
 * What the address is to be, while the router is still on its way to it.
 *
 * The router takes a new address in two steps: the browser shows it at once, the page takes it a moment later
 * and then writes it into the browser once more. Whoever presses three keys in that moment sees the browser go back
 * to the first of them for an instant, and a change that starts from the browser's address then loses the second.
 * So the next change starts from the last that was asked, until the router has come to it or has gone elsewhere.
 */
export class AddressAsked {
  private readonly onTheirWay: Address[] = []

  ask(address: Address) {
    this.onTheirWay.push(address)
  }

  /** The router shows this: what was asked before it is done; if nobody asked for it, somebody went elsewhere. */
  shown(address: Address) {
    const came = this.onTheirWay.indexOf(address)
    this.onTheirWay.splice(0, came < 0 ? this.onTheirWay.length : came + 1)
  }

  /** Where the next change starts from; `browser` is what the browser shows. */
  latest(browser: Address): Address {
    return this.onTheirWay.at(-1) ?? browser
  }
}
