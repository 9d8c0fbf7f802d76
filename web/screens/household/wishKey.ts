/** What a wish is about, as one text. */
export const keyOf = ({ feature, is = '' }: { feature: string; is?: string }): string => `${feature}=${is}`
