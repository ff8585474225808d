/** Four widths at which the page is laid out otherwise; nothing else asks for a width of its own. */
const PHONE_WIDTH = 560;
const NARROW_WIDTH = 760;
const MEDIUM_WIDTH = 1000;

export const PHONE = `@media (max-width: ${PHONE_WIDTH}px)`;
/** What stands side by side stands below one another. */
export const NARROW = `@media (max-width: ${NARROW_WIDTH}px)`;
/** A tablet, or half a screen: panels go below. */
export const MEDIUM = `@media (max-width: ${MEDIUM_WIDTH}px)`;
/** Less than this has no room for everything beside the views of a dance. */
export const WIDE = '@media (max-width: 1400px)';
export const IS_PHONE = `(max-width: ${PHONE_WIDTH}px)`;
export const IS_MEDIUM = `(max-width: ${MEDIUM_WIDTH}px)`;
export const IS_NARROW = `(max-width: ${NARROW_WIDTH}px)`;
export const PHONE_SCREEN = `@media screen and (max-width: ${PHONE_WIDTH}px)`;
