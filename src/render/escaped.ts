/** A text as it stands between the tags of any markup. */
export const escapedMarkup = (text: string): string =>
  text.replaceAll("&", "&amp;").replaceAll("<", "&lt;").replaceAll(">", "&gt;");
