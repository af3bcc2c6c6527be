/** Spaces, line breaks, and signs that steer a machine or are none. */
const NO_SIGNS = /[\s\p{Cc}\p{Cs}\ufffe\uffff]+/gu;

/** Text on one line, whatever was typed or pasted: a line break would end the place of a file that it stands in. */
export const oneLine = (text: string): string => text.replace(NO_SIGNS, " ").trim();
