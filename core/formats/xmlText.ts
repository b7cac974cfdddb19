/** Characters that XML 1.0 has no way to write (production 2), lone halves of pairs among them. */
const NONE =
  // eslint-disable-next-line no-control-regex
  /[\u0000-\u0008\u000b\u000c\u000e-\u001f\ufffe\uffff]|[\ud800-\udbff](?![\udc00-\udfff])|(?<![\ud800-\udbff])[\udc00-\udfff]/g

/** Text as XML can hold it: what it cannot is shown as the sign for a character that is missing. */
export const xmlText = (text: string): string => text.replace(NONE, '\ufffd')
