import { mergeConfigs } from '@chakra-ui/react/styled-system'
import { defaultBaseConfig } from '@chakra-ui/react/preset-base'
import {
  alertSlotRecipe,
  buttonRecipe,
  checkboxSlotRecipe,
  checkmarkRecipe,
  dialogSlotRecipe,
  fieldSlotRecipe,
  fileUploadSlotRecipe,
  headingRecipe,
  iconRecipe,
  inputAddonRecipe,
  inputRecipe,
  kbdRecipe,
  linkRecipe,
  listSlotRecipe,
  menuSlotRecipe,
  nativeSelectSlotRecipe,
  popoverSlotRecipe,
  separatorRecipe,
  spinnerRecipe,
  tableSlotRecipe,
  textareaRecipe,
} from '@chakra-ui/react/theme'
import * as own from './chakraTokens.mjs'

/**
 * Chakra's own look, with the recipes of those parts only that are used here: all 75 of them are 16 kB more on every page.
 * A part whose recipe is missing stands there bare, so a test holds this list against what the screens import.
 */
export const chakraBase = mergeConfigs(defaultBaseConfig, {
  preflight: true,
  cssVarsRoot: ':where(html, .chakra-theme)',
  globalCss: own.globalCss,
  theme: {
    breakpoints: own.breakpoints,
    keyframes: own.keyframes,
    tokens: own.tokens,
    semanticTokens: own.semanticTokens,
    textStyles: own.textStyles,
    layerStyles: own.layerStyles,
    animationStyles: own.animationStyles,
    recipes: {
      button: buttonRecipe,
      checkmark: checkmarkRecipe,
      heading: headingRecipe,
      icon: iconRecipe,
      input: inputRecipe,
      inputAddon: inputAddonRecipe,
      kbd: kbdRecipe,
      link: linkRecipe,
      separator: separatorRecipe,
      spinner: spinnerRecipe,
      textarea: textareaRecipe,
    },
    slotRecipes: {
      alert: alertSlotRecipe,
      checkbox: checkboxSlotRecipe,
      dialog: dialogSlotRecipe,
      field: fieldSlotRecipe,
      fileUpload: fileUploadSlotRecipe,
      list: listSlotRecipe,
      menu: menuSlotRecipe,
      nativeSelect: nativeSelectSlotRecipe,
      popover: popoverSlotRecipe,
      table: tableSlotRecipe,
    },
  },
})
