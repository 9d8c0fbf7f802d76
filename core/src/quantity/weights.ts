/** A gallon of water, pounds (NIST Handbook 44, at 62 °F). */
export const WATER = 8.34
