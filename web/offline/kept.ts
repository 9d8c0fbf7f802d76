/** Names of what the service worker keeps, and of what it is told. */
export const PAGES = 'pages'
export const STATIC = 'parts'
export const KEEP = 'keep'
/** What is shown without a line in place of a page that was never opened on this device. */
export const NEVER_OPENED = '/not-here'
/** The name under which a page that comes from the device says since when it was there. */
export const KEPT_SINCE = 'hitchet-kept-since'
export const WORKER = '/service-worker.js'
