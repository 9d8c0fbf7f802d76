/** Names of what the service worker keeps, and of what it is told. */
export const PAGES = 'pages'
export const STATIC = 'parts'
export const KEEP = 'keep'
/** What is shown without a line in place of a page that was never opened on this device. */
export const NEVER_OPENED = '/not-here'
/** The name under which a page that comes from the device says since when it was there. */
export const KEPT_SINCE = 'hitchet-kept-since'
/** The name under which a page says until when it may be opened without a line: as long as who it was made for is signed in. */
export const KEPT_UNTIL = 'hitchet-kept-until'
/** Tells the service worker that nothing of what was seen stays; it answers once that is so. */
export const FORGET = 'forget'
export const WORKER = '/service-worker.js'
