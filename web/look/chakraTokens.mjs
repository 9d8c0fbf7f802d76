// Chakra gives its tokens out only together with all its recipes (`@chakra-ui/react/theme` builds its whole look as it
// is read), so they are taken from where they lie. What moves there in a newer Chakra fails the build, never a screen.
export { breakpoints } from '../../node_modules/@chakra-ui/react/dist/esm/theme/breakpoints.js'
export { globalCss } from '../../node_modules/@chakra-ui/react/dist/esm/theme/global-css.js'
export { layerStyles } from '../../node_modules/@chakra-ui/react/dist/esm/theme/layer-styles.js'
export { animationStyles } from '../../node_modules/@chakra-ui/react/dist/esm/theme/motion-styles.js'
export { textStyles } from '../../node_modules/@chakra-ui/react/dist/esm/theme/text-styles.js'
export { keyframes } from '../../node_modules/@chakra-ui/react/dist/esm/theme/tokens/keyframes.js'
import { semanticColors } from '../../node_modules/@chakra-ui/react/dist/esm/theme/semantic-tokens/colors.js'
import { semanticRadii } from '../../node_modules/@chakra-ui/react/dist/esm/theme/semantic-tokens/radii.js'
import { semanticShadows } from '../../node_modules/@chakra-ui/react/dist/esm/theme/semantic-tokens/shadows.js'
import { animations } from '../../node_modules/@chakra-ui/react/dist/esm/theme/tokens/animations.js'
import { aspectRatios } from '../../node_modules/@chakra-ui/react/dist/esm/theme/tokens/aspect-ratios.js'
import { blurs } from '../../node_modules/@chakra-ui/react/dist/esm/theme/tokens/blurs.js'
import { borders } from '../../node_modules/@chakra-ui/react/dist/esm/theme/tokens/borders.js'
import { colors } from '../../node_modules/@chakra-ui/react/dist/esm/theme/tokens/colors.js'
import { cursor } from '../../node_modules/@chakra-ui/react/dist/esm/theme/tokens/cursor.js'
import { durations } from '../../node_modules/@chakra-ui/react/dist/esm/theme/tokens/durations.js'
import { easings } from '../../node_modules/@chakra-ui/react/dist/esm/theme/tokens/easings.js'
import { fontSizes } from '../../node_modules/@chakra-ui/react/dist/esm/theme/tokens/font-sizes.js'
import { fontWeights } from '../../node_modules/@chakra-ui/react/dist/esm/theme/tokens/font-weights.js'
import { fonts } from '../../node_modules/@chakra-ui/react/dist/esm/theme/tokens/fonts.js'
import { letterSpacings } from '../../node_modules/@chakra-ui/react/dist/esm/theme/tokens/letter-spacing.js'
import { lineHeights } from '../../node_modules/@chakra-ui/react/dist/esm/theme/tokens/line-heights.js'
import { radii } from '../../node_modules/@chakra-ui/react/dist/esm/theme/tokens/radius.js'
import { sizes } from '../../node_modules/@chakra-ui/react/dist/esm/theme/tokens/sizes.js'
import { spacing } from '../../node_modules/@chakra-ui/react/dist/esm/theme/tokens/spacing.js'
import { zIndices } from '../../node_modules/@chakra-ui/react/dist/esm/theme/tokens/z-indices.js'

export const tokens = {
  aspectRatios,
  animations,
  blurs,
  borders,
  colors,
  durations,
  easings,
  fonts,
  fontSizes,
  fontWeights,
  letterSpacings,
  lineHeights,
  radii,
  spacing,
  sizes,
  zIndex: zIndices,
  cursor,
}
export const semanticTokens = { colors: semanticColors, shadows: semanticShadows, radii: semanticRadii }
