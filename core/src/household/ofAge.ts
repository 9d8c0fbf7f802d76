/**
 * Of age, years: who is younger is a child to words and growth tables. Never a rule: the law's. From which age somebody needs an
 * adult's bed is one (`nights.adultFrom`).
 */
export const OF_AGE = 18
