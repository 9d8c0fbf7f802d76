/**
 * Room around a drawn plan for the coupler's ring and for the steps below the door, inches. By itself: a list that only shows
 * pictures of plans does not load what plans are made of.
 */
export const MARGIN = 5
